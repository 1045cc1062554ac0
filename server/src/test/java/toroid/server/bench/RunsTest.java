package toroid.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class RunsTest extends ApiTest {
    private UUID kept(Map<String, Object> job) {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/ring-jobs", id, null, job).status()).isEqualTo(200);
        return id;
    }

    private Answer start(UUID job) {
        return tell("/api/ring-jobs/" + job + "/runs", Map.of());
    }

    private Answer progress(Answer run, int step, Map<String, Integer> counts) {
        return keep(
                "/api/runs",
                UUID.fromString(run.at("/id").asText()),
                run.at("/version").asInt(),
                Map.of("step", step, "counts", counts, "note", ""));
    }

    @Test
    void aRunKeepsItsPlaceAndItsPlan() {
        UUID job = kept(job(spool("copper", "HALF_HARD", 1.0, 50_000), 5, 40));
        Answer run = start(job);
        assertThat(run.at("/data/plan/steps")).hasSize(7);
        Answer cutting = progress(run, 4, Map.of("4", 17));
        assertThat(cutting.status()).isEqualTo(200);
        Answer again = start(job);
        assertThat(again.at("/id")).isEqualTo(run.at("/id"));
        assertThat(again.at("/data/counts/4").asInt()).isEqualTo(17);
        // The job changes; the plan being made does not.
        var other = job(null, 8, 40);
        int version = read("/api/ring-jobs/" + job).at("/version").asInt();
        keep("/api/ring-jobs", job, version, other);
        assertThat(read("/api/runs/" + run.at("/id").asText())
                        .at("/data/plan/sizes/mandrelDiameterMm")
                        .asDouble())
                .isEqualTo(5);
    }

    @Test
    void wireLeavesTheSpoolAsItIsWoundAndComesBackWhenUndone() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        Answer run = start(kept(job(spool, 5, 40)));
        double coil = run.at("/data/plan/coils/0/wireMm").asDouble();
        Answer wound = progress(run, 1, Map.of());
        assertThat(left(spool)).isCloseTo(50_000 - coil, within(1e-6));
        Answer measured = progress(wound, 4, Map.of());
        assertThat(left(spool)).isCloseTo(50_000 - coil, within(1e-6));
        progress(measured, 0, Map.of());
        assertThat(left(spool)).isCloseTo(50_000, within(1e-6));
    }

    /** A spool said to hold too little: nothing is left of it, and an undo brings back what it was said to hold, not what was wound. */
    @Test
    void whatIsWoundBeyondTheSpoolComesBackExactly() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 100);
        Answer run = start(kept(job(spool, 5, 40)));
        assertThat(run.at("/data/plan/coils/0/wireMm").asDouble()).isGreaterThan(100);
        Answer wound = progress(run, 1, Map.of());
        assertThat(left(spool)).isZero();
        // another name is no other length
        rename(spool, "Spool under the bench");
        assertThat(left(spool)).isZero();
        progress(wound, 0, Map.of());
        assertThat(left(spool)).isCloseTo(100, within(1e-9));
    }

    /** Once it is weighed, that is what it holds, whatever was wound off it before. */
    @Test
    void aSpoolWeighedAfterwardsHoldsWhatItIsWeighed() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 100);
        Answer run = start(kept(job(spool, 5, 40)));
        double coil = run.at("/data/plan/coils/0/wireMm").asDouble();
        Answer wound = progress(run, 1, Map.of());
        change(spool, "lengthLeftMm", 2_000);
        progress(wound, 0, Map.of());
        assertThat(left(spool)).isCloseTo(2_000 + coil, within(1e-6));
    }

    private void rename(UUID spool, String name) {
        change(spool, "name", name);
    }

    private void change(UUID spool, String field, Object value) {
        Answer now = read("/api/spools/" + spool);
        var data =
                (com.fasterxml.jackson.databind.node.ObjectNode) now.at("/data").deepCopy();
        data.putPOJO(field, value);
        assertThat(keep("/api/spools", spool, now.at("/version").asInt(), data).status())
                .isEqualTo(200);
    }

    private double left(UUID spool) {
        return read("/api/spools/" + spool).at("/data/lengthLeftMm").asDouble();
    }

    @Test
    void twoTabsAreToldApart() {
        Answer run = start(kept(job(spool("copper", "HALF_HARD", 1.0, 50_000), 5, 40)));
        progress(run, 2, Map.of());
        Answer late = progress(run, 1, Map.of());
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.at("/current/data/step").asInt()).isEqualTo(2);
        assertThat(progress(run, 2, Map.of()).status()).isEqualTo(200);
    }

    @Test
    void impossiblePlacesAreRefused() {
        Answer run = start(kept(job(null, 5, 40)));
        assertThat(progress(run, 99, Map.of()).status()).isEqualTo(400);
        assertThat(progress(run, -1, Map.of()).status()).isEqualTo(400);
        assertThat(progress(run, 1, Map.of("77", 1)).status()).isEqualTo(400);
        assertThat(progress(run, 1, Map.of("4", -3)).status()).isEqualTo(400);
        assertThat(start(UUID.randomUUID()).status()).isEqualTo(404);
    }

    @Test
    void theBenchSaysWhatIsNext() {
        UUID job = kept(job(spool("copper", "HALF_HARD", 1.0, 100), 5, 40));
        assertThat(hand(job).get("shortMm").asDouble()).isPositive();
        assertThat(hand(job).at("/thread/FORM").asText()).isEqualTo("OPEN");
        Answer run = start(job);
        progress(run, 4, Map.of("4", 3));
        assertThat(hand(job).at("/step/kind").asText()).isEqualTo("CUT");
        assertThat(hand(job).get("count").asInt()).isEqualTo(3);
        assertThat(hand(job).at("/thread/CUT").asText()).isEqualTo("STARTED");
        Answer done = progress(read("/api/runs/" + run.at("/id").asText()), 7, Map.of("4", 40));
        assertThat(done.at("/data/finishedAt").isNull()).isFalse();
        assertThat(hand(job).get("finished").asBoolean()).isTrue();
        assertThat(start(job).at("/id")).isNotEqualTo(run.at("/id"));
    }

    private JsonNode hand(UUID job) {
        for (JsonNode hand : read("/api/bench").body()) {
            if (hand.at("/job/id").asText().equals(job.toString())) {
                return hand;
            }
        }
        throw new AssertionError("the job is not on the bench");
    }
}
