package toroid.server.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** Form jobs, their runs, and what is learnt from them. */
class FormJobsTest extends ApiTest {
    private HashMap<String, Object> data(UUID spool, int pieces, String rhythm) {
        var data = new HashMap<String, Object>(Map.of(
                "name",
                "Hooks",
                "formId",
                "s-hook",
                "metal",
                "copper",
                "temper",
                "HALF_HARD",
                "wireDiameterMm",
                1.2,
                "parameters",
                Map.of("large", 6.0),
                "hand",
                "RIGHT",
                "pieces",
                pieces,
                "rhythm",
                rhythm));
        data.putAll(Map.of("cutting", "PRE_CUT", "plainFromMm", 1.0, "tailFactor", 1.0, "note", ""));
        data.put("spoolId", spool);
        return data;
    }

    private UUID kept(Map<String, Object> data) {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/form-jobs", id, null, data).status()).isEqualTo(200);
        return id;
    }

    private Answer progress(Answer run, int place, Map<String, Integer> counts) {
        return keep(
                "/api/form-runs",
                UUID.fromString(run.at("/id").asText()),
                run.at("/version").asInt(),
                Map.of("step", place, "counts", counts, "note", ""));
    }

    private double left(UUID spool) {
        return read("/api/spools/" + spool).at("/data/lengthLeftMm").asDouble();
    }

