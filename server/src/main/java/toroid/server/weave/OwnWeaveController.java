package toroid.server.weave;

import io.swagger.v3.oas.annotations.Operation;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;

/** The maker's own weaves. These calls write, so they are not among the open ones under {@code /api/weaves}. */
@RestController
@RequestMapping("/api/own-weaves")
class OwnWeaveController {
    private final WeaveWorkshop workshop;
    private final WeaveFiles files;
    private final WeaveJobs jobs;

    private final Efforts efforts;

    OwnWeaveController(WeaveWorkshop workshop, WeaveFiles files, WeaveJobs jobs, Efforts efforts) {
        this.efforts = efforts;
        this.workshop = workshop;
        this.files = files;
        this.jobs = jobs;
    }

    @Operation(summary = "Takes a weave in the open weave format in, if it is what it says")
    @PostMapping(consumes = MediaType.TEXT_PLAIN_VALUE)
    WeaveAnswers.WeaveEntry take(@RequestBody String text) {
        return efforts.answer(() -> workshop.take(text));
    }

    @Operation(summary = "Takes one of the maker's own away; refused while a piece is made of it")
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void away(@PathVariable UUID id) {
        jobs.demandUnused(files.nameOf(id));
        files.away(id, true);
    }

    @Operation(summary = "Brings it back")
    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void back(@PathVariable UUID id) {
        files.away(id, false);
    }
}
