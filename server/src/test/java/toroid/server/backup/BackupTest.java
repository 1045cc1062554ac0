package toroid.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static toroid.server.TestDatabase.source;
import static toroid.server.TestDatabase.sql;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import java.util.zip.GZIPInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import toroid.server.ApiTest;

/** A workshop in one file, out and in again, as it was. */
class BackupTest extends ApiTest {
    private static final String ELSEWHERE = "elsewhere";
    private static final Instant NOW = Instant.parse("2026-11-29T10:00:00Z");

    @TempDir
    Path folder;

    @AfterEach
    void nothingIsLeft() throws SQLException {
        sql("drop schema if exists " + ELSEWHERE + " cascade");
    }

    private Path backup(String schema, String name) throws IOException, SQLException {
        return new BackupShelf(folder, source(), schema)
                .to(folder.resolve(name), NOW)
                .file();
    }

    private static Manifest manifest(Path file) throws IOException {
        try (BackupFile backup = BackupFile.open(file)) {
            return backup.manifest();
        }
    }

    private Manifest restore(Path file) throws IOException, SQLException {
        return new Restore(source(), ELSEWHERE).from(file, false);
    }

    /** Out, in and out again: the same rows to the last sign, of every table, words in every script among them. */
    @Test
    void whatComesInIsWhatWentOut() throws Exception {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 10_000);
        UUID job = UUID.randomUUID();
        var data = job(spool, 4, 20);
        data.put("name", "„Möwe“, \"quoted\", 鷗\\N; a,b");
        assertThat(keep("/api/jobs/ring", job, null, data).status()).isEqualTo(200);
        tell("/api/jobs/ring/" + job + "/runs", Map.of());
        Path first = backup("public", "first.zip");
        Manifest told = restore(first);
        assertThat(told.rows()).isGreaterThan(5);
        Path second = backup(ELSEWHERE, "second.zip");
        assertThat(manifest(second).tables()).isEqualTo(manifest(first).tables());
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(first)))
                .isEqualTo("rw-------");
        assertThat(Files.list(folder)).hasSize(2);
    }

    /** While others write it is of one moment: every move there is has its lot, every run its job. */
    @Test
    void isOfOneMoment() throws Exception {
        var hands = Executors.newFixedThreadPool(2);
        var on = new AtomicBoolean(true);
        Callable<Void> writing = () -> {
            while (on.get()) {
                UUID lot = spool("copper", "HALF_HARD", 1.0, 10_000);
                keep("/api/jobs/ring", UUID.randomUUID(), null, job(lot, 4, 20));
            }
            return null;
        };
        var writers = List.of(hands.submit(writing), hands.submit(writing));
        for (int i = 0; i < 2; i++) {
            restore(backup("public", "moment.zip"));
            nothingIsLeft();
        }
        on.set(false);
        for (var one : writers) {
            one.get();
        }
        hands.shutdownNow();
    }

    /** Never over anything without being told; told, it takes its place. */
    @Test
    void isNeverWrittenOverAWorkshop() throws Exception {
        spool("copper", "HALF_HARD", 1.0, 10_000);
        Answer choices = read("/api/preferences");
        var mine = (com.fasterxml.jackson.databind.node.ObjectNode)
                choices.at("/data").deepCopy();
        mine.put("sparePercent", 7);
        keep(
                "/api/preferences",
                UUID.fromString(choices.at("/id").asText()),
                choices.at("/version").asInt(),
                mine);
        Path file = backup("public", "one.zip");
        restore(file);
        sql("update " + ELSEWHERE + ".lot set name = 'mine'");
        assertThatThrownBy(() -> restore(file)).isInstanceOf(NoBackup.class).hasMessageContaining("--replace");
        assertThat(manifest(backup(ELSEWHERE, "still.zip")).tables())
                .isNotEqualTo(manifest(file).tables());
        // how one works is one's own as well
        nothingIsLeft();
        restore(file);
        for (String table : List.of(
                "reservation",
                "stock_move",
                "reading",
                "run_view",
                "run",
                "cut",
                "job",
                "lot",
                "mandrel",
                "cutter",
                "own_weave",
                "stocktaking",
                "metal_price")) {
            sql("delete from " + ELSEWHERE + "." + table);
        }
        assertThatThrownBy(() -> restore(file)).isInstanceOf(NoBackup.class).hasMessageContaining("--replace");
        new Restore(source(), ELSEWHERE).from(file, true);
        assertThat(manifest(backup(ELSEWHERE, "now.zip")).tables())
                .isEqualTo(manifest(file).tables());
    }

    /** A newer one, a cut one, a changed one, something else: each refused in a sentence, and nothing is changed. */
    @Test
    void whatIsNoWholeBackupIsRefused() throws Exception {
        spool("copper", "HALF_HARD", 1.0, 10_000);
        Path file = backup("public", "whole.zip");
        refused(rewritten(file, "\"formatVersion\" : 1", "\"formatVersion\" : 2"), "newer Toroid");
        refused(
                rewritten(file, "\"schemaVersion\" : \"" + Latest.version() + "\"", "\"schemaVersion\" : \"9999\""),
                "newer Toroid");
        refused(rewritten(file, "toroid-backup", "other-thing"), "no backup of Toroid");
        refused(rewritten(file, "\"rows\" : ", "\"rows\" : 1"), "rows where the backup says");
        refused(rewritten(file, "copper", "brass"), "is not as it was written");
        byte[] all = Files.readAllBytes(file);
        for (int share : new int[] {0, 1, 50, 90, 99}) {
            refused(
                    Files.write(folder.resolve("cut.zip"), java.util.Arrays.copyOf(all, all.length * share / 100)),
                    "damaged");
        }
        refused(folder.resolve("nowhere.zip"), "no file");
        try (Connection connection = source().getConnection()) {
            assertThat(Tables.version(connection, ELSEWHERE)).isNull();
            assertThat(Tables.of(connection, ELSEWHERE + "_coming_in")).isEmpty();
        }
    }

    private void refused(Path file, String why) {
        assertThatThrownBy(() -> restore(file))
                .as(why)
                .isInstanceOf(NoBackup.class)
                .hasMessageContaining(why);
    }

    /** The same file with some words in its entries changed. */
    private Path rewritten(Path file, String before, String after) throws IOException {
        Path changed = folder.resolve("changed.zip");
        try (var zip = new ZipFile(file.toFile());
                OutputStream to = Files.newOutputStream(changed);
                var out = new ZipOutputStream(to)) {
            for (ZipEntry entry : java.util.Collections.list(zip.entries())) {
                out.putNextEntry(new ZipEntry(entry.getName()));
                String text = new String(zip.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8);
                boolean spoilt = before.equals("copper") || entry.getName().equals(Manifest.NAME);
                out.write((spoilt ? text.replaceFirst(java.util.regex.Pattern.quote(before), after) : text)
                        .getBytes(StandardCharsets.UTF_8));
                out.closeEntry();
            }
        }
        return changed;
    }

    /** One made by each earlier version becomes what that workshop became by being opened. */
    @Test
    void backupsOfEveryEarlierVersionComeIn() throws Exception {
        String old = "dumped_for_backup";
        String dump;
        try (var file = new GZIPInputStream(BackupTest.class.getResourceAsStream("/dumps/v8-demo.sql.gz"))) {
            dump = new String(file.readAllBytes(), StandardCharsets.UTF_8).replace("public.", old + ".");
        }
        sql("drop schema if exists " + old + " cascade; create schema " + old);
        sql(dump);
        int latest = Integer.parseInt(Latest.version().getVersion());
        var made = IntStream.rangeClosed(8, latest)
                .mapToObj(version -> {
                    Flyway.configure()
                            .dataSource(source())
                            .schemas(old)
                            .defaultSchema(old)
                            .locations(Latest.LOCATION)
                            .target("" + version)
                            .load()
                            .migrate();
                    try {
                        return backup(old, "v" + version + ".zip");
                    } catch (IOException | SQLException failure) {
                        throw new IllegalStateException(failure);
                    }
                })
                .toList();
        List<Manifest.TableMade> today = manifest(made.get(made.size() - 1)).tables();
        for (Path one : made) {
            restore(one);
            assertThat(withoutIdsOfItsOwn(
                            manifest(backup(ELSEWHERE, "today.zip")).tables()))
                    .as(one.getFileName().toString())
                    .isEqualTo(withoutIdsOfItsOwn(today));
            nothingIsLeft();
        }
        sql("drop schema " + old + " cascade");
    }

    /** Moves got ids of their own as the ledger was begun: told by their number. */
    private static List<String> withoutIdsOfItsOwn(List<Manifest.TableMade> tables) {
        return tables.stream()
                .map(one -> one.name() + " " + one.rows() + (one.name().equals("stock_move") ? "" : " " + one.sha256()))
                .toList();
    }

    /** Before tables of an earlier version are changed they are backed up; those of a newer one are left alone, in words. */
    @Test
    void anUpgradeIsBackedUpAndANewerWorkshopLeftAlone() throws Exception {
        Flyway.configure()
                .dataSource(source())
                .schemas(ELSEWHERE)
                .defaultSchema(ELSEWHERE)
                .locations(Latest.LOCATION)
                .target("13")
                .load()
                .migrate();
        Flyway today = Flyway.configure()
                .dataSource(source())
                .schemas(ELSEWHERE)
                .defaultSchema(ELSEWHERE)
                .locations(Latest.LOCATION)
                .load();
        new SafeMigration(folder.toString()).migrate(today);
        Path before = Files.list(folder).findFirst().orElseThrow();
        assertThat(before.getFileName().toString()).startsWith("toroid-before-v" + Latest.version());
        assertThat(manifest(before).schemaVersion()).isEqualTo("13");
        new SafeMigration(folder.toString()).migrate(today);
        assertThat(Files.list(folder)).hasSize(1);
        sql(
                "insert into " + ELSEWHERE
                        + ".flyway_schema_history (installed_rank, version, description, type, script, checksum,"
                        + " installed_by, execution_time, success) values (999, '9999', 'later', 'SQL', 'V9999__later.sql', 1, 'x', 1, true)");
        assertThatThrownBy(() -> new SafeMigration(folder.toString()).migrate(today))
                .isInstanceOf(NewerDatabase.class)
                .hasMessageContaining("9999")
                .hasMessageContaining("Nothing was changed");
    }

    @Test
    void theAppGivesOneAway() throws Exception {
        spool("copper", "HALF_HARD", 1.0, 10_000);
        byte[] file = fetched("/api/backups/workshop");
        Path taken = Files.write(folder.resolve("taken.zip"), file);
        assertThat(restore(taken).rows()).isPositive();
        assertThat(read("/api/backups").at("/count").asInt()).isZero();
        assertThat(tell("/api/backups", Map.of()).at("/code").asText()).isEqualTo("backup-failed");
    }
}
