package toroid.server.calibration;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** A run taken out of the notebook: with all that was measured in it, and back as it was. */
class RunsAwayTest extends ApiTest {
    private UUID measured(Answer run, double innerMm) {
        var reading = new HashMap<String, Object>(
                Map.of("runId", run.at("/id").asText(), "operation", measuresRings(run), "quantity", "RING_INNER"));
        reading.putAll(Map.of("value", innerMm, "takenAt", "2026-03-01T10:00:00Z", "note", ""));
        UUID id = UUID.randomUUID();
        Answer kept = keep("/api/readings", id, null, reading);
        assertThat(kept.status()).as("%s", kept).isEqualTo(200);
        return id;
    }

    private static String measuresRings(Answer run) {
        for (JsonNode operation : run.at("/data/plan/operations")) {
            if (operation.get("measurable").findValuesAsText("quantity").contains("RING_INNER")) {
                return operation.get("id").asText();
            }
        }
        throw new AssertionError("nothing measures a ring");
    }

    private static long there(Answer readings) {
        return readings.body().findValuesAsText("deleted").stream()
                .filter("false"::equals)
                .count();
    }

    private Answer ofSpool(UUID spool) {
        return read("/api/spools/" + spool + "/springback");
    }

    @Test
    void whatWasMeasuredGoesAndComesWithIt() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 20_000);
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(spool, 5, 40));
        Answer run = tell("/api/jobs/ring/" + job + "/runs", Map.of());
        UUID id = UUID.fromString(run.at("/id").asText());
        UUID slip = measured(run, 5.1);
        measured(run, 5.05);
        takeAway("/api/readings", slip, 0);
        assertThat(there(read("/api/readings/of-run/" + id))).isEqualTo(1);
        assertThat(ofSpool(spool).body().toString()).contains("RING_INNER");

        assertThat(takeAway("/api/runs", id, 0).status()).isEqualTo(200);
        assertThat(takeAway("/api/runs", id, 0).status())
                .as("once more is once")
                .isEqualTo(200);
        assertThat(read("/api/runs/" + id).status()).isEqualTo(404);
        assertThat(read("/api/notebook/" + id).status()).isEqualTo(404);
        assertThat(there(read("/api/readings/of-run/" + id))).isZero();
        assertThat(progress(run, 0, Map.of()).status())
                .as("nobody goes on with it")
                .isEqualTo(404);

        assertThat(tell("/api/runs/" + id + "/restore", Map.of()).status()).isEqualTo(200);
        assertThat(there(read("/api/readings/of-run/" + id)))
                .as("what was a slip stays away")
                .isEqualTo(1);
        assertThat(read("/api/notebook/" + id).status()).isEqualTo(200);
    }

    /** A job whose run went is as one that was never begun, and its next run stands in the way of the first. */
    @Test
    void theNextRunStandsInItsWay() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 20_000);
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(spool, 5, 40));
        UUID first = UUID.fromString(
                tell("/api/jobs/ring/" + job + "/runs", Map.of()).at("/id").asText());
        takeAway("/api/runs", first, 0);
        Awaitility.await().until(() -> hand(job).at("/runId").isNull());
        UUID second = UUID.fromString(
                tell("/api/jobs/ring/" + job + "/runs", Map.of()).at("/id").asText());
        assertThat(second).isNotEqualTo(first);
        Answer refused = tell("/api/runs/" + first + "/restore", Map.of());
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/code").asText()).isEqualTo("next-run-begun");
        assertThat(takeAway("/api/runs", UUID.randomUUID(), 0).status()).isEqualTo(404);
    }
}
