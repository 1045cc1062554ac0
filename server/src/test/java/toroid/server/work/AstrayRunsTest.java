package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** What fails in making, what is passed by and what is made beyond the plan, kept with the run and the shelf. */
class AstrayRunsTest extends ApiTest {
    private Answer begun(UUID spool) {
        UUID job = UUID.randomUUID();
        assertThat(keep("/api/jobs/ring", job, null, job(spool, 5, 40)).status())
                .isEqualTo(200);
        return tell("/api/jobs/ring/" + job + "/runs", Map.of());
    }

    private Answer send(Answer run, Map<String, Integer> done, Map<String, Object> more) {
        var data = new HashMap<String, Object>(more);
        data.put("done", done);
        data.putIfAbsent("counts", Map.of());
        data.put("note", "");
        return keep(
                "/api/runs",
                UUID.fromString(run.at("/id").asText()),
                run.at("/version").asInt(),
                data);
    }

    private static Map<String, Object> spoilt(String operation, int times, String why) {
        return Map.of("spoilt", List.of(Map.of("operation", operation, "times", times, "why", why, "said", "")));
    }

    /** A coil that was wound askew: its wire is gone, another is put by, and the notebook says why. */
    @Test
    void aCoilThatFailsIsGoneFromItsSpool() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        Answer run = begun(spool);
        double coil = run.at("/data/facts/coils/0/wireMm").asDouble();
        Answer wound = send(run, Map.of("coil-1/wind", 1, "coil-1/spring-back", 1), Map.of());
        assertThat(left(spool)).isCloseTo(50_000 - coil, within(1e-6));
        Answer failed = send(wound, Map.of(), spoilt("coil-1/spring-back", 1, "BENT_WRONG"));
        assertThat(failed.status()).isEqualTo(200);
        assertThat(left(spool)).isCloseTo(50_000 - coil, within(1e-6));
        Answer again = send(failed, Map.of("coil-1/wind", 1), spoilt("coil-1/spring-back", 1, "BENT_WRONG"));
        assertThat(left(spool)).isCloseTo(50_000 - 2 * coil, within(1e-6));
        JsonNode kept = read("/api/runs/" + run.at("/id").asText()).body();
        assertThat(kept.at("/data/spoilt/0/why").asText()).isEqualTo("BENT_WRONG");
        assertThat(kept.at("/data/drawn/" + spool).asDouble()).isCloseTo(2 * coil, within(1e-6));
        JsonNode entry = entryOf(run);
        assertThat(entry.at("/glance/failed/0/part").asText()).isEqualTo("coil 1");
        assertThat(entry.at("/wireUsedMm").asDouble()).isCloseTo(2 * coil, within(1e-6));
        // it had not failed after all
        send(again, Map.of("coil-1/wind", 1), Map.of());
        assertThat(left(spool)).isCloseTo(50_000 - coil, within(1e-6));
    }

    @Test
    void whatIsSkippedTakesNothing() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        Answer run = begun(spool);
        var skipped = Map.of("operation", "coil-1/wind", "times", 1, "why", "DONE_BEFORE", "said", "from last week");
        Answer passed = send(run, Map.of("coil-1/wind", 1), Map.of("skipped", List.of(skipped)));
        assertThat(passed.status()).isEqualTo(200);
        assertThat(left(spool)).isCloseTo(50_000, within(1e-6));
        assertThat(entryOf(run).at("/glance/passed/0/said").asText()).isEqualTo("from last week");
    }

    @Test
    void whatCannotBeIsRefusedAndNothingOfItKept() {
        Answer run = begun(spool("copper", "HALF_HARD", 1.0, 50_000));
        assertThat(send(run, Map.of(), spoilt("coil-9/wind", 1, "BROKE"))
                        .at("/code")
                        .asText())
                .isEqualTo("no-such-operation");
        assertThat(send(run, Map.of(), spoilt("coil-1/wind", 5, "BROKE"))
                        .at("/code")
                        .asText())
                .isEqualTo("out-of-range");
        assertThat(send(run, Map.of(), spoilt("coil-1/wind", 1, "OTHER"))
                        .at("/code")
                        .asText())
                .isEqualTo("reason-without-words");
        assertThat(send(run, Map.of(), Map.of("more", -1)).at("/code").asText()).isEqualTo("out-of-range");
        var untold = new HashMap<String, Object>(Map.of("operation", "coil-1/wind", "times", 1, "said", ""));
        assertThat(send(run, Map.of(), Map.of("spoilt", List.of(untold))).status())
                .isEqualTo(400);
        assertThat(read("/api/runs/" + run.at("/id").asText()).at("/version").asInt())
                .isEqualTo(run.at("/version").asInt());
    }

    /** One more of a run that is done, while the next run of the same job is in hand: two would be open at once. */
    @Test
    void aRunIsNotTakenUpAgainBesideAnother() {
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(spool("copper", "HALF_HARD", 1.0, 50_000), 5, 40));
        Answer run = tell("/api/jobs/ring/" + job + "/runs", Map.of());
        var all = new HashMap<String, Integer>();
        run.at("/data/plan/operations").forEach(one -> all.put(one.get("id").asText(), 1));
        Answer done = send(run, all, Map.of());
        assertThat(send(done, all, Map.of("more", 1)).status()).isEqualTo(200);
        Answer whole = send(again(run), all, Map.of());
        assertThat(whole.status()).isEqualTo(200);
        assertThat(tell("/api/jobs/ring/" + job + "/runs", Map.of()).status()).isEqualTo(200);
        Answer refused = send(again(run), all, Map.of("more", 1));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/code").asText()).isEqualTo("next-run-begun");
    }

    private Answer again(Answer run) {
        return read("/api/runs/" + run.at("/id").asText());
    }

    private JsonNode entryOf(Answer run) {
        return read("/api/notebook/" + run.at("/id").asText()).body();
    }
}
