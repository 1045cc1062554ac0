package toroid.server.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** What was measured on forms: taken by reference, refused where it cannot be, and what it teaches. */
class FormReadingsTest extends ApiTest {
    private UUID kept(Map<String, Object> data) {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/form", id, null, data).status()).isEqualTo(200);
        return id;
    }

    @Test
    void whatWasReallyCutTeachesTheHandlingTail() {
        UUID job = kept(Hooks.data(null, 3, "BATCH"));
        Answer run = tell("/api/jobs/form/" + job + "/runs", Map.of());
        double inPiece = run.at("/data/facts/wires/0/lengthInPieceMm").asDouble();
        double tail = run.at("/data/facts/wires/0/tailMm").asDouble();
        for (int i = 0; i < 3; i++) {
            // each was half a tail short of what the hands needed
            assertThat(measure(run, "SHORT", 0.5 * tail).status()).isEqualTo(200);
        }
        Answer learnt = read("/api/readings/of-form/s-hook");
        assertThat(learnt.at("/tail/factor").asDouble()).isBetween(1.3, 1.7);
        var own = Hooks.data(null, 3, "BATCH");
        own.put("tailFactor", 1.5);
        Answer next = tell("/api/jobs/form/" + kept(own) + "/runs", Map.of());
        assertThat(next.at("/data/facts/wires/0/lengthToCutMm").asDouble())
                .isCloseTo(inPiece + 1.5 * tail, within(1e-9));
        assertThat(next.at("/data/facts/wires/0/tailMm").asDouble()).isCloseTo(tail, within(1e-9));
        progress(run, 3, Map.of());
        Answer notebook = read("/api/notebook");
        assertThat(notebook.body().findValuesAsText("runId"))
                .contains(run.at("/id").asText());
    }

    /** 2 mm hammered to 0.8 and found 3.9 wide went hardly into length; one found 4.6 wide is no flat of that wire. */
    @Test
    void aMeasuredFlatTeachesHowHammeringLengthens() {
        var data = measurement("FLAT_WIDE", 3.9, 3.6);
        data.put("context", Map.of("formId", "hammered-bar", "wireMm", 2.0, "thickMm", 0.8));
        double before = widthOfTheBand();
        assertThat(keep("/api/readings", UUID.randomUUID(), null, data).status())
                .isEqualTo(200);
        Answer learnt = read("/api/readings/of-form/hammered-bar");
        assertThat(learnt.at("/lengthening/measurements").asInt()).isEqualTo(1);
        assertThat(learnt.at("/lengthening/percent").asDouble()).isBetween(6.0, 14.0);
        assertThat(widthOfTheBand()).isLessThan(0.9 * before);
        data.put("value", 4.6);
        Answer wider = keep("/api/readings", UUID.randomUUID(), null, data);
        assertThat(wider.status()).isEqualTo(400);
        assertThat(wider.at("/field").asText()).isEqualTo("value");
        data.put("value", 3.9);
        data.put("context", Map.of("formId", "hammered-bar", "wireMm", 2.0));
        assertThat(keep("/api/readings", UUID.randomUUID(), null, data)
                        .at("/field")
                        .asText())
                .isEqualTo("thickMm");
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

    /** By reference: the run's plan knows the rest. */
    private Answer measure(Answer run, String quantity, double value) {
        String operation = null;
        for (var one : run.at("/data/plan/operations")) {
            if (operation == null
                    && one.get("measurable").findValuesAsText("quantity").contains(quantity)) {
                operation = one.get("id").asText();
            }
        }
        return keep(
                "/api/readings",
                UUID.randomUUID(),
                null,
                Map.of(
                        "runId",
                        run.at("/id").asText(),
                        "operation",
                        operation,
                        "quantity",
                        quantity,
                        "value",
                        value,
                        "takenAt",
                        "2026-11-02T10:00:00Z",
                        "note",
                        ""));
    }

    private static HashMap<String, Object> measurement(String quantity, double value, double planned) {
        return new HashMap<>(Map.of(
                "quantity",
                quantity,
                "value",
                value,
                "planned",
                planned,
                "context",
                Map.of("formId", "s-hook", "wireMm", 1.2),
                "takenAt",
                Instant.parse("2026-11-02T10:00:00Z").toString(),
                "note",
                ""));
    }

    /** What a reading is of stands in the plan: what else is sent of it does not count, and what is not measured there is refused. */
    @Test
    void aReadingIsTakenByReference() {
        UUID spool = spool("copper", "HALF_HARD", 1.2, 10_000);
        Answer run = tell("/api/jobs/form/" + kept(Hooks.data(spool, 3, "BATCH")) + "/runs", Map.of());
        Answer reading = measure(run, "CUT_LENGTH", 80);
        assertThat(reading.at("/data/lotId").asText()).isEqualTo(spool.toString());
        assertThat(reading.at("/data/planned").asDouble())
                .isEqualTo(run.at("/data/facts/wires/0/lengthToCutMm").asDouble());
        assertThat(reading.at("/data/context/inPieceMm").asDouble())
                .isEqualTo(run.at("/data/facts/wires/0/lengthInPieceMm").asDouble());
        var told = json.convertValue(
                reading.at("/data"), new com.fasterxml.jackson.core.type.TypeReference<HashMap<String, Object>>() {});
        told.put("planned", 3.0);
        told.put("context", Map.of("formId", "fish-hook", "wireMm", 0.5));
        UUID id = UUID.fromString(reading.at("/id").asText());
        // the same reading sent again, whatever it says of its plan, is the same reading
        Answer again = keep("/api/readings", id, null, told);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.at("/data")).isEqualTo(reading.at("/data"));
        told.put("operation", "step-2");
        Answer elsewhere = keep("/api/readings", UUID.randomUUID(), null, told);
        assertThat(elsewhere.at("/code").asText()).isEqualTo("not-measured-here");
        told.remove("operation");
        assertThat(keep("/api/readings", UUID.randomUUID(), null, told)
                        .at("/field")
                        .asText())
                .isEqualTo("operation");
    }

    @Test
    void anImpossibleMeasurementIsRefused() {
        var data = measurement("LOOP_INSIDE", -3, 2.5);
        assertThat(keep("/api/readings", UUID.randomUUID(), null, data)
                        .at("/field")
                        .asText())
                .isEqualTo("value");
    }
}
