package toroid.server.calibration;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

/** Years of runs: told a page at a time, and found by what is said of them. */
class NotebookPagesTest extends ApiTest {
    private static final int MANY = 130;
    private static final String CALLED = "Zzq";

    @Autowired
    private JdbcTemplate database;

    private UUID run;

    /** One run that is done, and many of the same; several began in the same moment. */
    @BeforeEach
    void yearsOfRuns() {
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(null, 5, 40));
        Answer begun = tell("/api/jobs/ring/" + job + "/runs", Map.of());
        int steps = begun.at("/data/plan/operations").size();
        assertThat(progress(begun, steps, Map.of(), "Flux was old (50% gone); \\ next time_fresh")
                        .status())
                .isEqualTo(200);
        run = UUID.fromString(begun.at("/id").asText());
        database.update("update run set name = ? where id = ?", CALLED + " the first", run);
        for (int i = 0; i < MANY; i++) {
            database.update(
                    "insert into run (id, workshop_id, version, created_at, updated_at, job_id, kind, name, plan,"
                            + " plan_version, progress, drawn, glance, finished_at, note)"
                            + " select gen_random_uuid(), workshop_id, 0, created_at - (? * interval '1 day'), updated_at,"
                            + " job_id, kind, ?, plan, plan_version, progress, drawn, glance, finished_at, ''"
                            + " from run where id = ?",
                    1 + i / 3,
                    CALLED + " copy " + i,
                    run);
        }
    }

    @AfterEach
    void gone() {
        database.update("delete from run where name like ?", CALLED + "%");
    }

    /** Encoded as it is asked. */
    private static String words(String words) {
        return "words=" + words;
    }

    private List<String> found(String words) {
        return read("/api/notebook?most=200&" + words(words)).at("/entries").findValuesAsText("name");
    }

    @Test
    void everyRunIsOnOnePageNewestFirst() {
        var names = new ArrayList<String>();
        var moments = new ArrayList<String>();
        String after = "";
        int pages = 0;
        while (after != null && pages < 20) {
            Answer page = read("/api/notebook?most=17&" + words(CALLED) + after);
            assertThat(page.at("/entries").size()).isLessThanOrEqualTo(17);
            names.addAll(page.at("/entries").findValuesAsText("name"));
            moments.addAll(page.at("/entries").findValuesAsText("startedAt"));
            after = page.at("/next").isNull()
                    ? null
                    : "&after=" + page.at("/next").asText();
            pages++;
        }
        assertThat(pages).isEqualTo((MANY + 1 + 16) / 17);
        assertThat(names).hasSize(MANY + 1).doesNotHaveDuplicates();
        assertThat(names.get(0)).isEqualTo(CALLED + " the first");
        assertThat(moments).isSortedAccordingTo(java.util.Comparator.reverseOrder());
    }

    @Test
    void allWordsAreToBeFoundInItsNameItsNoteOrWhatIsToldOfIt() {
        assertThat(found(CALLED + " copy 12"))
                .contains(CALLED + " copy 12", CALLED + " copy 120")
                .hasSize(12);
        assertThat(found("old " + CALLED.toLowerCase(java.util.Locale.ROOT))).containsExactly(CALLED + " the first");
        assertThat(found("copper " + CALLED)).as("the metal it tells of").hasSize(MANY + 1);
        assertThat(found("toCount " + CALLED)).as("no name of a field").isEmpty();
        assertThat(found("silver " + CALLED)).isEmpty();
    }

    /** Signs mean themselves. */
    @Test
    void signsAreLookedForAsTheyAreWritten() {
        for (String said : List.of("(50%", "50%", "time_fresh", "\\", "gone);")) {
            assertThat(found(said + " " + CALLED)).as(said).containsExactly(CALLED + " the first");
        }
        for (String other : List.of("(", "a.b*", "[", "5_%", ".*", "\\d", "a\u0000b", "\u0000")) {
            assertThat(read("/api/notebook?" + words(other)).status()).as(other).isEqualTo(200);
        }
        assertThat(found("o.d " + CALLED)).isEmpty();
    }

    @Test
    void oneRunIsToldByItself() {
        JsonNode one = read("/api/notebook/" + run).body();
        assertThat(one.get("name").asText()).isEqualTo(CALLED + " the first");
        assertThat(read("/api/notebook/" + UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(read("/api/notebook?after=" + UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(read("/api/notebook?most=201").status()).isEqualTo(400);
        assertThat(read("/api/runs/names?id=" + run + "," + UUID.randomUUID())
                        .body()
                        .size())
                .isEqualTo(1);
    }
}
