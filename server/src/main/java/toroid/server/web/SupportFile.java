package toroid.server.web;

import io.swagger.v3.oas.annotations.Operation;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.backup.Backups;

/**
 * What whoever helps needs to know of this Toroid, as text the maker can read before it is sent: versions, sizes, how many rows each table has,
 * faults since the start without their messages. No names, notes, prices, addresses or paths: nothing that was typed.
 */
@RestController
class SupportFile {
    private static final long MIB = 1024L * 1024;

    private final JdbcTemplate database;
    private final Backups backups;
    private final FaultsSeen faults;
    private final Clock clock;
    private final Instant started;

    SupportFile(JdbcTemplate database, Backups backups, FaultsSeen faults, Clock clock) {
        this.database = database;
        this.backups = backups;
        this.faults = faults;
        this.clock = clock;
        this.started = clock.instant();
    }

    @Operation(summary = "Versions, sizes and faults as text, without anything of the workshop's own")
    @GetMapping("/api/support.txt")
    ResponseEntity<byte[]> text() {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "plain", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("toroid-support.txt")
                                .build()
                                .toString())
                .body(written().getBytes(StandardCharsets.UTF_8));
    }

    private String written() {
        var text = new StringBuilder(
                "Toroid, for whoever helps. Nothing of the workshop's own is in it: read it before it is sent.\n");
        Instant now = clock.instant();
        line(text, "written", now.toString());
        line(text, "running for", minutes(started, now) + " min");
        line(text, "Java", Runtime.version().toString());
        line(text, "system", System.getProperty("os.name") + " " + System.getProperty("os.arch"));
        Runtime machine = Runtime.getRuntime();
        line(text, "processors", "" + machine.availableProcessors());
        line(
                text,
                "memory",
                (machine.totalMemory() - machine.freeMemory()) / MIB + " of " + machine.maxMemory() / MIB + " MiB");
        line(text, "PostgreSQL", database.queryForObject("show server_version", String.class));
        line(
                text,
                "its clock",
                database.queryForObject(
                        "select abs(extract(epoch from now()) - ?)::int || ' s off'",
                        String.class,
                        now.getEpochSecond()));
        line(text, "tables' version", newest());
        line(text, "database", mebibytes("select pg_database_size(current_database())"));
        Backups.BackupStanding standing = backups.standing();
        line(text, "backups", standing.folder() == null ? "by hand alone" : standing.count() + " kept");
        line(
                text,
                "last backup",
                standing.last() == null ? "none" : minutes(standing.last().madeAt(), now) / 60 + " hours ago");
        line(text, "last try", standing.failed() == null ? "well" : "failed");
        tables(text);
        text.append("\nwarnings and faults, the last ").append(FaultsSeen.MOST).append(" at most\n");
        faults.all().forEach(one -> text.append("  ").append(one).append('\n'));
        return text.toString();
    }

    private void tables(StringBuilder text) {
        text.append("\nrows and MiB\n");
        List<String> tables = database.queryForList(
                "select relname from pg_class c join pg_namespace n on n.oid = c.relnamespace where relkind = 'r' and nspname ="
                        + " current_schema() order by 1",
                String.class);
        for (String table : tables) {
            Long rows = database.queryForObject("select count(*) from \"" + table + '"', Long.class);
            text.append(String.format(
                    Locale.ROOT,
                    "  %-24s %9d  %s%n",
                    table,
                    rows,
                    mebibytes("select pg_total_relation_size('\"" + table + "\"')")));
        }
    }

    private String newest() {
        return database.queryForObject(
                "select version from flyway_schema_history where success and version is not null order by installed_rank"
                        + " desc limit 1",
                String.class);
    }

    private String mebibytes(String query) {
        Long bytes = database.queryForObject(query, Long.class);
        return String.format(Locale.ROOT, "%.1f MiB", bytes == null ? 0 : (double) bytes / MIB);
    }

    private static long minutes(Instant from, Instant to) {
        return Duration.between(from, to).toMinutes();
    }

    private static void line(StringBuilder text, String what, String value) {
        text.append(String.format(Locale.ROOT, "  %-16s %s%n", what, value));
    }
}
