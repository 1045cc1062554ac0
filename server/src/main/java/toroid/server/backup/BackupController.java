package toroid.server.backup;

import io.swagger.v3.oas.annotations.Operation;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** Backups: when the last one was made, one now, one to take along. */
@RestController
@RequestMapping("/api/backups")
class BackupController {
    private final Backups backups;
    private final Clock clock;

    BackupController(Backups backups, Clock clock) {
        this.backups = backups;
        this.clock = clock;
    }

    @GetMapping
    Backups.BackupStanding standing() {
        return backups.standing();
    }

    @Operation(summary = "Makes a backup now, where the daily ones lie")
    @PostMapping
    Backups.BackupStanding now() {
        try {
            return backups.now();
        } catch (NoBackup failure) {
            throw Refusal.of(
                    ServerCode.BACKUP_FAILED, "backups", backups.standing().folder());
        }
    }

    @Operation(summary = "The whole workshop as it is now, as one file")
    @GetMapping(value = "/workshop", produces = "application/zip")
    ResponseEntity<byte[]> workshop() throws IOException {
        var file = new ByteArrayOutputStream();
        backups.write(file);
        LocalDate day = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("toroid-" + day + ".zip")
                                .build()
                                .toString())
                .body(file.toByteArray());
    }
}
