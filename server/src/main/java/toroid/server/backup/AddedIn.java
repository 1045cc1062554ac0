package toroid.server.backup;

import jakarta.validation.constraints.NotNull;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import toroid.core.numeric.Refusal;
import toroid.server.store.RowCheck;
import toroid.server.store.ServerCode;

/**
 * A workshop as open JSON added to the one that is there: looked through first, row by row as it would be laid, and nothing kept of that; then
 * added whole, or not at all. What was there is backed up before, and put back as any backup is.
 */
@Service
class AddedIn {
    private final BackupShelf shelf;
    private final Clock clock;
    private final WritersGate gate;
    private final ApplicationEventPublisher events;
    private final Map<String, RowCheck> checks;

    AddedIn(BackupShelf shelf, Clock clock, WritersGate gate, ApplicationEventPublisher events, List<RowCheck> checks) {
        this.shelf = shelf;
        this.clock = clock;
        this.gate = gate;
        this.events = events;
        this.checks = checks.stream().collect(Collectors.toMap(RowCheck::table, Function.identity()));
    }

    /**
     * What would become of a file's rows.
     *
     * @param mark of the file: says which one is meant
     */
    record WorkshopLaid(@NotNull String mark, @NotNull List<RowsLaid> tables) {
        boolean isRefused() {
            return tables.stream().anyMatch(one -> one.refusedInAll() > 0);
        }
    }

    /** @param before the backup of what was there */
    record WorkshopAdded(@NotNull String before, @NotNull List<RowsLaid> tables) {}

    private Path waiting() {
        if (shelf.folder() == null) {
            throw Refusal.of(ServerCode.NO_BACKUPS_HERE, "backups", null);
        }
        return shelf.folder().resolve(".added.json");
    }

    /**
     * Nothing is changed by it.
     *
     * @throws Refusal when it is no workshop as open JSON, or of tables of another version
     */
    WorkshopLaid look(InputStream file) {
        Path waiting = waiting();
        try {
            return BackupShelf.whole(waiting, part -> {
                Files.copy(file, part, StandardCopyOption.REPLACE_EXISTING);
                return laid(part, false);
            });
        } catch (IOException | SQLException failure) {
            throw failed();
        }
    }

    /**
     * Adds the one that waits.
     *
     * @param mark of the one that was looked at
     * @throws Refusal when another waits by now, or a row of it is not taken; nothing is changed then
     */
    WorkshopAdded add(String mark) {
        Path waiting = waiting();
        return gate.alone(() -> {
            try {
                if (!Files.exists(waiting) || !mark(waiting).equals(mark)) {
                    throw Refusal.of(ServerCode.BACKUP_CHANGED_MEANWHILE, "mark", mark);
                }
                if (laid(waiting, false).isRefused()) {
                    throw Refusal.of(ServerCode.WORKSHOP_JSON_REFUSED, "file", null);
                }
                BackupShelf.Made before = shelf.before("adding", clock.instant());
                WorkshopLaid laid = laid(waiting, true);
                Files.deleteIfExists(waiting);
                events.publishEvent(new WorkshopReplaced(this));
                return new WorkshopAdded(before.file().getFileName().toString(), laid.tables());
            } catch (IOException | SQLException failure) {
                throw failed();
            }
        });
    }

    /** @param keep whether it stays, where no row of it is refused */
    private WorkshopLaid laid(Path file, boolean keep) throws IOException, SQLException {
        try (Connection connection = shelf.source().getConnection();
                InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
            connection.setAutoCommit(false);
            try {
                var laid = new WorkshopLaid(mark(file), new OpenJsonIn(connection, shelf.schema(), checks).lay(in));
                if (keep && !laid.isRefused()) {
                    connection.commit();
                }
                return laid;
            } finally {
                connection.rollback();
                connection.setAutoCommit(true);
            }
        } catch (NoBackup none) {
            throw Refusal.of(none.code(), "file", null);
        }
    }

    private static String mark(Path file) throws IOException {
        MessageDigest sum = Backup.sha256();
        try (InputStream in = new DigestInputStream(Files.newInputStream(file), sum)) {
            in.transferTo(java.io.OutputStream.nullOutputStream());
        }
        return HexFormat.of().formatHex(sum.digest());
    }

    private Refusal failed() {
        return Refusal.of(ServerCode.BACKUP_FAILED, "backups", shelf.folder());
    }
}
