package toroid.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.sql.DataSource;

/** The folder backups lie in: each appears whole or not at all, readable by its owner alone. */
final class BackupShelf {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HHmmss").withZone(ZoneOffset.UTC);
    private static final Pattern DAILY = Pattern.compile("toroid-(\\d{4}-\\d{2}-\\d{2})T\\d{6}\\.zip");
    private static final Pattern ANY = Pattern.compile("toroid-[0-9A-Za-z-]+\\.zip");

    private final Path folder;
    private final DataSource source;
    private final String schema;

    BackupShelf(Path folder, DataSource source, String schema) {
        this.folder = folder;
        this.source = source;
        this.schema = schema;
    }

    /** Null where none are kept. */
    Path folder() {
        return folder;
    }

    /** Of the workshop that is backed up. */
    DataSource source() {
        return source;
    }

    String schema() {
        return schema;
    }

    /** @param rows in all of its tables */
    record Made(Path file, long bytes, Instant at, long rows) {}

    /** One of today's, and those nobody needs any longer go. */
    Made daily(Instant now) throws IOException, SQLException {
        Made made = to(folder.resolve("toroid-" + STAMP.format(now) + ".zip"), now);
        prune(made.file());
        return made;
    }

    /** One before tables are changed; kept until its owner takes it away. */
    Made before(String what, Instant now) throws IOException, SQLException {
        return to(folder.resolve("toroid-before-" + what + "-" + STAMP.format(now) + ".zip"), now);
    }

    /** Into a file, which is there whole or not at all. */
    Made to(Path file, Instant now) throws IOException, SQLException {
        Path there = file.toAbsolutePath();
        Manifest manifest = whole(there, part -> {
            Manifest made;
            try (Connection connection = source.getConnection();
                    OutputStream out = Files.newOutputStream(part)) {
                made = Backup.write(connection, schema, out, now);
            }
            try (FileChannel written = FileChannel.open(part, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            BackupFile.open(part).close(); // read back before anybody relies on it
            return made;
        });
        return new Made(there, Files.size(there), now, manifest.rows());
    }

    /** Fills a file and tells of it; where it throws, there is none. */
    interface Filling<T> {
        T into(Path part) throws IOException, SQLException;
    }

    /** A file that is there whole or not at all, readable by its owner alone: filled beside its place and then moved there. */
    static <T> T whole(Path file, Filling<T> filling) throws IOException, SQLException {
        Files.createDirectories(file.getParent());
        Path part = Files.createTempFile(
                file.getParent(),
                ".toroid",
                ".part",
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        try {
            T told = filling.into(part);
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            return told;
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** The daily ones, the newest first. */
    List<Path> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(
                            file -> ANY.matcher(file.getFileName().toString()).matches())
                    .sorted(Comparator.comparing(BackupShelf::lastMade).reversed())
                    .toList();
        }
    }

    static Instant lastMade(Path file) {
        try {
            return Files.getLastModifiedTime(file).toInstant();
        } catch (IOException gone) {
            return Instant.EPOCH;
        }
    }

    /** Whether one was made on that day. */
    boolean hasOne(LocalDate day) throws IOException {
        return daily().stream().anyMatch(one -> day(one).equals(day));
    }

    private List<Path> daily() throws IOException {
        return all().stream()
                .filter(file -> DAILY.matcher(file.getFileName().toString()).matches())
                .sorted()
                .toList();
    }

    private static LocalDate day(Path file) {
        Matcher name = DAILY.matcher(file.getFileName().toString());
        return name.matches() ? LocalDate.parse(name.group(1)) : LocalDate.EPOCH;
    }

    static LocalDate day(Instant now) {
        return LocalDate.ofInstant(now, ZoneId.of("UTC"));
    }

    /** @param fresh just made, and kept whatever day the clock says it is */
    private void prune(Path fresh) throws IOException {
        List<Path> made = daily();
        Set<Integer> kept = KeepRule.kept(made.stream().map(BackupShelf::day).toList());
        for (int i = 0; i < made.size(); i++) {
            if (!kept.contains(i) && !made.get(i).toAbsolutePath().equals(fresh)) {
                Files.deleteIfExists(made.get(i));
            }
        }
    }
}
