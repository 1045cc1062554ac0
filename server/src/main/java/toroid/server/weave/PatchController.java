package toroid.server.weave;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;

/** Stateless: no token is needed on loopback. */
@RestController
@RequestMapping("/api/weaves")
class PatchController {
    private final PatchWorkshop workshop;

    private final Efforts efforts;

    PatchController(PatchWorkshop workshop, Efforts efforts) {
        this.efforts = efforts;
        this.workshop = workshop;
    }

    @Operation(
            summary =
                    "How many rings a length or a sheet takes: closed beforehand, opened, spare, of each size and colour")
    @PostMapping("/{id}/count")
    PatchCount count(@PathVariable String id, @RequestBody @Valid PatchQuestion question) {
        return efforts.answer(() -> workshop.count(id, question));
    }

    @Operation(summary = "A patch ring by ring, with its order of assembly")
    @PostMapping("/{id}/patch")
    PatchAnswers.PatchView patch(@PathVariable String id, @RequestBody @Valid PatchQuestion question) {
        return efforts.answer(() -> workshop.view(id, question));
    }

    @Operation(summary = "What the next ring passes through, as a learner says, against the model")
    @PostMapping("/{id}/attempt")
    PatchAnswers.AttemptAnswer attempt(
            @PathVariable String id, @RequestBody @Valid PatchAnswers.AttemptQuestion question) {
        return efforts.answer(() -> workshop.attempt(id, question));
    }

    @Operation(summary = "Looks for the ring that went wrong: the next thing to look at, or the likeliest mistakes")
    @PostMapping("/{id}/diagnose")
    PatchAnswers.DiagnosisAnswer diagnose(
            @PathVariable String id, @RequestBody @Valid PatchAnswers.DiagnosisQuestion question) {
        return efforts.answer(() -> workshop.diagnose(id, question));
    }
}
