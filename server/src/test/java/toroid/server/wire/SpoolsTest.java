package toroid.server.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class SpoolsTest extends ApiTest {
    private static Map<String, Object> copper(String name, double diameterMm) {
        return Map.of(
                "name",
                name,
                "metal",
                "copper",
                "temper",
                "HARD",
                "wireDiameterMm",
                diameterMm,
                "lengthLeftMm",
                5000,
                "note",
                "");
    }

    @Test
    void anEditNeedsTheVersionItSaw() {
        UUID id = UUID.randomUUID();
        Answer first = keep("/api/spools", id, null, copper("First", 1));
        assertThat(first.status()).isEqualTo(200);
        int version = first.at("/version").asInt();
        assertThat(keep("/api/spools", id, version, copper("Mine", 1)).status()).isEqualTo(200);
        Answer late = keep("/api/spools", id, version, copper("Theirs", 1));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.at("/code").asText()).isEqualTo("changed-elsewhere");
        assertThat(late.at("/current/data/name").asText()).isEqualTo("Mine");
        assertThat(read("/api/spools/" + id).at("/data/name").asText()).isEqualTo("Mine");
    }

    @Test
    void theSameEditSentTwiceIsOneEdit() {
        UUID id = UUID.randomUUID();
        int version =
                keep("/api/spools", id, null, copper("Once", 1)).at("/version").asInt();
        Answer once = keep("/api/spools", id, version, copper("Twice", 1));
        Answer twice = keep("/api/spools", id, version, copper("Twice", 1));
        assertThat(twice.status()).isEqualTo(200);
        assertThat(twice.at("/version")).isEqualTo(once.at("/version"));
    }

    @Test
    void ofManyAtOnceOneWinsAndTheOthersAreTold() throws Exception {
        UUID id = UUID.randomUUID();
        int version =
                keep("/api/spools", id, null, copper("Start", 1)).at("/version").asInt();
        var pool = Executors.newFixedThreadPool(6);
        try {
            var edits = java.util.stream.IntStream.range(0, 6)
                    .mapToObj(i -> (Callable<Integer>) () -> keep("/api/spools", id, version, copper("Edit " + i, 1))
                            .status())
                    .toList();
            var answers = pool.invokeAll(edits).stream().map(f -> {
                try {
                    return f.get();
                } catch (Exception failure) {
                    throw new IllegalStateException(failure);
                }
            });
            assertThat(answers).containsOnly(200, 409).containsOnlyOnce(200);
        } finally {
            pool.shutdown();
        }
    }

    @Test
    void whatIsTakenAwayCanBeBroughtBack() {
        UUID id = UUID.randomUUID();
        int version =
                keep("/api/spools", id, null, copper("Gone", 1)).at("/version").asInt();
        assertThat(takeAway("/api/spools", id, version + 5).status()).isEqualTo(409);
        assertThat(takeAway("/api/spools", id, version).at("/deleted").asBoolean())
                .isTrue();
        assertThat(read("/api/spools").body().findValuesAsText("id")).doesNotContain(id.toString());
        assertThat(tell("/api/spools/" + id + "/restore", Map.of())
                        .at("/data/name")
                        .asText())
                .isEqualTo("Gone");
        assertThat(read("/api/spools").body().findValuesAsText("id")).contains(id.toString());
    }

    @Test
    void badWireIsRefusedAndNothingIsKept() {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/spools", id, null, copper("Rope", 40))
                        .at("/field")
                        .asText())
                .isEqualTo("wireDiameterMm");
        assertThat(keep("/api/spools", id, null, copper(" ", 1)).at("/code").asText())
                .isEqualTo("bad-name");
        assertThat(keep("/api/spools", id, null, copper("x".repeat(200), 1)).status())
                .isEqualTo(400);
        assertThat(keep("/api/spools", id, null, copper("a\u0000b", 1))
                        .at("/code")
                        .asText())
                .isEqualTo("bad-character");
        var spring = new java.util.HashMap<>(copper("Spring copper", 1));
        spring.put("temper", "SPRING");
        assertThat(keep("/api/spools", id, null, spring).at("/code").asText()).isEqualTo("temper-not-kept");
        assertThat(keep("/api/spools", id, null, null).status()).isEqualTo(400);
        assertThat(read("/api/spools/" + id).status()).isEqualTo(404);
        assertThat(read("/api/spools/not-an-id").at("/code").asText()).isEqualTo("unreadable-value");
    }

    /** m = ρ π d²/4 L: 1 m of 1 mm copper (8.94 g/cm³) is 7.021 g. */
    @Test
    void weighing() {
        Answer weighed = tell("/api/spools/weigh", Map.of("metal", "copper", "wireDiameterMm", 1.0, "massG", 70.215));
        assertThat(weighed.number("lengthMm")).isCloseTo(10_000, within(1.0));
        assertThat(weighed.at("/names/awg/name").asText()).isEqualTo("18 AWG");
        assertThat(tell("/api/spools/weigh", Map.of("metal", "copper", "wireDiameterMm", 1.0, "massG", -1))
                        .status())
                .isEqualTo(400);
    }
}
