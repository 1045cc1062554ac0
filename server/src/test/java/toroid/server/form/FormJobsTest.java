package toroid.server.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** Form jobs, their runs, and what is learnt from them. */
class FormJobsTest extends ApiTest {
    private UUID kept(Map<String, Object> data) {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/form", id, null, data).status()).isEqualTo(200);
        return id;
    }

    @Test
    void aJobIsKeptWithItsParametersAndGuardedByItsVersion() {
        UUID id = kept(Hooks.data(null, 4, "BATCH"));
        Answer job = read("/api/jobs/form/" + id);
        assertThat(job.at("/data/parameters/large").asDouble()).isEqualTo(6);
        var other = Hooks.data(null, 6, "BATCH");
        assertThat(keep("/api/jobs/form", id, job.at("/version").asInt(), other)
                        .at("/data/copies")
                        .asInt())
                .isEqualTo(6);
        Answer late = keep("/api/jobs/form", id, job.at("/version").asInt(), Hooks.data(null, 9, "BATCH"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.at("/current/data/copies").asInt()).isEqualTo(6);
    }

    @Test
    void whatCannotBeKeptIsRefusedAndNothingIsWritten() {
        var unknown = Hooks.data(null, 4, "BATCH");
        unknown.put("formId", "nothing");
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/form", id, null, unknown).at("/code").asText())
                .isEqualTo("unknown-form");
        assertThat(read("/api/jobs/form/" + id).status()).isEqualTo(404);
        assertThat(keep("/api/jobs/form", id, null, Hooks.data(UUID.randomUUID(), 4, "BATCH"))
                        .at("/code")
                        .asText())
                .isEqualTo("no-such-spool");
        var large = Hooks.data(null, 4, "BATCH");
        large.put("parameters", Map.of("large", "x".repeat(100_000)));
        assertThat(keep("/api/jobs/form", id, null, large).at("/code").asText()).isEqualTo("bad-parameter");
        large.put("parameters", Map.of("large", Map.of("a", 1)));
        assertThat(keep("/api/jobs/form", id, null, large).at("/code").asText()).isEqualTo("bad-parameter");
        assertThat(keep("/api/jobs/form", id, null, Hooks.data(null, 0, "BATCH"))
                        .at("/field")
                        .asText())
                .isEqualTo("copies");
    }

    @Test
    void aBatchCutsItsWireOnceAndGivesItBackWhenUndone() {
        UUID spool = spool("copper", "HALF_HARD", 1.2, 10_000);
        Answer run = tell("/api/jobs/form/" + kept(Hooks.data(spool, 8, "BATCH")) + "/runs", Map.of());
        double cut = run.at("/data/facts/wires/0/lengthToCutMm").asDouble();
        assertThat(run.at("/data/plan/perGroup").asInt()).isEqualTo(8);
        Answer after = progress(run, 1, Map.of("step-1", 8));
        assertThat(left(spool)).isCloseTo(10_000 - 8 * cut, within(1e-6));
        progress(after, 0, Map.of());
        assertThat(left(spool)).isCloseTo(10_000, within(1e-6));
    }

    /** A spool measured anew moves no mark, length or shape of a run that has begun; the next run has the new ones. */
    @Test
    void aRunsMarksStayWhereTheyWere() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 10_000);
        UUID job = kept(Hooks.data(spool, 2, "BATCH"));
        Answer run = tell("/api/jobs/form/" + job + "/runs", Map.of());
        String made = "/api/runs/" + run.at("/id").asText() + "/shown";
        Answer before = read(made);
        assertThat(before.at("/form/wires/0/lengthToCutMm").asDouble())
                .isEqualTo(run.at("/data/facts/wires/0/lengthToCutMm").asDouble());
        assertThat(before.at("/form/wires/0/marks")).isNotEmpty();
        assertThat(before.at("/shapes")).hasSize(before.at("/form/steps").size() + 1);
        Answer kept = read("/api/spools/" + spool);
        var thicker = (com.fasterxml.jackson.databind.node.ObjectNode)
                kept.at("/data").deepCopy();
        thicker.put("wireDiameterMm", 1.1);
        assertThat(keep("/api/spools", spool, kept.at("/version").asInt(), thicker)
                        .status())
                .isEqualTo(200);
        assertThat(read(made).body()).isEqualTo(before.body());
        progress(run, run.at("/data/plan/operations").size(), Map.of());
        Answer next = tell("/api/jobs/form/" + job + "/runs", Map.of());
        Answer after = read("/api/runs/" + next.at("/id").asText() + "/shown");
        assertThat(after.at("/form/wires/0/diameterMm").asDouble()).isEqualTo(1.1);
        assertThat(after.at("/form/wires/0/middleMm").asDouble())
                .isNotEqualTo(before.at("/form/wires/0/middleMm").asDouble());
        assertThat(read("/api/runs/" + UUID.randomUUID() + "/shown").status()).isEqualTo(404);
    }

    /** Each wire comes off its own spool; a spool of other wire is refused before anything is begun. */
    @Test
    void wiresAreCutFromTheirOwnSpools() {
        UUID base = spool("copper", "HALF_HARD", 1.2, 10_000);
        UUID silver = spool("fine-silver", "DEAD_SOFT", 1.21, 5_000);
        var bars = Hooks.data(base, 4, "BATCH");
        bars.put("formId", "crossed-bars");
        bars.put("parameters", Map.of("metals", List.of("upper bar=fine-silver")));
        bars.put("lots", Map.of("upper bar", silver));
        Answer run = tell("/api/jobs/form/" + kept(bars) + "/runs", Map.of());
        double lower = run.at("/data/facts/wires/0/lengthToCutMm").asDouble();
        double upper = run.at("/data/facts/wires/1/lengthToCutMm").asDouble();
        Answer done = progress(run, run.at("/data/plan/operations").size(), Map.of());
        assertThat(left(base)).isCloseTo(10_000 - 4 * lower, within(1e-6));
        assertThat(left(silver)).isCloseTo(5_000 - 4 * upper, within(1e-6));
        progress(done, 0, Map.of());
        assertThat(left(silver)).isCloseTo(5_000, within(1e-6));
        bars.put("lots", Map.of("upper bar", base));
        UUID wrong = kept(bars);
        Answer refused = tell("/api/jobs/form/" + wrong + "/runs", Map.of());
        assertThat(refused.at("/code").asText()).isEqualTo("spool-is-other-wire");
        assertThat(refused.at("/detail").asText())
                .contains("upper bar")
                .contains("fine silver")
                .contains("copper");
        assertThat(hand(wrong).at("/glance/refusal/value").asText()).isEqualTo("upper bar");
        bars.put("lots", Map.of("upper bar", UUID.randomUUID()));
        assertThat(keep("/api/jobs/form", UUID.randomUUID(), null, bars)
                        .at("/code")
                        .asText())
                .isEqualTo("no-such-spool");
    }

    /** Wire as thick as the job's but of another metal does not come off the job's spool. */
    @Test
    void wireOfAnotherMetalIsNotTakenFromTheSpool() {
        UUID spool = spool("copper", "HALF_HARD", 1.2, 10_000);
        var bars = Hooks.data(spool, 4, "BATCH");
        bars.put("formId", "crossed-bars");
        bars.put("parameters", Map.of("metals", List.of("upper bar=fine-silver")));
        Answer run = tell("/api/jobs/form/" + kept(bars) + "/runs", Map.of());
        assertThat(run.at("/data/facts/wires/1/metal").asText()).isEqualTo("fine-silver");
        assertThat(run.at("/data/facts/wires/1/diameterMm").asDouble()).isEqualTo(1.2);
        double lower = run.at("/data/facts/wires/0/lengthToCutMm").asDouble();
        progress(run, run.at("/data/plan/operations").size(), Map.of());
        assertThat(left(spool)).isCloseTo(10_000 - 4 * lower, within(1e-6));
    }

    @Test
    void oneByOneEachPieceTakesItsOwnWireAndTheRunResumes() {
        UUID spool = spool("copper", "HALF_HARD", 1.2, 10_000);
        UUID job = kept(Hooks.data(spool, 3, "ONE_BY_ONE"));
        Answer run = tell("/api/jobs/form/" + job + "/runs", Map.of());
        int steps = run.at("/data/plan/operations").size();
        double cut = run.at("/data/facts/wires/0/lengthToCutMm").asDouble();
        assertThat(run.at("/data/plan/perGroup").asInt()).isEqualTo(1);
        progress(run, steps + 1, Map.of());
        assertThat(left(spool)).isCloseTo(10_000 - 2 * cut, within(1e-6));
        Answer again = tell("/api/jobs/form/" + job + "/runs", Map.of());
        assertThat(again.at("/data/done/step-1").asInt()).isEqualTo(2);
        assertThat(again.at("/data/done/step-2").asInt()).isEqualTo(1);
        Answer hand = read("/api/bench");
        assertThat(hand.body().findValuesAsText("runId"))
                .contains(again.at("/id").asText());
        Answer stale = progress(run, 2, Map.of());
        assertThat(stale.status()).isEqualTo(409);
    }
}
