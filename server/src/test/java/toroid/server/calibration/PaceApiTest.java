package toroid.server.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** What is timed at the bench is what the next plan, the price and the notebook reckon with. */
class PaceApiTest extends ApiTest {
    private final List<UUID> readings = new ArrayList<>();

    @AfterEach
    void takeThemOut() {
        for (UUID reading : readings) {
            int version = read("/api/readings/" + reading).at("/version").asInt();
            takeAway("/api/readings", reading, version);
        }
    }

    private ObjectNode rings() throws java.io.IOException {
        return (ObjectNode)
                json.readTree(getClass().getResourceAsStream("/bodies.json")).at("/POST ~1api~1rings~1sheet/body");
    }

    private Answer begun() throws java.io.IOException {
        ObjectNode data = rings().put("spoolId", (String) null);
        UUID job = UUID.randomUUID();
        assertThat(keep("/api/jobs/ring", job, null, data).status()).isEqualTo(200);
        return tell("/api/jobs/ring/" + job + "/runs", Map.of());
    }

    private static JsonNode closing(Answer run) {
        for (JsonNode one : run.at("/data/plan/operations")) {
            if (one.get("verb").asText().equals("CLOSE")) {
                return one.at("/measurable/0");
            }
        }
        throw new AssertionError("no ring is closed in " + run.body());
    }

    private void time(Answer run, String operation, double minutes) {
        UUID id = UUID.randomUUID();
        var data = new HashMap<String, Object>(Map.of(
                "runId",
                run.at("/id").asText(),
                "operation",
                operation,
                "quantity",
                "MINUTES",
                "value",
                minutes,
                "takenAt",
                "2026-11-29T10:00:00Z",
                "note",
                ""));
        Answer kept = keep("/api/readings", id, null, data);
        assertThat(kept.status()).as("%s", kept.body()).isEqualTo(200);
        readings.add(id);
    }

    /** Ten timings of closing, each twice as long as stated: the next plan reckons with nearly that, by ten; what is stated stays what it is. */
    @Test
    void theNextPlanReckonsWithThem() throws Exception {
        Answer run = begun();
        JsonNode before = closing(run);
        double stated = before.at("/context/statedMin").asDouble();
        assertThat(before.get("planned").asDouble()).isCloseTo(stated, within(1e-9));
        assertThat(before.get("high").asDouble())
                .isCloseTo(Math.exp(Math.hypot(Math.log(2), Math.log(1.5))) * stated, within(1e-9));
        for (int i = 0; i < 10; i++) {
            time(run, "rings/close", 2 * stated);
        }
        JsonNode after = closing(begun());
        assertThat(after.at("/context/statedMin").asDouble()).isCloseTo(stated, within(1e-9));
        assertThat(after.get("planned").asDouble()).isBetween(1.8 * stated, 2 * stated);
        assertThat(after.at("/context/timings").asInt()).isEqualTo(10);
        // the next time lies within half as long again of it, and hardly further
        assertThat(after.get("high").asDouble() / after.get("planned").asDouble())
                .isBetween(1.5, 1.6);
        // a frozen plan stays as it was
        assertThat(closing(read("/api/runs/" + run.at("/id").asText())).get("planned"))
                .isEqualTo(before.get("planned"));
        JsonNode works = read("/api/notebook/learnt").body().get("works");
        assertThat(works).anySatisfy(work -> {
            assertThat(work.get("work").asText()).isEqualTo("CLOSE");
            assertThat(work.at("/pace/timings").asInt()).isEqualTo(10);
        });
    }

    /** A piece takes longer in slow hands, and costs so. */
    @Test
    void aPieceIsReckonedByThem() throws Exception {
        ObjectNode question = json.createObjectNode();
        question.put("line", "40 * ring 1.1/4.3").put("metal", "copper");
        double before = tell("/api/pieces/solve", question).number("minutes");
        Answer run = begun();
        double stated = closing(run).at("/context/statedMin").asDouble();
        for (int i = 0; i < 5; i++) {
            time(run, "rings/close", 3 * stated);
        }
        Answer after = tell("/api/pieces/solve", question);
        assertThat(after.number("minutes")).isGreaterThan(1.2 * before);
        assertThat(after.number("timings")).isEqualTo(5);
        ObjectNode batch = json.createObjectNode();
        batch.set("piece", question);
        assertThat(tell("/api/pieces/price", batch).at("/lines"))
                .filteredOn(line -> line.get("kind").asText().equals("HANDS"))
                .singleElement()
                .satisfies(line ->
                        assertThat(line.get("amount").asDouble()).isCloseTo(after.number("minutes"), within(1e-6)));
    }

    /** Time on a spool's ring run is no reading of its springback. */
    @Test
    void timeTeachesNoSpringback() throws Exception {
        var spool = json.createObjectNode();
        spool.put("name", "Timed wire").put("metal", "copper").put("temper", "HALF_HARD");
        spool.put("wireDiameterMm", 1.0).put("note", "");
        UUID id = UUID.randomUUID();
        Answer kept = keep("/api/spools", id, null, spool);
        assertThat(kept.status()).as("%s", kept.body()).isEqualTo(200);
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, rings().put("spoolId", id.toString()));
        Answer run = tell("/api/jobs/ring/" + job + "/runs", Map.of());
        time(run, "rings/close", 3);
        assertThat(tell("/api/rings/sheet", rings().put("spoolId", id.toString()))
                        .status())
                .isEqualTo(200);
        assertThat(read("/api/spools/" + id + "/springback").status()).isEqualTo(200);
        assertThat(read("/api/notebook").status()).isEqualTo(200);
    }
}
