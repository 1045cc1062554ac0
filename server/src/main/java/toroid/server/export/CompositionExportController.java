package toroid.server.export;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;
import toroid.server.weave.CompositionQuestion;
import toroid.server.weave.CompositionWorkshop;

/** Crosses, stars, medallions out in open formats. */
@RestController
class CompositionExportController {
    private final CompositionWorkshop workshop;
    private final Efforts efforts;

    CompositionExportController(CompositionWorkshop workshop, Efforts efforts) {
        this.workshop = workshop;
        this.efforts = efforts;
    }

    @Operation(summary = "A cross, star or medallion as svg, stl, gltf or csv (counts)")
    @PostMapping("/api/weaves/{id}/composition/export/{format}")
    ResponseEntity<byte[]> export(
            @PathVariable String id, @PathVariable String format, @RequestBody @Valid CompositionQuestion question) {
        return efforts.answer(() -> PatchFile.of("medallion", format, () -> workshop.laid(id, question)));
    }
}
