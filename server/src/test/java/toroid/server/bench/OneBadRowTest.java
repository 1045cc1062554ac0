package toroid.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

/** One row that cannot be worked out stands in its place with the reason; the others stand beside it. */
class OneBadRowTest extends ApiTest {
    @Autowired
    private JdbcTemplate database;

    private UUID outline(Object rows) {
        return formJob("An outline", "outline", 1.0, Map.of("symmetric", "no", "bends", rows), 1);
    }

    @Test
    void anOutlineWithARowOfNothingIsSaidOnTheBenchBesideTheOthers() {
        UUID good =
                outline(List.of(Map.of("feedMm", 10, "bendDegrees", 90, "insideRadiusMm", 2), Map.of("feedMm", 10)));
        UUID nothing = outline(List.of(Map.of("feedMm", 0, "bendDegrees", 0, "insideRadiusMm", 0)));
        UUID wrong = outline(List.of("no row"));
        Answer bench = read("/api/bench/forms");
        assertThat(bench.status()).isEqualTo(200);
        assertThat(refusal(bench, good)).isEqualTo("null");
        assertThat(refusal(bench, nothing)).contains("no length");
        assertThat(refusal(bench, wrong)).contains("no row");
    }

    private static String refusal(Answer bench, UUID job) {
        for (var row : bench.body()) {
            if (row.at("/job/id").asText().equals(job.toString())) {
                return row.get("refusal").asText();
            }
        }
        throw new AssertionError("the job is not on the bench");
    }

    /** A plan written by something else: the run's job, and every other, stay in every list. */
    @Test
    void aRunWhosePlanCannotBeReadTakesNoListWithIt() {
        for (String kind : List.of("ring", "form", "weave")) {
            UUID job = UUID.randomUUID();
            keep("/api/" + kind + "-jobs", job, null, kind.equals("ring") ? job(null, 4, 10) : Kinds.data(kind));
            Answer run = tell("/api/" + kind + "-jobs/" + job + "/runs", Map.of());
            assertThat(run.status()).as("%s", run.body()).isEqualTo(200);
            UUID id = UUID.fromString(run.at("/id").asText());
            database.update("update " + kind + "_run set plan = '{\"job\": 7}'::jsonb::text where id = ?", id);
            String bench = "/api/bench" + (kind.equals("ring") ? "" : "/" + kind + "s");
            assertThat(read(bench).status()).as(bench).isEqualTo(200);
            assertThat(refusal(read(bench), job)).contains("cannot be read");
            if (!kind.equals("weave")) {
                Answer notebook = read("/api/notebook" + (kind.equals("ring") ? "" : "/forms"));
                assertThat(notebook.status()).isEqualTo(200);
                assertThat(notebook.body().findValuesAsText("unreadable")).anyMatch(words -> words.contains("be read"));
            }
            database.update("update " + kind + "_run set deleted_at = now() where id = ?", id);
        }
    }
}
