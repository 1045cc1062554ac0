package toroid.server.store;

import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Objects;
import java.util.Properties;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * How many servers work on this database: each holds one lock of PostgreSQL's, shared, on a connection of its own as long as it lives, and
 * counts who holds it. Two lose nothing, as all is kept in the database and every edit says what it rests on; but a screen at one is not told
 * of what is done at the other.
 */
@Component
public class Beside {
    private static final Logger LOG = LoggerFactory.getLogger(Beside.class);

    /** Any number that is the same in every server and no other lock's; {@code scripts/doctor.sh} looks for it too. */
    static final int LOCK = 1_953_460_847;

    private static final String HOLD = "select pg_try_advisory_lock_shared(" + LOCK + ")";
    private static final String COUNT =
            "select count(distinct pid) from pg_locks where locktype = 'advisory' and granted"
                    + " and mode = 'ShareLock' and classid = 0 and objid = " + LOCK
                    + " and database = (select oid from pg_database where datname = current_database())";

    /** Seconds after which a database that says nothing is taken to be away. */
    private static final String PATIENCE = "5";

    private final DataSourceProperties database;
    private Connection held;
    private volatile int servers = 1;

    Beside(DataSourceProperties database) {
        this.database = database;
    }

    /** This one and those beside it, as it was within the last quarter of a minute; 1 where the database is away. */
    public int servers() {
        return servers;
    }

    @Scheduled(fixedDelay = 15_000)
    synchronized void look() {
        int before = servers;
        try {
            if (held == null) {
                held = connected();
                try (Statement statement = held.createStatement()) {
                    statement.execute(HOLD);
                }
            }
            try (Statement statement = held.createStatement();
                    ResultSet row = statement.executeQuery(COUNT)) {
                row.next();
                servers = Math.max(1, row.getInt(1));
            }
        } catch (SQLException away) {
            LOG.debug("the database is away", away);
            letGo();
        }
        if (servers > 1 && servers != before) {
            LOG.warn(
                    "{} servers work on this database: a screen at one is not told of what is done at another",
                    servers);
        }
    }

    private Connection connected() throws SQLException {
        var as = new Properties();
        as.setProperty("user", database.determineUsername());
        as.setProperty("password", Objects.requireNonNullElse(database.determinePassword(), ""));
        as.setProperty("ApplicationName", "toroid, here");
        as.setProperty("connectTimeout", PATIENCE);
        as.setProperty("socketTimeout", PATIENCE);
        return DriverManager.getConnection(database.determineUrl(), as);
    }

    @PreDestroy
    synchronized void letGo() {
        servers = 1;
        if (held != null) {
            try {
                held.close();
            } catch (SQLException broken) {
                LOG.debug("it was gone already", broken);
            }
            held = null;
        }
    }
}
