package toroid.server.export;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.numeric.Refusal;
import toroid.server.effort.Efforts;
import toroid.server.piece.LaidPiece;
import toroid.server.piece.PieceJobData;
import toroid.server.piece.PieceQuestion;
import toroid.server.piece.PieceWorkshop;
import toroid.server.print.PieceSheetPrint;
import toroid.server.store.ServerCode;
import toroid.server.work.Jobs;
import toroid.server.work.PieceKind;

/** Whole pieces out in open formats, and in again. */
@RestController
class PieceExportController {
    private final PieceWorkshop workshop;
    private final Jobs jobs;
    private final PieceKind kind;
    private final PieceJson json;
    private final Efforts efforts;

    PieceExportController(PieceWorkshop workshop, Jobs jobs, PieceKind kind, PieceJson json, Efforts efforts) {
        this.workshop = workshop;
        this.jobs = jobs;
        this.kind = kind;
        this.json = json;
        this.efforts = efforts;
    }

    @Operation(summary = "A piece as svg, pdf, stl, gltf, csv (what it takes) or json (the piece)")
    @PostMapping("/api/pieces/export/{format}")
    ResponseEntity<byte[]> export(@PathVariable String format, @RequestBody @Valid PieceQuestion question) {
        return efforts.answer(() -> file(format, workshop.job("piece", question)));
    }

    @Operation(summary = "A kept piece as svg, pdf, stl, gltf, csv (what it takes) or json (the piece)")
    @GetMapping("/api/jobs/piece/{id}/export/{format}")
    ResponseEntity<byte[]> exportJob(@PathVariable UUID id, @PathVariable String format) {
        PieceJobData job = jobs.content(kind, id);
        return efforts.answer(() -> file(format, job));
    }

    @Operation(summary = "Reads a piece (JSON) that was taken out; keeps nothing")
    @PostMapping(value = "/api/pieces/import", consumes = MediaType.TEXT_PLAIN_VALUE)
    PieceJson.PieceRead read(@RequestBody String text) {
        return json.read(text);
    }

    private ResponseEntity<byte[]> file(String format, PieceJobData job) {
        byte[] body = switch (format) {
            case "svg" -> ExportFile.utf8(PieceExports.svg(laid(job)));
            case "pdf" -> printed(job);
            case "stl" -> PieceExports.stl(laid(job));
            case "gltf" -> ExportFile.utf8(PieceExports.gltf(laid(job)));
            case "csv" -> ExportFile.utf8(PieceExports.csv(laid(job)));
            case "json" -> ExportFile.utf8(json.of(job));
            default -> throw Refusal.of(ServerCode.UNKNOWN_FORMAT_OF_PIECES, "format", format);
        };
        return ExportFile.of("piece", format, body);
    }

    private LaidPiece laid(PieceJobData job) {
        return workshop.laid(job.question(false));
    }

    private byte[] printed(PieceJobData job) {
        try {
            return PieceSheetPrint.print(job, laid(job), workshop.finishes(job.question(false)));
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
    }
}
