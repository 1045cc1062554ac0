package toroid.server.backup;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.util.HexFormat;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/** A backup as it lies there, looked through before anything is done with it. */
final class BackupFile implements AutoCloseable {
    private static final String DAMAGED =
            "The file %s is damaged: %s. Nothing was changed. Take another backup; they are kept for days, weeks and months.";

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
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile());
        } catch (IOException none) {
            throw new NoBackup(DAMAGED.formatted(file, "it is no backup, or it was cut short"), none);
        }
        try {
            var opened = new BackupFile(file, zip, manifest(file, zip));
            opened.check();
            return opened;
        } catch (NoBackup | IOException refused) {
            zip.close();
            throw refused;
        }
    }

    private static Manifest manifest(Path file, ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.NAME);
        if (entry == null) {
            throw new NoBackup("The file " + file + " is no backup of Toroid. Nothing was changed.");
        }
        Manifest manifest;
        try (InputStream told = zip.getInputStream(entry)) {
            manifest = new ObjectMapper()
                    .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .readValue(told.readAllBytes(), Manifest.class);
        } catch (JsonProcessingException unreadable) {
            throw new NoBackup(DAMAGED.formatted(file, "what it says of itself cannot be read"), unreadable);
        }
        if (!Manifest.FORMAT.equals(manifest.format()) || manifest.tables() == null) {
            throw new NoBackup("The file " + file + " is no backup of Toroid. Nothing was changed.");
        }
        if (manifest.formatVersion() > Manifest.VERSION) {
            throw new NoBackup("The file " + file + " was made by a newer Toroid. Bring this one up to date first.");
        }
        return manifest;
    }

    private void check() throws IOException {
        for (Manifest.TableMade table : manifest.tables()) {
            var digest = Backup.sha256();
            try (InputStream rows = new DigestInputStream(rows(table), digest)) {
                rows.transferTo(java.io.OutputStream.nullOutputStream());
            } catch (IOException cut) {
                throw new NoBackup(DAMAGED.formatted(file, "the table " + table.name() + " cannot be read"), cut);
            }
            if (!HexFormat.of().formatHex(digest.digest()).equals(table.sha256())) {
                throw new NoBackup(DAMAGED.formatted(file, "the table " + table.name() + " is not as it was written"));
            }
        }
    }

    Manifest manifest() {
        return manifest;
    }

    InputStream rows(Manifest.TableMade table) throws IOException {
        ZipEntry entry = zip.getEntry(table.file());
        if (entry == null) {
            throw new NoBackup(DAMAGED.formatted(file, "the table " + table.name() + " is missing"));
        }
        return zip.getInputStream(entry);
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
