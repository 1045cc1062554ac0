package toroid.server.export;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.numeric.Refusal;
import toroid.server.effort.Efforts;
import toroid.server.weave.LaidPiece;
import toroid.server.weave.PieceQuestion;
import toroid.server.weave.PieceWorkshop;
import toroid.server.weave.WeaveFiles;
import toroid.server.weave.WeaveJobData;
import toroid.server.weave.WeaveJobs;

/** Pieces of weaves out in open formats. */
@RestController
class PieceExportController {
    private static final Map<String, String> TYPES = Map.of(
            "svg", "image/svg+xml",
            "stl", "model/stl",
            "gltf", "model/gltf+json",
            "csv", "text/csv;charset=UTF-8",
            "json", "application/json");

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
        byte[] body = switch (format) {
            case "svg" -> utf8(PieceExports.svg(laid(id, question)));
            case "stl" -> PieceExports.stl(laid(id, question));
            case "gltf" -> utf8(PieceExports.gltf(laid(id, question)));
            case "csv" -> utf8(PieceExports.csv(laid(id, question)));
            case "json" -> utf8(files.byId(id).text());
            default ->
                throw Refusal.of(
                        "unknown-format",
                        "format",
                        format,
                        "Weaves are not written as " + format + ".",
                        "Use svg, stl, gltf, csv or json.");
        };
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(TYPES.get(format)))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(id + "." + format)
                                .build()
                                .toString())
                .body(body);
    }

    private LaidPiece laid(String id, PieceQuestion question) {
        return workshop.laidPiece(id, question);
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
