package toroid.server.export;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;
import toroid.server.weave.PieceQuestion;
import toroid.server.weave.PieceWorkshop;
import toroid.server.weave.WeaveFiles;
import toroid.server.weave.WeaveJobData;
import toroid.server.weave.WeaveJobs;

/** Pieces of weaves out in open formats. */
@RestController
class PieceExportController {
    private final PieceWorkshop workshop;
    private final WeaveJobs jobs;
    private final WeaveFiles files;

    private final Efforts efforts;

    PieceExportController(PieceWorkshop workshop, WeaveJobs jobs, WeaveFiles files, Efforts efforts) {
        this.efforts = efforts;
        this.workshop = workshop;
        this.jobs = jobs;
        this.files = files;
    }

    @Operation(summary = "A piece of a weave as svg, stl, gltf, csv (counts) or json (the weave)")
    @PostMapping("/api/weaves/{id}/export/{format}")
    ResponseEntity<byte[]> export(
            @PathVariable String id, @PathVariable String format, @RequestBody @Valid PieceQuestion question) {
        return efforts.answer(() -> file(id, format, question));
    }

    @Operation(summary = "A kept weave job's piece in an open format")
    @GetMapping("/api/weave-jobs/{id}/export/{format}")
    ResponseEntity<byte[]> exportJob(@PathVariable UUID id, @PathVariable String format) {
        WeaveJobData job = jobs.get(id).data();
        return efforts.answer(() -> file(job.weaveId(), format, job.question()));
    }

    private ResponseEntity<byte[]> file(String id, String format, PieceQuestion question) {
        return "json".equals(format)
                ? PieceFile.json(id, files.byId(id).text())
                : PieceFile.of(id, format, () -> workshop.laidPiece(id, question));
    }
}
