package toroid.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;
import static toroid.server.TestDatabase.source;
import static toroid.server.TestDatabase.sql;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import toroid.core.numeric.Code;
import toroid.core.numeric.Refusal;
import toroid.server.ApiTest;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;

/** A backup brought in from the app, over a workshop beside the one the server has. */
class BroughtInTest extends ApiTest {
    private static final String ELSEWHERE = "brought_elsewhere";
    private static final Instant NOW = Instant.parse("2026-11-29T10:00:00Z");

    @TempDir
    Path folder;

    private final List<Object> told = new ArrayList<>();
    private final WritersGate gate = new WritersGate();
    private BroughtIn brought;
    private Path first;

    /** A workshop elsewhere, as it stood; a file of it; and one spool less in it since. */
    @BeforeEach
    void aWorkshop() throws Exception {
        spool("copper", "HALF_HARD", 1.0, 10_000);
        Path here = new BackupShelf(folder, source(), "public")
                .to(folder.resolve("here.zip"), NOW)
                .file();
        new Restore(source(), ELSEWHERE).from(here, false);
        first = new BackupShelf(folder, source(), ELSEWHERE)
                .to(folder.resolve("first.zip"), NOW)
                .file();
        sql("update " + ELSEWHERE + ".lot set deleted_at = now()");
        var clock = Clock.fixed(NOW.plus(Duration.ofHours(1)), ZoneOffset.UTC);
        brought = new BroughtIn(new BackupShelf(folder, source(), ELSEWHERE), clock, gate, told::add);
    }

    @AfterEach
    void nothingIsLeft() throws SQLException {
        sql("drop schema if exists " + ELSEWHERE + " cascade");
    }

    private List<Manifest.TableMade> tables() throws IOException, SQLException {
        Path now = new BackupShelf(folder, source(), ELSEWHERE)
                .to(folder.resolve("now.zip"), NOW)
                .file();
        return tables(now);
    }

    private static List<Manifest.TableMade> tables(Path file) throws IOException {
        try (BackupFile backup = BackupFile.open(file)) {
            return backup.manifest().tables();
        }
    }

