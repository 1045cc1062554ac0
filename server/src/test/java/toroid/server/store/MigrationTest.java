package toroid.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

/** A database of an earlier version opens: every step forward keeps what was there. */
class MigrationTest extends ApiTest {
    private static final String OLD = "earlier";

    @Autowired
    private DataSource source;

    @Autowired
    private JdbcTemplate database;

    private Flyway upTo(String version) {
        return Flyway.configure()
                .dataSource(source)
                .schemas(OLD)
                .defaultSchema(OLD)
                .locations("classpath:db/migration")
                .target(version)
                .load();
    }

    @Test
    void aWorkshopOfRingsOpensWithItsJobsRunsAndMeasurements() {
        upTo("1").migrate();
        UUID spool = UUID.randomUUID();
        UUID job = UUID.randomUUID();
        UUID run = UUID.randomUUID();
        String now = "timestamptz '2026-11-01 10:00Z'";
        database.execute(
                "insert into earlier.spool (id, version, created_at, updated_at, name, metal, temper, wire_diameter_mm)"
                        + " values ('" + spool + "', 0, " + now + ", " + now
                        + ", 'Old spool', 'copper', 'HALF_HARD', 1.0)");
        database.execute(
                "insert into earlier.ring_job (id, version, created_at, updated_at, name, spool_id, metal, temper,"
                        + " wire_diameter_mm, convention, aim_value, ring_count, spare_percent, turns_per_ring, cut_method,"
                        + " cut_loss_mm, cut_flipped, winding, lead_mm, tail_mm, spoilt_turns_per_end, usable_mandrel_mm)"
                        + " values ('" + job + "', 3, " + now + ", " + now + ", 'Old job', '" + spool
                        + "', 'copper', 'HALF_HARD',"
                        + " 1, 'INNER', 4.5, 10, 5, 1, 'saw', 0.3, false, 'TURNED', 25, 40, 1, 180)");
        database.execute(
                "insert into earlier.ring_run (id, version, created_at, updated_at, job_id, plan, step, counts)"
                        + " values ('" + run + "', 1, " + now + ", " + now + ", '" + job + "', '{}', 2, '{}')");
        upTo("latest").migrate();
        assertThat(database.queryForObject("select name from earlier.lot", String.class))
                .isEqualTo("Old spool");
        assertThat(database.queryForObject("select version from earlier.job", Integer.class))
                .isEqualTo(3);
        assertThat(database.queryForObject("select progress from earlier.run", String.class))
                .contains("\"step\":2");
        assertThat(database.queryForObject("select count(*) from earlier.job where kind = 'form'", Integer.class))
                .isZero();
        assertThat(database.queryForList("select known from earlier.lot", Boolean.class))
                .containsOnly(false);
        assertThat(upTo("latest").validateWithResult().validationSuccessful).isTrue();
    }

    /** What a spool was said to hold, and what its runs took off it, become its moves: their sum is what is left, below nothing too. */
    @Test
    void whatIsLeftBecomesTheSumOfMoves() {
        upTo("8").migrate();
        String now = "timestamptz '2026-11-01 10:00Z'";
        UUID spool = UUID.randomUUID();
        UUID job = UUID.randomUUID();
        UUID run = UUID.randomUUID();
        database.execute(
                "insert into earlier.spool (id, version, created_at, updated_at, name, metal, temper, wire_diameter_mm,"
                        + " length_left_mm, overdrawn_mm) values ('" + spool + "', 4, " + now + ", " + now
                        + ", 'Short spool', 'copper', 'HALF_HARD', 1, 0, 777)");
        database.execute(
                "insert into earlier.ring_job (id, version, created_at, updated_at, name, spool_id, metal, temper,"
                        + " wire_diameter_mm, convention, aim_value, ring_count, spare_percent, turns_per_ring, cut_method, cut_loss_mm,"
                        + " cut_flipped, winding, lead_mm, tail_mm, spoilt_turns_per_end, usable_mandrel_mm) values ('"
                        + job
                        + "', 0, " + now + ", " + now + ", 'Rings', '" + spool
                        + "', 'copper', 'HALF_HARD', 1, 'INNER', 4.5, 10, 5, 1, 'saw', 0.3, false, 'TURNED', 25, 40, 1, 180)");
        database.execute(
                "insert into earlier.ring_run (id, version, created_at, updated_at, job_id, plan, step, counts, wire_used_mm)"
                        + " values ('" + run + "', 1, " + now + ", " + now + ", '" + job
                        + "', '{\"job\":{\"spoolId\":\"" + spool
                        + "\"}}', 2, '{}', 877)");
        upTo("latest").migrate();
        assertThat(database.queryForList(
                        "select why || ' ' || amount from earlier.stock_move order by why", String.class))
                .containsExactly("COUNTED 100", "USED -877");
        assertThat(database.queryForObject("select workshop_id from earlier.job", UUID.class))
                .isEqualTo(TheWorkshop.ONLY);
    }

