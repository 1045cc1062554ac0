package toroid.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static toroid.server.TestDatabase.source;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import toroid.server.ApiTest;

/** Backups made by a clock that was years ahead and was put right. */
class ClockSetBackTest extends ApiTest {
    @TempDir
    Path folder;

    /** As many of days to come as are ever kept: today's is kept beside them, and counts as today's. */
    @Test
    void todaysIsKept() throws Exception {
        var shelf = new BackupShelf(folder, source(), "public");
        OffsetDateTime ahead = OffsetDateTime.of(2030, 1, 15, 12, 0, 0, 0, ZoneOffset.UTC);
        for (int month = 0; month < 13; month++) {
            shelf.daily(ahead.plusMonths(month).toInstant());
        }
        Instant today = Instant.parse("2026-11-30T12:00:00Z");
        Path made = shelf.daily(today).file();
        assertThat(Files.exists(made)).isTrue();
        assertThat(shelf.hasOne(BackupShelf.day(today))).isTrue();
        Path tomorrow = shelf.daily(today.plusSeconds(86_400)).file();
        assertThat(Files.exists(tomorrow)).isTrue();
    }
}
