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
import toroid.core.numeric.Refusal;
import toroid.server.effort.Efforts;
import toroid.server.store.ServerCode;

/** The maker's own weaves. These calls write, so they are not among the open ones under {@code /api/weaves}. */
@RestController
@RequestMapping("/api/own-weaves")
class OwnWeaveController {
    private final WeaveWorkshop workshop;
    private final WeaveFiles files;
    private final WeaveUses uses;

    private final Efforts efforts;

    OwnWeaveController(WeaveWorkshop workshop, WeaveFiles files, WeaveUses uses, Efforts efforts) {
        this.efforts = efforts;
        this.workshop = workshop;
        this.files = files;
        this.uses = uses;
    }

    @Operation(summary = "Takes a weave in the open weave format in, if it is what it says")
    @PostMapping(consumes = MediaType.TEXT_PLAIN_VALUE)
    WeaveAnswers.WeaveEntry take(@RequestBody String text) {
        return efforts.answer(() -> workshop.take(text));
    }

    @Operation(summary = "Takes one of the maker's own away; refused while a patch is made of it")
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void away(@PathVariable UUID id) {
        demandUnused(files.nameOf(id));
        files.away(id, true);
    }

    @Operation(summary = "Brings it back")
    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void back(@PathVariable UUID id) {
        files.away(id, false);
    }

    /** @throws Refusal while something on the bench is made of that weave: its steps would be lost with it */
    private void demandUnused(String weaveId) {
        long jobs = uses.jobsOf(weaveId);
        if (jobs > 0) {
            throw Refusal.of(ServerCode.WEAVE_IN_USE, "weave", weaveId).with("jobs", jobs);
        }
    }
}
