package toroid.server.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * {@code backup FILE}, {@code restore FILE [--replace FOLDER]}: run by {@code ./toroid backup} and {@code restore}; the database is the one the
 * environment names, as for the server.
 */
public final class BackupCommand {
    private static final String SCHEMA = "public";

    private BackupCommand() {}

    public static void main(String[] arguments) throws IOException, SQLException {
        try {
            System.out.println(run(arguments));
        } catch (NoBackup sentence) {
            System.err.println(sentence.getMessage());
            System.exit(1);
        }
    }

    private static String run(String[] arguments) throws IOException, SQLException {
        DataSource source = database();
        Path file = Path.of(arguments[1]);
        if (arguments[0].equals("backup")) {
            BackupShelf.Made made = new BackupShelf(null, source, SCHEMA).to(file, Instant.now());
            return "backed up to " + made.file() + ": " + made.rows() + " rows, " + made.bytes() / 1024 + " KiB";
        }
        boolean replace = arguments.length > 2;
        String before = "";
        if (replace) {
            try (var connection = source.getConnection()) {
                replace = !Tables.isEmpty(connection, SCHEMA);
            }
        }
        if (replace) {
            BackupShelf.Made made =
                    new BackupShelf(Path.of(arguments[2]), source, SCHEMA).before("restore", Instant.now());
            before = "; what was there is in " + made.file();
        }
        Manifest manifest = new Restore(source, SCHEMA).from(file, replace);
        return "restored the workshop of " + manifest.madeAt() + ": " + manifest.rows() + " rows" + before;
    }

    /** By its plain address: the driver's own source writes all its settings into it, and Flyway looks through them letter by letter. */
    private static DataSource database() {
        return new DriverManagerDataSource(
                System.getenv("TOROID_DATABASE_URL"),
                System.getenv("TOROID_DATABASE_USER"),
                System.getenv("TOROID_DATABASE_PASSWORD"));
    }
}