    @Test
    void aJobIsKeptWithItsParametersAndGuardedByItsVersion() {
        UUID id = kept(data(null, 4, "BATCH"));
        Answer job = read("/api/form-jobs/" + id);
        assertThat(job.at("/data/parameters/large").asDouble()).isEqualTo(6);
        var other = data(null, 6, "BATCH");
        assertThat(keep("/api/form-jobs", id, job.at("/version").asInt(), other)
                        .at("/data/pieces")
                        .asInt())
                .isEqualTo(6);
        Answer late = keep("/api/form-jobs", id, job.at("/version").asInt(), data(null, 9, "BATCH"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.at("/current/data/pieces").asInt()).isEqualTo(6);
    }

    @Test
    void whatCannotBeKeptIsRefusedAndNothingIsWritten() {
        var unknown = data(null, 4, "BATCH");
        unknown.put("formId", "nothing");
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/form-jobs", id, null, unknown).at("/code").asText())
                .isEqualTo("unknown-form");
        assertThat(read("/api/form-jobs/" + id).status()).isEqualTo(404);
        assertThat(keep("/api/form-jobs", id, null, data(UUID.randomUUID(), 4, "BATCH"))
                        .at("/code")
                        .asText())
                .isEqualTo("no-such-spool");
        var large = data(null, 4, "BATCH");
        large.put("parameters", Map.of("large", "x".repeat(100_000)));
        assertThat(keep("/api/form-jobs", id, null, large).at("/code").asText()).isEqualTo("bad-parameter");
        large.put("parameters", Map.of("large", Map.of("a", 1)));
        assertThat(keep("/api/form-jobs", id, null, large).at("/code").asText()).isEqualTo("bad-parameter");
        assertThat(keep("/api/form-jobs", id, null, data(null, 0, "BATCH"))
                        .at("/field")
                        .asText())
                .isEqualTo("pieces");
    }

    @Test
    void aBatchCutsItsWireOnceAndGivesItBackWhenUndone() {
        UUID spool = spool("copper", "HALF_HARD", 1.2, 10_000);
        Answer run = tell("/api/form-jobs/" + kept(data(spool, 8, "BATCH")) + "/runs", Map.of());
        double cut = run.at("/data/plan/wires/0/lengthToCutMm").asDouble();
        assertThat(run.at("/data/places").asInt())
                .isEqualTo(run.at("/data/plan/steps").size());
        Answer after = progress(run, 1, Map.of("0", 8));
        assertThat(left(spool)).isCloseTo(10_000 - 8 * cut, within(1e-6));
        progress(after, 0, Map.of());
        assertThat(left(spool)).isCloseTo(10_000, within(1e-6));
    }

    /** A spool measured anew moves no mark, length or shape of a run that has begun; the next run has the new ones. */
    @Test
    void aRunsMarksStayWhereTheyWere() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 10_000);
        UUID job = kept(data(spool, 2, "BATCH"));
        Answer run = tell("/api/form-jobs/" + job + "/runs", Map.of());
        String made = "/api/form-runs/" + run.at("/id").asText() + "/form";
        Answer before = read(made);
        assertThat(before.at("/form/wires/0/lengthToCutMm").asDouble())
                .isEqualTo(run.at("/data/plan/wires/0/lengthToCutMm").asDouble());
        assertThat(before.at("/form/wires/0/marks")).isNotEmpty();
        assertThat(before.at("/shapes")).hasSize(run.at("/data/plan/steps").size() + 1);
        Answer kept = read("/api/spools/" + spool);
        var thicker = (com.fasterxml.jackson.databind.node.ObjectNode)
                kept.at("/data").deepCopy();
        thicker.put("wireDiameterMm", 1.1);
        assertThat(keep("/api/spools", spool, kept.at("/version").asInt(), thicker)
                        .status())
                .isEqualTo(200);
        assertThat(read(made).body()).isEqualTo(before.body());
        progress(run, run.at("/data/places").asInt(), Map.of());
        Answer next = tell("/api/form-jobs/" + job + "/runs", Map.of());
        Answer after = read("/api/form-runs/" + next.at("/id").asText() + "/form");
        assertThat(after.at("/form/wires/0/diameterMm").asDouble()).isEqualTo(1.1);
        assertThat(after.at("/form/wires/0/middleMm").asDouble())
                .isNotEqualTo(before.at("/form/wires/0/middleMm").asDouble());
        assertThat(read("/api/form-runs/" + UUID.randomUUID() + "/form").status())
                .isEqualTo(404);
    }

    /** Wire as thick as the job's but of another metal does not come off the job's spool. */
    @Test
    void wireOfAnotherMetalIsNotTakenFromTheSpool() {
        UUID spool = spool("copper", "HALF_HARD", 1.2, 10_000);
        var bars = data(spool, 4, "BATCH");
        bars.put("formId", "crossed-bars");
        bars.put("parameters", Map.of("metals", List.of("upper bar=fine-silver")));
        Answer run = tell("/api/form-jobs/" + kept(bars) + "/runs", Map.of());
        assertThat(run.at("/data/plan/wires/1/metal").asText()).isEqualTo("fine-silver");
        assertThat(run.at("/data/plan/wires/1/diameterMm").asDouble()).isEqualTo(1.2);
        double lower = run.at("/data/plan/wires/0/lengthToCutMm").asDouble();
        progress(run, run.at("/data/plan/steps").size(), Map.of());
        assertThat(left(spool)).isCloseTo(10_000 - 4 * lower, within(1e-6));
    }

    @Test
    void oneByOneEachPieceTakesItsOwnWireAndTheRunResumes() {
        UUID spool = spool("copper", "HALF_HARD", 1.2, 10_000);
        UUID job = kept(data(spool, 3, "ONE_BY_ONE"));
        Answer run = tell("/api/form-jobs/" + job + "/runs", Map.of());
        int steps = run.at("/data/plan/steps").size();
        double cut = run.at("/data/plan/wires/0/lengthToCutMm").asDouble();
        assertThat(run.at("/data/places").asInt()).isEqualTo(3 * steps);
        progress(run, steps + 1, Map.of());
        assertThat(left(spool)).isCloseTo(10_000 - 2 * cut, within(1e-6));
        Answer again = tell("/api/form-jobs/" + job + "/runs", Map.of());
        assertThat(again.at("/data/place").asInt()).isEqualTo(steps + 1);
        Answer hand = read("/api/bench/forms");
        assertThat(hand.body().findValuesAsText("runId"))
                .contains(again.at("/id").asText());
        Answer stale = progress(run, 2, Map.of());
        assertThat(stale.status()).isEqualTo(409);
    }

    @Test
    void whatWasReallyCutTeachesTheHandlingTail() {
        UUID job = kept(data(null, 3, "BATCH"));
        Answer run = tell("/api/form-jobs/" + job + "/runs", Map.of());
        double inPiece = run.at("/data/plan/wires/0/lengthInPieceMm").asDouble();
        double tail = run.at("/data/plan/wires/0/tailMm").asDouble();
        for (int i = 0; i < 3; i++) {
            // each was half a tail short of what the hands needed
            assertThat(measure(run, "SHORT", 0.5 * tail, tail, tail).status()).isEqualTo(200);
        }
        Answer learnt = read("/api/form-measurements/of-form/s-hook");
        assertThat(learnt.at("/tail/factor").asDouble()).isBetween(1.3, 1.7);
        var own = data(null, 3, "BATCH");
        own.put("tailFactor", 1.5);
        Answer next = tell("/api/form-jobs/" + kept(own) + "/runs", Map.of());
        assertThat(next.at("/data/plan/wires/0/lengthToCutMm").asDouble())
                .isCloseTo(inPiece + 1.5 * tail, within(1e-9));
        assertThat(next.at("/data/plan/wires/0/tailMm").asDouble()).isCloseTo(tail, within(1e-9));
        progress(run, 3, Map.of());
        Answer notebook = read("/api/notebook/forms");
        assertThat(notebook.body().findValuesAsText("runId"))
                .contains(run.at("/id").asText());
    }

    /** 2 mm hammered to 0.8 and found 3.9 wide went hardly into length; one found 4.6 wide is no flat of that wire. */
    @Test
    void aMeasuredFlatTeachesHowHammeringLengthens() {
        var data = measurement("FLAT_WIDE", 3.9, 3.6, 0.8);
        data.put("formId", "hammered-bar");
        data.put("wireMm", 2.0);
        double before = widthOfTheBand();
        assertThat(keep("/api/form-measurements", UUID.randomUUID(), null, data).status())
                .isEqualTo(200);
        Answer learnt = read("/api/form-measurements/of-form/hammered-bar");
        assertThat(learnt.at("/lengthening/measurements").asInt()).isEqualTo(1);
        assertThat(learnt.at("/lengthening/percent").asDouble()).isBetween(6.0, 14.0);
        assertThat(widthOfTheBand()).isLessThan(0.9 * before);
        data.put("value", 4.6);
        Answer wider = keep("/api/form-measurements", UUID.randomUUID(), null, data);
        assertThat(wider.status()).isEqualTo(400);
        assertThat(wider.at("/field").asText()).isEqualTo("value");
        data.put("value", 3.9);
        data.remove("tailMm");
        assertThat(keep("/api/form-measurements", UUID.randomUUID(), null, data)
                        .at("/field")
                        .asText())
                .isEqualTo("tailMm");
    }

    private double widthOfTheBand() {
        Answer solved = tell("/api/forms/hammered-bar/solve", Map.of("wireDiameterMm", 2));
        for (var figure : solved.at("/figures")) {
            if (figure.at("/id").asText().equals("flat-wide")) {
                return figure.at("/high").asDouble() - figure.at("/low").asDouble();
            }
        }
        throw new AssertionError(solved.body());
    }

    @Test
    void tenLoopsAreASessionWithASpread() {
        UUID session = UUID.randomUUID();
        double[] loops = {2.4, 2.5, 2.6};
        for (double loop : loops) {
            var data = measurement("LOOP_INSIDE", loop, 2.5, null);
            data.put("sessionId", session);
            data.put("formId", "wrapped-loop");
            assertThat(keep("/api/form-measurements", UUID.randomUUID(), null, data)
                            .status())
                    .isEqualTo(200);
        }
        Answer learnt = read("/api/form-measurements/of-form/wrapped-loop");
        var mine = learnt.at("/sessions").findParents("id").stream()
                .filter(s -> s.get("id").asText().equals(session.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(mine.at("/spread/standardDeviation").asDouble()).isCloseTo(0.1, within(1e-9));
        assertThat(mine.at("/values")).hasSize(3);
    }

    private Answer measure(Answer run, String kind, double value, double predicted, Double tail) {
        var data = measurement(kind, value, predicted, tail);
        data.put("runId", run.at("/id").asText());
        return keep("/api/form-measurements", UUID.randomUUID(), null, data);
    }

    private static HashMap<String, Object> measurement(String kind, double value, double predicted, Double tail) {
        var data = new HashMap<String, Object>(Map.of(
                "formId",
                "s-hook",
                "wireMm",
                1.2,
                "measured",
                kind,
                "value",
                value,
                "predicted",
                predicted,
                "takenAt",
                Instant.parse("2026-11-02T10:00:00Z").toString(),
                "note",
                ""));
        data.put("tailMm", tail);
        return data;
    }

    @Test
    void anImpossibleMeasurementIsRefused() {
        var data = measurement("LOOP_INSIDE", -3, 2.5, null);
        assertThat(keep("/api/form-measurements", UUID.randomUUID(), null, data)
                        .at("/field")
                        .asText())
                .isEqualTo("value");
    }
}
