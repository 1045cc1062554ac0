package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

/** Runs begun by a clock that was ahead and was put right. */
class ClockSetBackTest extends ApiTest {
    @Autowired
    private JdbcTemplate database;

    private JsonNode begun(UUID job) {
        return tell("/api/jobs/form/" + job + "/runs", Map.of()).body();
    }

    /** The one in hand is the one that was begun last, whatever day it is said to be. */
    @Test
    void whatIsInHandIsFound() {
        UUID job = formJob("Hooks of a year ahead", "s-hook", 1.0, Map.of(), 2);
        JsonNode first = begun(job);
        var done = new TreeMap<String, Integer>();
        first.at("/data/plan/operations").forEach(one -> done.put(one.get("id").asText(), 2));
        UUID firstId = UUID.fromString(first.get("id").asText());
        Map<String, Object> all = Map.of("done", done, "counts", Map.of(), "note", "");
        assertThat(keep("/api/runs", firstId, 0, all).status()).isEqualTo(200);
        database.update("update run set created_at = created_at + interval '1 year' where id = ?", firstId);
        String second = begun(job).get("id").asText();
        assertThat(second).isNotEqualTo(firstId.toString());
        for (JsonNode entry : read("/api/bench").body()) {
            if (entry.at("/jobId").asText().equals(job.toString())) {
                assertThat(entry.get("runId").asText()).isEqualTo(second);
                assertThat(entry.get("finished").asBoolean()).isFalse();
                return;
            }
        }
        throw new AssertionError("the job is not on the bench");
    }
}
