package toroid.server.backup;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.HexFormat;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import toroid.server.store.ServerCode;

/** A backup as it lies there, looked through before anything is done with it. */
final class BackupFile implements AutoCloseable {
    private static final String DAMAGED =
            "The file %s is damaged: %s. Nothing was changed. Take another backup; they are kept for days, weeks and months.";

    /** Unpacked; decades of work with photos are less. */
    private static final long MOST_BYTES = 64L << 30;

    private final Path file;
    private final ZipFile zip;
    private final Manifest manifest;

    private BackupFile(Path file, ZipFile zip, Manifest manifest) {
        this.file = file;
        this.zip = zip;
        this.manifest = manifest;
    }

    /**
     * Opens it and reads all of it once.
     *
     * @throws NoBackup when it is none, or not as it was written
     */
    static BackupFile open(Path file) throws IOException {
        if (!Files.isReadable(file)) {
            throw new NoBackup("There is no file " + file + " that can be read. Check its name and place.");
        }
        ZipFile zip = zip(file);
        try {
            var opened = new BackupFile(file, zip, manifest(file, zip));
            opened.check();
            return opened;
        } catch (NoBackup | IOException refused) {
            zip.close();
            throw refused;
        }
    }

    /** When it was made, as it says; its rows are not looked at. @throws NoBackup when it is none */
    static Instant madeAt(Path file) throws IOException {
        try (ZipFile zip = zip(file)) {
            return Instant.parse(manifest(file, zip).madeAt());
        }
    }

    private static ZipFile zip(Path file) {
        try {
            return new ZipFile(file.toFile());
        } catch (IOException none) {
            throw new NoBackup(
                    ServerCode.BACKUP_DAMAGED, DAMAGED.formatted(file, "it is no backup, or it was cut short"), none);
        }
    }

    private static Manifest manifest(Path file, ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.NAME);
        if (entry == null) {
            throw new NoBackup(
                    ServerCode.NO_BACKUP_FILE, "The file " + file + " is no backup of Toroid. Nothing was changed.");
        }
        Manifest manifest;
        try (InputStream told = zip.getInputStream(entry)) {
            manifest = new ObjectMapper()
                    .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .readValue(told.readAllBytes(), Manifest.class);
        } catch (JsonProcessingException unreadable) {
            throw new NoBackup(
                    ServerCode.BACKUP_DAMAGED,
                    DAMAGED.formatted(file, "what it says of itself cannot be read"),
                    unreadable);
        }
        if (!Manifest.FORMAT.equals(manifest.format()) || manifest.tables() == null) {
            throw new NoBackup(
                    ServerCode.NO_BACKUP_FILE, "The file " + file + " is no backup of Toroid. Nothing was changed.");
        }
        if (!tellsWhen(manifest.madeAt())
                || !String.valueOf(manifest.schemaVersion()).matches("\\d{1,6}(\\.\\d{1,6})?")) {
            throw new NoBackup(
                    ServerCode.BACKUP_DAMAGED, DAMAGED.formatted(file, "it does not say when, or of which tables"));
        }
        if (manifest.formatVersion() > Manifest.VERSION) {
            throw new NoBackup(
                    ServerCode.BACKUP_NEWER,
                    "The file " + file + " was made by a newer Toroid. Bring this one up to date first.");
        }
        return manifest;
    }

    private static boolean tellsWhen(String madeAt) {
        try {
            return madeAt != null && !Instant.parse(madeAt).equals(Instant.MIN);
        } catch (DateTimeParseException untold) {
            return false;
        }
    }

    private void check() throws IOException {
        long left = MOST_BYTES;
        for (Manifest.TableMade table : manifest.tables()) {
            var digest = Backup.sha256();
            try (InputStream rows = new DigestInputStream(rows(table), digest)) {
                left -= read(rows, left);
            } catch (IOException cut) {
                throw new NoBackup(
                        ServerCode.BACKUP_DAMAGED,
                        DAMAGED.formatted(file, "the table " + table.name() + " cannot be read"),
                        cut);
            }
            if (!HexFormat.of().formatHex(digest.digest()).equals(table.sha256())) {
                throw new NoBackup(
                        ServerCode.BACKUP_DAMAGED,
                        DAMAGED.formatted(file, "the table " + table.name() + " is not as it was written"));
            }
        }
    }

    /** How many bytes there were. @throws NoBackup when there are more than that: a small file may unpack to anything */
    private long read(InputStream rows, long most) throws IOException {
        var buffer = new byte[1 << 16];
        long read = 0;
        for (int more = rows.read(buffer); more >= 0; more = rows.read(buffer)) {
            read += more;
            if (read > most) {
                throw new NoBackup(
                        ServerCode.BACKUP_DAMAGED,
                        DAMAGED.formatted(file, "it unpacks to more than any workshop holds"));
            }
        }
        return read;
    }

    Manifest manifest() {
        return manifest;
    }

    InputStream rows(Manifest.TableMade table) throws IOException {
        ZipEntry entry = zip.getEntry(table.file());
        if (entry == null) {
            throw new NoBackup(
                    ServerCode.BACKUP_DAMAGED, DAMAGED.formatted(file, "the table " + table.name() + " is missing"));
        }
        return zip.getInputStream(entry);
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
