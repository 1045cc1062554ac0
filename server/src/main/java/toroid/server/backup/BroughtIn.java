package toroid.server.backup;

import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import toroid.core.numeric.Refusal;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;

/**
 * A backup brought in from the app: looked through, told of, and only then put in the place of the workshop that is there, which is backed up
 * before. All of it or nothing. One at a time: another one brought in takes the place of the one that waits.
 */
@Service
class BroughtIn {
    /** Kinds of things people count, by their tables. */
    private static final List<String> TOLD = List.of("job", "run", "reading", "lot", "photo", "own_weave");

    private final BackupShelf shelf;
    private final Path folder;
    private final Clock clock;
    private final WritersGate gate;
    private final ApplicationEventPublisher events;

    BroughtIn(BackupShelf shelf, Clock clock, WritersGate gate, ApplicationEventPublisher events) {
        this.shelf = shelf;
        this.folder = shelf.folder();
        this.clock = clock;
        this.gate = gate;
        this.events = events;
    }

    /** @param here how many there are now, what was taken away included */
    record CountedTable(
            @NotNull String table,
            @NotNull long brought,
            @NotNull long here) {}

    /**
     * What a backup holds.
     *
     * @param madeAt when it was made: says which one is meant
     * @param rows of all tables
     */
    record BroughtBackup(
            @NotNull Instant madeAt,
            @NotNull String tablesVersion,
            @NotNull long rows,
            @NotNull List<CountedTable> counts) {}

    /** @param name of its file, of {@link BackupShelf} */
    record KeptBackup(
            @NotNull String name,
            @NotNull Instant madeAt,
            @NotNull long bytes) {}

    private Path waiting() {
        demandShelf();
        return folder.resolve(".brought.zip");
    }

    private void demandShelf() {
        if (folder == null) {
            throw Refusal.of(ServerCode.NO_BACKUPS_HERE, "backups", null);
        }
    }

    /** All that lie there, the newest first. */
    List<KeptBackup> kept() {
        demandShelf();
        try {
            var all = new ArrayList<KeptBackup>();
            for (Path file : shelf.all()) {
                all.add(new KeptBackup(file.getFileName().toString(), BackupShelf.lastMade(file), Files.size(file)));
            }
            return all;
        } catch (IOException unreadable) {
            throw failed();
        }
    }

    /** @throws NotKept when no backup of that name lies there */
    BroughtBackup take(String name) {
        Path file = kept().stream()
                .filter(one -> one.name().equals(name))
                .map(one -> folder.resolve(one.name()))
                .findFirst()
                .orElseThrow(() -> new NotKept("backup", null));
        try (InputStream in = Files.newInputStream(file)) {
            return take(in);
        } catch (IOException unreadable) {
            throw failed();
        }
    }

    /**
     * Nothing is changed by it.
     *
     * @throws Refusal when it is no backup, is damaged, or of a newer version
     */
    BroughtBackup take(InputStream file) {
        Path waiting = waiting();
        try {
            return BackupShelf.whole(waiting, part -> {
                Files.copy(file, part, StandardCopyOption.REPLACE_EXISTING);
                return told(part);
            });
        } catch (IOException | SQLException failure) {
            throw failed();
        }
    }

    private BroughtBackup told(Path file) throws IOException, SQLException {
        try (BackupFile backup = BackupFile.open(file);
                Connection connection = shelf.source().getConnection()) {
            Manifest manifest = backup.manifest();
            Restore.demandKnown(manifest);
            var counts = new ArrayList<CountedTable>();
            for (String table : TOLD) {
                long brought = manifest.tables().stream()
                        .filter(one -> one.name().equals(table))
                        .mapToLong(Manifest.TableMade::rows)
                        .sum();
                counts.add(new CountedTable(
                        table.replace('_', '-'), brought, Tables.rows(connection, shelf.schema(), table)));
            }
            return new BroughtBackup(
                    Instant.parse(manifest.madeAt()), manifest.schemaVersion(), manifest.rows(), counts);
        } catch (NoBackup none) {
            throw Refusal.of(none.code(), "file", null);
        }
    }

    /**
     * Puts the one that waits in the place of the workshop; what was there lies on the shelf then, to be put back the same way.
     *
     * @param madeAt of the one that was looked at
     * @return the file what was there is in
     * @throws Refusal when another waits by now, or it cannot be brought up to this version; nothing is changed then
     */
    String putIn(Instant madeAt) {
        Path waiting = waiting();
        return gate.alone(() -> {
            try {
                if (!Files.exists(waiting) || !BackupFile.madeAt(waiting).equals(madeAt)) {
                    throw Refusal.of(ServerCode.BACKUP_CHANGED_MEANWHILE, "madeAt", madeAt);
                }
                BackupShelf.Made before = shelf.before("restore", clock.instant());
                new Restore(shelf.source(), shelf.schema()).from(waiting, true);
                Files.deleteIfExists(waiting);
                events.publishEvent(new WorkshopReplaced(this));
                return before.file().getFileName().toString();
            } catch (NoBackup none) {
                throw Refusal.of(none.code(), "file", null);
            } catch (IOException | SQLException failure) {
                throw failed();
            }
        });
    }

    private Refusal failed() {
        return Refusal.of(ServerCode.BACKUP_FAILED, "backups", folder);
    }
}
