package toroid.server.backup;

import jakarta.annotation.PreDestroy;
import jakarta.validation.constraints.NotNull;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Service;

/** Backs the workshop up by itself once a day, and when it is asked to. */
@Service
public class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final int LOOKED_MINUTES = 20;

    private final BackupShelf shelf;
    private final Path folder;
    private final Clock clock;
    private final ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(task -> {
        var thread = new Thread(task, "backups");
        thread.setDaemon(true);
        return thread;
    });
    private volatile String failed;

    Backups(BackupShelf shelf, Clock clock) {
        this.shelf = shelf;
        this.folder = shelf.folder();
        this.clock = clock;
    }

    /**
     * The backups there are.
     *
     * @param folder they lie in; null where none are made by themselves
     * @param last the newest; null while there is none
     * @param failed why the last try did not succeed; null when it did
     */
    public record BackupStanding(
            String folder, LastBackup last, @NotNull int count, String failed) {}

    /** @param name of its file */
    public record LastBackup(
            @NotNull String name,
            @NotNull Instant madeAt,
            @NotNull long bytes) {}

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (folder != null) {
            watch.scheduleWithFixedDelay(this::daily, 0, LOOKED_MINUTES, TimeUnit.MINUTES);
        }
    }

    @PreDestroy
    void close() {
        watch.shutdownNow();
    }

    private void daily() {
        try {
            if (!shelf.hasOne(BackupShelf.day(clock.instant()))) {
                now();
            }
        } catch (IOException | RuntimeException failure) {
            failed(failure);
        }
    }

    private void failed(Exception failure) {
        LOG.error("no backup could be made", failure);
        failed = failure.getMessage() == null ? failure.getClass().getSimpleName() : failure.getMessage();
    }

    /** Makes one, on its shelf. @throws NoBackup when it cannot be made, or there is no shelf */
    public BackupStanding now() {
        if (folder == null) {
            throw new NoBackup("This server keeps no backups by itself.");
        }
        try {
            shelf.daily(clock.instant());
            failed = null;
        } catch (IOException | SQLException failure) {
            failed(failure);
            throw new NoBackup("The backup could not be written to " + folder + ".", failure);
        }
        return standing();
    }

    public BackupStanding standing() {
        try {
            List<Path> all = folder == null ? List.of() : shelf.all();
            LastBackup last = all.isEmpty()
                    ? null
                    : new LastBackup(
                            all.get(0).getFileName().toString(),
                            BackupShelf.lastMade(all.get(0)),
                            Files.size(all.get(0)));
            return new BackupStanding(folder == null ? null : folder.toString(), last, all.size(), failed);
        } catch (IOException unreadable) {
            return new BackupStanding(folder.toString(), null, 0, "The folder " + folder + " cannot be read.");
        }
    }

    /** The workshop as it is now, to be taken elsewhere: a file that is gone once it was read. It lies on the disk meanwhile, however large. */
    Resource file() throws IOException {
        return file((connection, to) -> Backup.write(connection, shelf.schema(), to, clock.instant()));
    }

    /** The same as {@link OpenJson}. */
    Resource openJson() throws IOException {
        return file((connection, to) -> OpenJson.write(connection, shelf.schema(), to, clock.instant()));
    }

    private interface Written {
        void write(Connection connection, OutputStream to) throws SQLException, IOException;
    }

    private Resource file(Written written) throws IOException {
        Path made = Files.createTempFile("toroid", ".part");
        try (Connection connection = shelf.source().getConnection();
                OutputStream to = new BufferedOutputStream(Files.newOutputStream(made))) {
            written.write(connection, to);
            to.flush();
            return new InputStreamResource(Files.newInputStream(made, StandardOpenOption.DELETE_ON_CLOSE));
        } catch (SQLException failure) {
            Files.deleteIfExists(made);
            throw new NoBackup("The workshop could not be read.", failure);
        }
    }
}
