package toroid.server.export;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.form.FormWork;
import toroid.core.numeric.Refusal;
import toroid.server.effort.Efforts;
import toroid.server.form.FormAnswer;
import toroid.server.form.FormJobData;
import toroid.server.form.FormQuestion;
import toroid.server.form.FormWorkshop;
import toroid.server.print.FormSheetPrint;
import toroid.server.store.ServerCode;
import toroid.server.work.FormKind;
import toroid.server.work.Jobs;

/** Forms out in open formats, and in again. */
@RestController
class FormExportController {
    private final FormWorkshop workshop;
    private final Jobs jobs;
    private final FormKind kind;
    private final FormJson json;

    private final Efforts efforts;

    FormExportController(FormWorkshop workshop, Jobs jobs, FormKind kind, FormJson json, Efforts efforts) {
        this.efforts = efforts;
        this.workshop = workshop;
        this.jobs = jobs;
        this.kind = kind;
        this.json = json;
    }

    /** What came in: the form it makes and the values to make it with. */
    record Imported(
            @NotNull String formId,
            @NotNull Map<String, Object> parameters,
            @NotNull FormAnswer answer) {}

    @Operation(summary = "A form as svg, pdf, dxf, stl, gltf, csv (bend table) or json (definition)")
    @PostMapping("/api/forms/{id}/export/{format}")
    ResponseEntity<byte[]> export(
            @PathVariable String id, @PathVariable String format, @RequestBody @Valid FormQuestion question) {
        return efforts.answer(() -> file(id, format, workshop.work(id, question)));
    }

    @Operation(summary = "A kept form job's form in an open format")
    @GetMapping("/api/jobs/form/{id}/export/{format}")
    ResponseEntity<byte[]> exportJob(@PathVariable UUID id, @PathVariable String format) {
        FormJobData job = jobs.content(kind, id);
        return efforts.answer(() -> file(job.formId(), format, workshop.work(job.formId(), job.question())));
    }

    @Operation(summary = "Reads a form definition (JSON) or a bend table (CSV); keeps nothing")
    @PostMapping(value = "/api/forms/import", consumes = MediaType.TEXT_PLAIN_VALUE)
    Imported read(@RequestBody String text) {
        return efforts.answer(() -> imported(text));
    }

    private Imported imported(String text) {
        FormJson.Read read =
                text.stripLeading().startsWith("{") ? json.read(text) : new FormJson.Read("outline", outline(text));
        return new Imported(
                read.formId(), read.question().parameters(), workshop.answer(read.formId(), read.question()));
    }

    private static FormQuestion outline(String csv) {
        Map<String, Object> parameters = Map.of("symmetric", "no", "bends", BendCsv.read(csv));
        return new FormQuestion(null, null, null, null, parameters, false, null, null, null, null);
    }

    private ResponseEntity<byte[]> file(String id, String format, FormWork work) {
        byte[] body = switch (format) {
            case "svg" -> ExportFile.utf8(FormSvg.of(work));
            case "pdf" -> printed(work);
            case "dxf" -> ExportFile.utf8(FormDxf.of(work));
            case "stl" -> FormStl.of(work);
            case "gltf" -> ExportFile.utf8(FormGltf.of(work));
            case "csv" -> ExportFile.utf8(BendCsv.of(work));
            case "json" -> ExportFile.utf8(json.of(work));
            default -> throw Refusal.of(ServerCode.UNKNOWN_FORMAT_OF_FORMS, "format", format);
        };
        return ExportFile.of(id, format, body);
    }

    private static byte[] printed(FormWork work) {
        try {
            return FormSheetPrint.print(work);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
    }
}
