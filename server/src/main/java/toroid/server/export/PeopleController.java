package toroid.server.export;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** People's sizes out, and in again; keeps nothing: who is put down is a preference. */
@RestController
@RequestMapping("/api/people")
class PeopleController {
    private final PeopleJson json;

    PeopleController(PeopleJson json) {
        this.json = json;
    }

    @Operation(summary = "People and their sizes as one file (JSON)")
    @PostMapping("/export")
    ResponseEntity<byte[]> export(@RequestBody @Valid PeopleJson.PeopleTold told) {
        return ExportFile.of("people", "json", ExportFile.utf8(json.of(told)));
    }

    @Operation(summary = "Reads such a file; keeps nothing")
    @PostMapping(value = "/import", consumes = MediaType.TEXT_PLAIN_VALUE)
    PeopleJson.PeopleTold read(@RequestBody String text) {
        return json.read(text);
    }
}
