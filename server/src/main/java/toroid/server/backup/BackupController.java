package toroid.server.backup;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.server.ServletServerHttpRequest;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** Backups: when the last one was made, one now, one to take along. */
@RestController
@RequestMapping("/api/backups")
class BackupController {
    private final Backups backups;
    private final BroughtIn brought;
    private final AddedIn added;
    private final Clock clock;

    BackupController(Backups backups, BroughtIn brought, AddedIn added, Clock clock) {
        this.backups = backups;
        this.brought = brought;
        this.added = added;
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
    ResponseEntity<Resource> workshop() throws IOException {
        LocalDate day = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("toroid-" + day + ".zip")
                                .build()
                                .toString())
                .body(backups.file());
    }

    @Operation(summary = "The whole workshop as open JSON, for other programs: docs/workshop.schema.json")
    @GetMapping(value = "/workshop.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Resource> openJson() throws IOException {
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(backups.openJson());
    }

    @GetMapping("/kept")
    List<BroughtIn.KeptBackup> kept() {
        return brought.kept();
    }

    @Operation(summary = "Looks through a backup brought in and tells what it holds; nothing is changed by it")
    @PutMapping(path = "/brought", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    BroughtIn.BroughtBackup look(HttpServletRequest request) throws IOException {
        return brought.take(new Arriving(new ServletServerHttpRequest(request)));
    }

    @Operation(summary = "The same of one that lies on the shelf")
    @PutMapping("/brought/{name}")
    BroughtIn.BroughtBackup look(@PathVariable String name) {
        return brought.take(name);
    }

    @Operation(
            summary =
                    "Looks through a workshop as open JSON and tells what would become of its rows; nothing is changed by it")
    @PutMapping(path = "/brought.json", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    AddedIn.WorkshopLaid lookThrough(HttpServletRequest request) throws IOException {
        return added.look(new Arriving(new ServletServerHttpRequest(request)));
    }

    /** @param mark of the file that was looked at, as it was told */
    record WorkshopToAdd(@NotNull String mark) {}

    @Operation(
            summary =
                    "Adds the workshop that was looked at last to the one that is here, all of it or nothing; what is here is backed up"
                            + " before, and the server begins anew then")
    @PostMapping("/add")
    AddedIn.WorkshopAdded add(@RequestBody @Valid WorkshopToAdd which) {
        return added.add(which.mark());
    }

    /** @param madeAt of the backup that was looked at, as it was told */
    record BackupPutIn(@NotNull Instant madeAt) {}

    /** @param before the backup of what was there */
    record BackupIsIn(@NotNull String before) {}

    @Operation(
            summary =
                    "Puts the backup that was looked at last in the place of the whole workshop, which is backed up before;"
                            + " the server begins anew then")
    @PostMapping("/put-in")
    BackupIsIn putIn(@RequestBody @Valid BackupPutIn which) {
        return new BackupIsIn(brought.putIn(which.madeAt()));
    }
}
