package toroid.server.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** Tables are brought up to date after they were backed up; those of a newer Toroid are not touched. */
@Component
class SafeMigration implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(SafeMigration.class);

    private final String folder;

    SafeMigration(@Value("${toroid.backups:}") String folder) {
        this.folder = folder;
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationVersion at = Latest.of(flyway);
        if (at != null && at.compareTo(Latest.version()) > 0) {
            throw new NewerDatabase(at.getVersion(), Latest.version().getVersion());
        }
        if (at != null && at.compareTo(Latest.version()) < 0 && !folder.isBlank()) {
            String schema = flyway.getConfiguration().getDefaultSchema();
            var shelf = new BackupShelf(
                    Path.of(folder), flyway.getConfiguration().getDataSource(), schema == null ? "public" : schema);
            try {
                Path file = shelf.before("v" + Latest.version(), Instant.now()).file();
                LOG.info("the workshop's tables are of version {}; backed up to {}", at, file);
            } catch (IOException | SQLException failure) {
                throw new NoBackup(
                        "The workshop is of an earlier version and could not be backed up to " + folder
                                + ", so nothing was changed. Make room there, or set TOROID_BACKUPS to another folder.",
                        failure);
            }
        }
        flyway.migrate();
    }
}
