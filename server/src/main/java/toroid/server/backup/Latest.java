package toroid.server.backup;

import java.io.IOException;
import java.util.Arrays;
import java.util.Comparator;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The tables this version knows. */
final class Latest {
    static final String LOCATION = "classpath:db/migration";

    private Latest() {}

    /** Of the tables, as the migrations that ship with it count. */
    static MigrationVersion version() {
        return KNOWN;
    }

    private static final MigrationVersion KNOWN = known();

    /** By the names of their files: no database is asked. */
    private static MigrationVersion known() {
        try {
            return Arrays.stream(new PathMatchingResourcePatternResolver().getResources(LOCATION + "/V*__*.sql"))
                    .map(one -> one.getFilename().substring(1, one.getFilename().indexOf("__")))
                    .map(MigrationVersion::fromVersion)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The version a database is at; null where it is new. */
    static MigrationVersion of(Flyway flyway) {
        MigrationInfo current = flyway.info().current();
        return current == null ? null : current.getVersion();
    }
}
