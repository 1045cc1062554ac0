package toroid.server.backup;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationVersion;
import org.postgresql.PGConnection;
import org.postgresql.util.PSQLException;
import toroid.server.store.ServerCode;

/**
 * Brings a backup in: laid out beside what is there, in tables as they were when it was made, brought up to today's, and only then put in
 * its place, at one stroke. Whatever goes wrong before leaves everything as it was.
 */
final class Restore {
    private static final String BESIDE = "_coming_in";

    private final DataSource source;
    private final String schema;
    private final String beside;

    Restore(DataSource source, String schema) {
        this.source = source;
        this.schema = schema;
        this.beside = schema + BESIDE;
    }

    /**
     * @param replace whether a workshop that is there may go
     * @throws NoBackup in a sentence; nothing is changed then
     */
    Manifest from(Path file, boolean replace) throws SQLException, IOException {
        try (BackupFile backup = BackupFile.open(file)) {
            Manifest manifest = backup.manifest();
            demandKnown(manifest);
            try (Connection connection = source.getConnection()) {
                if (!replace && !Tables.isEmpty(connection, schema)) {
                    throw new NoBackup(
                            "There is a workshop in this database already, and nothing of it is written over. To put the"
                                    + " backup in its place say --replace; what is there now is backed up first.");
                }
                drop(connection, beside);
            }
            flyway(manifest.schemaVersion()).migrate();
            try (Connection connection = source.getConnection()) {
                fill(connection, backup);
            }
            flyway("latest").migrate();
            try (Connection connection = source.getConnection()) {
                swap(connection);
            }
            return manifest;
        } catch (FlywayException failure) {
            throw new NoBackup(
                    ServerCode.BACKUP_REFUSED,
                    "The backup could not be brought up to this version. Nothing was changed.",
                    failure);
        } finally {
            try (Connection connection = source.getConnection()) {
                drop(connection, beside);
            }
        }
    }

    /** @throws NoBackup when it is of tables this version does not know */
    static void demandKnown(Manifest manifest) {
        MigrationVersion made = MigrationVersion.fromVersion(manifest.schemaVersion());
        if (made.compareTo(Latest.version()) > 0) {
            throw new NoBackup(
                    ServerCode.BACKUP_NEWER,
                    "The backup was made by a newer Toroid, with tables of version " + manifest.schemaVersion()
                            + "; this one knows them up to " + Latest.version() + ". Bring Toroid up to date first.");
        }
    }

    private Flyway flyway(String target) {
        return Flyway.configure()
                .dataSource(source)
                .schemas(beside)
                .defaultSchema(beside)
                .locations(Latest.LOCATION)
                .target(target)
                .load();
    }

    private void fill(Connection connection, BackupFile backup) throws SQLException, IOException {
        connection.setAutoCommit(false);
        try (Statement statement = connection.createStatement()) {
            // what the migrations lay out themselves is in the backup as it had become
            List<String> last = new ArrayList<>(Tables.of(connection, beside));
            Collections.reverse(last);
            for (String table : last) {
                statement.execute("delete from " + Tables.quoted(beside) + "." + Tables.quoted(table));
            }
            for (Manifest.TableMade table : backup.manifest().tables()) {
                fill(connection, backup, table);
            }
            connection.commit();
        } catch (PSQLException refused) {
            connection.rollback();
            throw new NoBackup(
                    ServerCode.BACKUP_REFUSED,
                    "The backup holds rows the database does not take. Nothing was changed.",
                    refused);
        } finally {
            connection.setAutoCommit(true);
        }
    }

    private void fill(Connection connection, BackupFile backup, Manifest.TableMade table)
            throws SQLException, IOException {
        List<String> columns;
        try (InputStream rows = backup.rows(table)) {
            columns = columns(rows);
        }
        try (InputStream rows = backup.rows(table)) {
            long in = connection
                    .unwrap(PGConnection.class)
                    .getCopyAPI()
                    .copyIn(Tables.in(beside, table.name(), columns), rows);
            if (in != table.rows()) {
                throw new NoBackup(
                        ServerCode.BACKUP_REFUSED,
                        "The table " + table.name() + " has " + in + " rows where the backup says " + table.rows()
                                + ". Nothing was changed.");
            }
        }
    }

    private static List<String> columns(InputStream rows) throws IOException {
        String head = new BufferedReader(new InputStreamReader(rows, StandardCharsets.UTF_8)).readLine();
        return head == null ? List.of() : List.of(head.split(","));
    }

    /** What was there goes, what came in takes its place: both or neither. */
    private void swap(Connection connection) throws SQLException {
        connection.setAutoCommit(false);
        try (Statement statement = connection.createStatement()) {
            statement.execute("drop schema if exists " + Tables.quoted(schema) + " cascade");
            statement.execute("alter schema " + Tables.quoted(beside) + " rename to " + Tables.quoted(schema));
            connection.commit();
        } finally {
            connection.rollback();
            connection.setAutoCommit(true);
        }
    }

    private static void drop(Connection connection, String schema) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("drop schema if exists " + Tables.quoted(schema) + " cascade");
        }
    }
}
