package toroid.server.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** A batch whose first one is made alone: the rest are cut to what it really took. */
class FirstOneApiTest extends ApiTest {
    private Answer begun(int copies) throws IOException {
        var data = (ObjectNode) new ObjectMapper()
                .readTree(getClass().getResourceAsStream("/bodies.json"))
                .get("PUT /api/jobs/{kind}/{id} of a form")
                .at("/body/data");
        data.put("formId", "s-hook")
                .put("rhythm", "FIRST_ALONE")
                .put("copies", copies)
                .put("hand", "RIGHT");
        data.set("parameters", new ObjectMapper().createObjectNode());
        data.set("lots", new ObjectMapper().createObjectNode());
        UUID job = UUID.randomUUID();
        assertThat(keep("/api/jobs/form", job, null, data).status()).isEqualTo(200);
        return tell("/api/jobs/form/" + job + "/runs", Map.of());
    }

    private static JsonNode measurable(Answer run, String quantity) {
        for (JsonNode operation : run.at("/data/plan/operations")) {
            for (JsonNode one : operation.get("measurable")) {
                if (one.get("quantity").asText().equals(quantity)) {
                    return ((ObjectNode) one)
                            .put("operation", operation.get("id").asText());
                }
            }
        }
        throw new AssertionError("nothing measures " + quantity);
    }

    private UUID measured(Answer run, String quantity, double value) {
        var reading = new HashMap<String, Object>();
        reading.put("runId", run.at("/id").asText());
        reading.put("operation", measurable(run, quantity).get("operation").asText());
        reading.put("quantity", quantity);
        reading.put("value", value);
        reading.put("takenAt", "2026-03-01T10:00:00Z");
        reading.put("note", "");
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/readings", id, null, reading).status()).isEqualTo(200);
        return id;
    }

    private Answer firstOne(Answer run) {
        return read("/api/readings/of-run/" + run.at("/id").asText() + "/first-one");
    }

    @Test
    void theRestAreCutToWhatItTook() throws IOException {
        Answer run = begun(6);
        assertThat(run.at("/data/plan/ahead").asInt()).isEqualTo(1);
        assertThat(run.at("/data/plan/perGroup").asInt()).isEqualTo(5);
        assertThat(firstOne(run).at("/targets")).isEmpty();
        JsonNode cut = measurable(run, "CUT_LENGTH");
        double own = cut.at("/context/tailMm").asDouble();
        double planned = cut.get("planned").asDouble();
        measured(run, "CUT_LENGTH", planned + 0.5);
        measured(run, "OFFCUT", 2.5);
        Answer told = firstOne(run);
        JsonNode target = told.at("/targets/0");
        assertThat(target.get("quantity").asText()).isEqualTo("CUT_LENGTH");
        assertThat(target.get("planned").asDouble()).isEqualTo(planned);
        double tail = told.at("/tail/factor").asDouble() * own;
        assertThat(target.get("target").asDouble()).isCloseTo(planned + 0.5 - 2.5 + tail, within(1e-9));
        assertThat(told.at("/tail/measurements").asInt())
                .as("it teaches the hand besides")
                .isGreaterThanOrEqualTo(1);
    }

    @Test
    void whatWasASlipAndTakenAwayIsNotFollowed() throws IOException {
        Answer run = begun(3);
        UUID slip = measured(
                run, "CUT_LENGTH", measurable(run, "CUT_LENGTH").get("planned").asDouble() + 30);
        assertThat(firstOne(run).at("/targets")).hasSize(1);
        takeAway("/api/readings", slip, 0);
        assertThat(firstOne(run).at("/targets")).isEmpty();
    }

    @Test
    void oneAloneHasNoneAhead() throws IOException {
        assertThat(begun(1).at("/data/plan").has("ahead")).isFalse();
    }
}
