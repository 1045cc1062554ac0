package toroid.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

/** A row of another workshop is not there: in no list, under no id, in no sum. */
class WorkshopsTest extends ApiTest {
    private static final String OTHER = "00000000-0000-4000-8000-0000000000ff";

    @Autowired
    private JdbcTemplate database;

    @Test
    void anotherWorkshopsRowsAreNotSeen() {
        database.execute("insert into workshop (id, name) values ('" + OTHER + "', 'Another')");
        UUID spool = spool("copper", "HALF_HARD", 1.0, 9_000);
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(spool, 4, 10));
        Answer run = tell("/api/jobs/ring/" + job + "/runs", Map.of());
        String runId = run.at("/id").asText();
        hand(job);
        for (String table : new String[] {"lot", "job", "run", "stock_move"}) {
            String by = table.equals("stock_move")
                    ? "lot_id = '" + spool + "'"
                    : "id in ('" + spool + "','" + job + "','" + runId + "')";
            assertThat(database.update("update " + table + " set workshop_id = '" + OTHER + "' where " + by))
                    .as(table)
                    .isEqualTo(1);
        }
        assertThat(read("/api/spools/" + spool).status()).isEqualTo(404);
        assertThat(read("/api/spools").body().findValuesAsText("id")).doesNotContain(spool.toString());
        assertThat(read("/api/lots/" + spool).status()).isEqualTo(404);
        assertThat(read("/api/lots/standings").body().findValuesAsText("lot")).doesNotContain(spool.toString());
        assertThat(read("/api/jobs/ring/" + job).status()).isEqualTo(404);
        assertThat(read("/api/runs/" + runId).status()).isEqualTo(404);
        assertThat(read("/api/bench").body().findValuesAsText("jobId")).doesNotContain(job.toString());
        assertThat(read("/api/notebook?most=200").body().findValuesAsText("runId"))
                .doesNotContain(runId);
        assertThat(read("/api/notebook/" + runId).status()).isEqualTo(404);
        assertThat(read("/api/runs/names?id=" + runId).body()).isEmpty();
        // what is kept under its id belongs to the other: it is neither read nor written over
        assertThat(keep("/api/jobs/ring", job, 0, job(null, 5, 10)).status()).isIn(404, 409);
        assertThat(database.queryForObject(
                        "select content ->> 'aimValue' from job where id = '" + job + "'", String.class))
                .startsWith("4");
    }

    @AfterEach
    void takeAway() {
        database.update("delete from stock_move where workshop_id = '" + OTHER + "'");
        database.update(
                "delete from reservation where lot_id in (select id from lot where workshop_id = '" + OTHER + "')");
        database.update("delete from run where workshop_id = '" + OTHER + "'");
        database.update("delete from job where workshop_id = '" + OTHER + "'");
        database.update("delete from lot where workshop_id = '" + OTHER + "'");
        database.update("delete from workshop where id = '" + OTHER + "'");
    }
}