    /** A rule nobody chose becomes the usual advice; one that was chosen stays. */
    @Test
    void aRuleNobodyChoseBecomesTheUsualAdvice() {
        upTo("5").migrate();
        for (String from : List.of("1", "0.8")) {
            database.execute(
                    "insert into earlier.form_job (id, version, created_at, updated_at, name, form_id, metal, temper,"
                            + " wire_diameter_mm, parameters, hand, pieces, rhythm, cutting, plain_from_mm, tail_factor) values ('"
                            + UUID.randomUUID() + "', 0, now(), now(), 'from " + from
                            + "', 'plain-loop', 'copper', 'HALF_HARD', 1,"
                            + " '{}', 'RIGHT', 1, 'BATCH', 'PRE_CUT', " + from + ", 1)");
            database.execute("insert into earlier.preference (id, version, created_at, updated_at, choices) values ('"
                    + UUID.randomUUID() + "', 0, now(), now(), '{\"units\":\"INCHES\",\"plainFromMm\":" + from + "}')");
        }
        upTo("latest").migrate();
        assertThat(database.queryForList(
                        "select (content ->> 'plainFromMm')::double precision from earlier.job order by name",
                        Double.class))
                .containsExactly(0.8, null);
        assertThat(database.queryForList(
                        "select choices::jsonb ->> 'plainFromMm' from earlier.preference order by 1 nulls last",
                        String.class))
                .containsExactly("0.8", null);
        assertThat(database.queryForList("select choices::jsonb ->> 'units' from earlier.preference", String.class))
                .containsOnly("INCHES");
    }

    /** A weave run begun before its piece was kept with it has none yet: it is laid out when first asked for. */
    @Test
    void aWeaveRunOfVersionFourOpensAtItsStep() {
        upTo("4").migrate();
        String ids = "'" + UUID.randomUUID() + "'";
        String run = "'" + UUID.randomUUID() + "'";
        database.execute("insert into earlier.weave_job (id, version, created_at, updated_at, name, weave_id, metal,"
                + " wire_diameter_mm, inner_diameter_mm, piece, colours) values (" + ids
                + ", 2, now(), now(), 'Old chain', 'byzantine', 'copper', 1, '[3.8]', '{\"units\": 9}', '{}')");
        database.execute(
                "insert into earlier.weave_run (id, version, created_at, updated_at, job_id, plan, step, counts)"
                        + " values (" + run + ", 5, now(), now(), " + ids + ", '{}', 17, '{\"0\": 26}')");
        upTo("latest").migrate();
        assertThat(database.queryForObject("select progress from earlier.run", String.class))
                .contains("\"step\":17")
                .contains("26");
        assertThat(database.queryForObject("select content -> 'piece' ->> 'units' from earlier.job", String.class))
                .isEqualTo("9");
        assertThat(database.queryForObject("select count(*) from earlier.run_view", Integer.class))
                .isZero();
        database.execute("insert into earlier.run_view (run_id, shown) values (" + run + ", '{}')");
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> database.execute(
                        "insert into earlier.run_view (run_id, shown) values (gen_random_uuid(), '{}')"))
                .isInstanceOf(org.springframework.dao.DataIntegrityViolationException.class);
    }

    @Test
    void whatCannotBeIsRefusedByTheTablesThemselves() {
        upTo("latest").migrate();
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> database.execute(
                        "insert into earlier.lot (id, version, workshop_id, created_at, updated_at, kind, name, facts, facts_version, known, place, note)"
                                + " values (gen_random_uuid(), 0, '" + TheWorkshop.ONLY
                                + "', now(), now(), 'wire', 'Rope', '{\"diameter\": 99}', 1, false, '', '')"))
                .isInstanceOf(org.springframework.dao.DataIntegrityViolationException.class);
    }

    @AfterEach
    void takeAway() {
        database.execute("drop schema if exists earlier cascade");
    }
}
