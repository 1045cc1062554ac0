package toroid.server.work;

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

    @Autowired
    private Glances glances;

    private UUID outline(Object rows) {
        return formJob("An outline", "outline", 1.0, Map.of("symmetric", "no", "bends", rows), 1);
    }

    @Test
    void anOutlineWithARowOfNothingIsSaidOnTheBenchBesideTheOthers() {
        UUID good =
                outline(List.of(Map.of("feedMm", 10, "bendDegrees", 90, "insideRadiusMm", 2), Map.of("feedMm", 10)));
        UUID nothing = outline(List.of(Map.of("feedMm", 0, "bendDegrees", 0, "insideRadiusMm", 0)));
        UUID wrong = outline(List.of("no row"));
        assertThat(refusal(good)).isEmpty();
        assertThat(refusal(nothing)).isEqualTo("form-without-length");
        assertThat(refusal(wrong)).isEqualTo("outline-row-is-none");
    }

    private String refusal(UUID job) {
        return hand(job).at("/glance/refusal/code").asText();
    }

    /** A plan written by something else: the run's job, and every other, stay in every list. */
    @Test
    void aRunWhosePlanCannotBeReadTakesNoListWithIt() {
        for (String kind : List.of("ring", "form", "weave")) {
            for (String unreadable : List.of("{\"job\": 7}", "no plan", "")) {
                UUID job = UUID.randomUUID();
                keep("/api/jobs/" + kind, job, null, Kinds.kept(kind));
                Answer run = tell("/api/jobs/" + kind + "/" + job + "/runs", Map.of());
                assertThat(run.status()).as("%s", run.body()).isEqualTo(200);
                UUID id = UUID.fromString(run.at("/id").asText());
                database.update("update run set plan = ?, glance = null where id = ?", unreadable, id);
                assertThat(read("/api/bench").status()).isEqualTo(200);
                glances.lookAtAll();
                assertThat(refusal(job)).isEqualTo("unreadable-plan");
                assertThat(read("/api/runs/" + id).at("/code").asText()).isEqualTo("unreadable-plan");
                Answer notebook = read("/api/notebook");
                assertThat(notebook.status()).isEqualTo(200);
                assertThat(notebook.body().findValues("unreadable"))
                        .anyMatch(why -> why.path("code").asText().equals("unreadable-plan"));
                database.update("update run set deleted_at = now() where id = ?", id);
            }
        }
    }

    /** So does content: the bench says so in its place, every other job stays. */
    @Test
    void aJobThatCannotBeReadTakesNoListWithIt() {
        UUID job = outline(List.of(Map.of("feedMm", 10, "bendDegrees", 90, "insideRadiusMm", 2)));
        assertThat(refusal(job)).isEmpty();
        database.update("update job set content = '{\"copies\": \"many\"}', glance = null where id = ?", job);
        glances.lookAtAll();
        assertThat(refusal(job)).isEqualTo("cannot-be-worked-out");
        database.update("update job set glance = 'no glance' where id = ?", job);
        assertThat(read("/api/bench").status()).isEqualTo(200);
        database.update("update job set deleted_at = now() where id = ?", job);
    }
}