    private BroughtIn.BroughtBackup take(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return brought.take(in);
        }
    }

    @Test
    void itIsToldOfBeforeAnythingIsChanged() throws Exception {
        List<Manifest.TableMade> before = tables();
        BroughtIn.BroughtBackup told = take(first);
        assertThat(told.madeAt()).isEqualTo(NOW);
        assertThat(told.rows())
                .isEqualTo(before.stream().mapToLong(Manifest.TableMade::rows).sum());
        assertThat(told.counts())
                .filteredOn(one -> one.table().equals("lot"))
                .singleElement()
                .satisfies(
                        lot -> assertThat(lot.brought()).isEqualTo(lot.here()).isPositive());
        assertThat(tables()).isEqualTo(before);
    }

    /** In, and back: what was there before lies on the shelf and goes in the same way. */
    @Test
    void itTakesThePlaceOfAllAndCanBeUndone() throws Exception {
        List<Manifest.TableMade> changed = tables();
        assertThat(changed).isNotEqualTo(tables(first));
        String before = brought.putIn(take(first).madeAt());
        assertThat(tables()).isEqualTo(tables(first));
        assertThat(told).hasSize(1).first().isInstanceOf(WorkshopReplaced.class);
        assertThat(brought.kept()).extracting(BroughtIn.KeptBackup::name).contains(before);
        brought.putIn(brought.take(before).madeAt());
        assertThat(tables()).isEqualTo(changed);
        assertThat(Files.list(folder).map(file -> file.getFileName().toString()).filter(name -> name.startsWith(".")))
                .as("nothing half done")
                .isEmpty();
    }

    @Test
    void onlyTheOneThatWasLookedAtGoesIn() throws Exception {
        List<Manifest.TableMade> before = tables();
        refused(ServerCode.BACKUP_CHANGED_MEANWHILE, () -> brought.putIn(NOW));
        take(first);
        refused(ServerCode.BACKUP_CHANGED_MEANWHILE, () -> brought.putIn(NOW.plusSeconds(1)));
        assertThat(tables()).isEqualTo(before);
        assertThat(told).isEmpty();
    }

    @Test
    void whatIsNoneIsRefusedByItsReason() throws Exception {
        refused(ServerCode.BACKUP_DAMAGED, () -> brought.take(new ByteArrayInputStream(new byte[] {1, 2, 3})));
        byte[] cut = Files.readAllBytes(first);
        refused(
                ServerCode.BACKUP_DAMAGED,
                () -> brought.take(new ByteArrayInputStream(java.util.Arrays.copyOf(cut, cut.length / 2))));
        refused(ServerCode.NO_BACKUP_FILE, () -> take(zip("other.txt", "nothing")));
        refused(ServerCode.BACKUP_NEWER, () -> take(zip(Manifest.NAME, manifest("2", "19", "2026-11-29T10:00:00Z"))));
        refused(ServerCode.BACKUP_NEWER, () -> take(zip(Manifest.NAME, manifest("1", "999", "2026-11-29T10:00:00Z"))));
        refused(ServerCode.BACKUP_DAMAGED, () -> take(zip(Manifest.NAME, manifest("1", "19", "yesterday"))));
        refused(ServerCode.BACKUP_DAMAGED, () -> take(zip(Manifest.NAME, manifest("1", "x", "2026-11-29T10:00:00Z"))));
        assertThatThrownBy(() -> brought.take("toroid-none.zip")).isInstanceOf(NotKept.class);
        assertThatThrownBy(() -> brought.take("../first.zip")).isInstanceOf(NotKept.class);
        var nowhere = new BroughtIn(new BackupShelf(null, source(), ELSEWHERE), Clock.systemUTC(), gate, told::add);
        refused(ServerCode.NO_BACKUPS_HERE, () -> nowhere.putIn(NOW));
        assertThat(Files.list(folder).map(file -> file.getFileName().toString()).filter(name -> name.startsWith(".")))
                .isEmpty();
    }

    private static String manifest(String format, String tables, String madeAt) {
        return "{\"format\": \"toroid-backup\", \"formatVersion\": %s, \"schemaVersion\": \"%s\", \"madeAt\": \"%s\", \"tables\": []}"
                .formatted(format, tables, madeAt);
    }

    private Path zip(String name, String text) throws IOException {
        Path file = folder.resolve("made.zip");
        try (var out = new ZipOutputStream(Files.newOutputStream(file))) {
            out.putNextEntry(new ZipEntry(name));
            out.write(text.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        }
        return file;
    }

    /** A run in the middle, mended by hand to point at nothing: the database does not take it, and nothing is changed. */
    @Test
    void allOrNothing() throws Exception {
        List<Manifest.TableMade> before = tables();
        sql("alter table " + ELSEWHERE + ".run drop constraint run_job_id_fkey");
        sql("insert into " + ELSEWHERE
                + ".run (id, version, workshop_id, created_at, updated_at, job_id, kind, name, plan,"
                + " plan_version, progress, drawn, note) select gen_random_uuid(), 0, id, now(), now(), gen_random_uuid(),"
                + " 'ring', 'astray', '{}', 1, '{}', '{}', '' from " + ELSEWHERE + ".workshop");
        Path spoilt = new BackupShelf(folder, source(), ELSEWHERE)
                .to(folder.resolve("spoilt.zip"), NOW)
                .file();
        sql("delete from " + ELSEWHERE + ".run where name = 'astray'");
        Instant madeAt = take(spoilt).madeAt();
        refused(ServerCode.BACKUP_REFUSED, () -> brought.putIn(madeAt));
        assertThat(tables()).isEqualTo(before);
        assertThat(told).isEmpty();
        assertThat(gate.enter()).as("others go on").isTrue();
        gate.leave();
    }

    private interface Asked {
        void go() throws IOException;
    }

    private static void refused(Code code, Asked asked) {
        assertThatThrownBy(asked::go)
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo(code.id()));
    }

    /** Whoever keeps something is let come to his end, and nobody comes in meanwhile. */
    @Test
    void nobodyKeepsAnythingMeanwhile() throws Exception {
        var hands = Executors.newSingleThreadExecutor();
        var inside = new CountDownLatch(1);
        var out = new CountDownLatch(1);
        assertThat(gate.enter()).isTrue();
        var alone = hands.submit(() -> gate.alone(() -> {
            inside.countDown();
            try {
                out.await();
            } catch (InterruptedException stopped) {
                throw new IllegalStateException(stopped);
            }
            return 7;
        }));
        assertThat(inside.getCount()).as("one is in").isEqualTo(1);
        // as soon as he waits, nobody overtakes him
        var next = Executors.newSingleThreadExecutor();
        await().until(() -> !next.submit(() -> {
                    boolean in = gate.enter();
                    if (in) {
                        gate.leave();
                    }
                    return in;
                })
                .get());
        next.shutdownNow();
        gate.leave();
        inside.await();
        assertThat(gate.enter()).isFalse();
        out.countDown();
        assertThat(alone.get()).isEqualTo(7);
        assertThat(gate.enter()).isTrue();
        gate.leave();
        hands.shutdownNow();
    }
}
