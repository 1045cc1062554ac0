package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.CannotCreateTransactionException;
import toroid.server.ApiTest;
import toroid.server.TestDatabase;

/** The database gone for a moment is no fault of the server and of nobody's question: it is said so, and all goes on once it is back. */
class DatabaseAwayTest extends ApiTest {
    @Autowired
    private HikariDataSource pool;

    /** All connections are cut again and again while lots are kept and read: nothing is a fault, and what was acknowledged is there. */
    @Test
    void connectionsCutInTheMiddle() throws Exception {
        var on = new AtomicBoolean(true);
        var hand = Executors.newSingleThreadExecutor();
        var cutting = hand.submit(() -> {
            try (Connection connection = TestDatabase.source().getConnection();
                    var statement = connection.createStatement()) {
                while (on.get()) {
                    statement.execute("select pg_sleep(0.02)");
                    statement.execute(
                            "select pg_terminate_backend(pid) from pg_stat_activity"
                                    + " where datname = current_database() and usename = current_user and pid <> pg_backend_pid()");
                }
            }
            return null;
        });
        int kept = 0;
        int away = 0;
        for (int i = 0; i < 60 || kept == 0 && i < 20_000; i++) {
            UUID id = UUID.randomUUID();
            Answer answer = keep("/api/spools", id, null, spoolData("Held", "copper", "HALF_HARD", 1.0));
            assertThat(answer.status()).as("%s", answer).isIn(200, 503);
            away += answer.status() == 503 ? 1 : 0;
            if (answer.status() == 200) {
                kept++;
                Answer there = read("/api/spools/" + id);
                while (there.status() == 503) {
                    there = read("/api/spools/" + id);
                }
                assertThat(there.status()).isEqualTo(200);
            }
        }
        on.set(false);
        cutting.get();
        hand.shutdownNow();
        // a connection cut in its last half second is not looked at before it is used again
        pool.getHikariPoolMXBean().softEvictConnections();
        assertThat(away).isPositive();
        await().atMost(Duration.ofMinutes(2)).until(() -> read("/api/bench").status() == 200);
    }

    /** No room on the disk: said so, nothing half written, and the same edit is kept once there is room. */
    @Test
    void aFullDiskIsSaidAndTheEditGoesInOnceThereIsRoom() throws Exception {
        UUID id = UUID.randomUUID();
        var spool = spoolData("Held", "copper", "HALF_HARD", 1.0);
        try (Connection connection = TestDatabase.source().getConnection();
                var statement = connection.createStatement()) {
            statement.execute("create function no_room() returns trigger language plpgsql as"
                    + " $$ begin raise exception 'No space left on device' using errcode = '53100'; end $$");
            statement.execute("create trigger full_disk after insert on lot execute function no_room()");
            try {
                Answer full = keep("/api/spools", id, null, spool);
                assertThat(full.status()).isEqualTo(503);
                assertThat(full.at("/code").asText()).isEqualTo("disk-full");
                assertThat(read("/api/spools/" + id).status()).isEqualTo(404);
                assertThat(read("/api/bench").status()).isEqualTo(200);
            } finally {
                statement.execute("drop trigger full_disk on lot");
                statement.execute("drop function no_room()");
            }
        }
        assertThat(keep("/api/spools", id, null, spool).status()).isEqualTo(200);
    }

    @Test
    void whatIsAwayAndWhatIsNot() {
        for (String state : new String[] {"08006", "53100", "53300", "57P01", "57P03"}) {
            assertThat(DatabaseAway.is(new IllegalStateException(new SQLException("x", state))))
                    .as(state)
                    .isTrue();
        }
        for (String state : new String[] {"23505", "40001", "57014", "42601", null}) {
            assertThat(DatabaseAway.is(new IllegalStateException(new SQLException("x", state))))
                    .as(state)
                    .isFalse();
        }
        assertThat(DatabaseAway.is(new CannotCreateTransactionException(
                        "x", new java.sql.SQLTransientConnectionException("request timed out"))))
                .isTrue();
        assertThat(DatabaseAway.is(new IllegalStateException("x"))).isFalse();
    }
}
