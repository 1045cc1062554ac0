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
import toroid.server.weave.PatchQuestion;
import toroid.server.weave.PatchWorkshop;
import toroid.server.weave.WeaveFiles;
import toroid.server.weave.WeaveJobData;
import toroid.server.work.Jobs;
import toroid.server.work.WeaveKind;

/** Patches of weaves out in open formats. */
@RestController
class PatchExportController {
    private final PatchWorkshop workshop;
    private final Jobs jobs;
    private final WeaveKind kind;
    private final WeaveFiles files;

    private final Efforts efforts;

    PatchExportController(PatchWorkshop workshop, Jobs jobs, WeaveKind kind, WeaveFiles files, Efforts efforts) {
        this.efforts = efforts;
        this.workshop = workshop;
        this.jobs = jobs;
        this.kind = kind;
        this.files = files;
    }

    @Operation(summary = "A patch of a weave as svg, stl, gltf, csv (counts) or json (the weave)")
    @PostMapping("/api/weaves/{id}/export/{format}")
    ResponseEntity<byte[]> export(
            @PathVariable String id, @PathVariable String format, @RequestBody @Valid PatchQuestion question) {
        return efforts.answer(() -> file(id, format, question));
    }

    @Operation(summary = "A kept weave job's patch in an open format")
    @GetMapping("/api/jobs/weave/{id}/export/{format}")
    ResponseEntity<byte[]> exportJob(@PathVariable UUID id, @PathVariable String format) {
        WeaveJobData job = jobs.content(kind, id);
        return efforts.answer(() -> file(job.weaveId(), format, job.question()));
    }

    private ResponseEntity<byte[]> file(String id, String format, PatchQuestion question) {
        return "json".equals(format)
                ? PatchFile.json(id, files.byId(id).text())
                : PatchFile.of(id, format, () -> workshop.laidPatch(id, question));
    }
}
