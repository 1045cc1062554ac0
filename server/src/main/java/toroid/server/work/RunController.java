package toroid.server.work;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import toroid.server.effort.Efforts;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.weave.PatchAnswers;

/** Runs of every kind. */
@RestController
@RequestMapping("/api/runs")
class RunController {
    private final Runs runs;
    private final RunRows rows;
    private final RunsAway away;
    private final RunFollowers followers;
    private final WorkJson json;
    private final Efforts efforts;

    RunController(Runs runs, RunRows rows, RunsAway away, RunFollowers followers, WorkJson json, Efforts efforts) {
        this.runs = runs;
        this.rows = rows;
        this.away = away;
        this.followers = followers;
        this.json = json;
        this.efforts = efforts;
    }

    @GetMapping("/{id}")
    Kept<RunData> run(@PathVariable UUID id) {
        return runs.get(id);
    }

    /** What runs are called, by their ids; those taken away too, what is not known left out. */
    @GetMapping("/names")
    Map<UUID, String> names(@RequestParam("id") @Size(max = 200) List<UUID> ids) {
        return rows.names(ids);
    }

    /** What its kind shows beside the plan, as it stood when the run began: a form with its marks and shapes, a weave ring by ring. */
    @GetMapping("/{id}/shown")
    Object shown(@PathVariable UUID id) {
        return efforts.answer(() -> runs.shown(id));
    }

    @Operation(
            summary =
                    "Tells each screen that stands at the run as it goes on: progress as it was kept, reading where one was taken")
    @GetMapping(path = "/{id}/follow", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter follow(@PathVariable UUID id) {
        return followers.follow(id, () -> runs.progressOf(id));
    }

    @PutMapping("/{id}")
    Kept<RunProgress> progress(@PathVariable UUID id, @RequestBody @Valid Edit<RunProgress> edit) {
        return runs.progress(id, edit);
    }

    @Operation(
            summary =
                    "Takes a run out of the notebook, with what was measured and photographed in it, and out of what is"
                            + " learnt; what it took of the shelf stays taken")
    @DeleteMapping("/{id}")
    void away(@PathVariable UUID id) {
        away.away(id);
    }

    @Operation(summary = "Brings such a run back, as it was")
    @PostMapping("/{id}/restore")
    void back(@PathVariable UUID id) {
        away.back(id);
    }

    /**
     * What was seen of a weave so far.
     *
     * @param ringsIn rings put in
     */
    record RunDiagnosisQuestion(
            @NotNull int ringsIn, @NotNull List<PatchAnswers.@Valid SeenAnswer> answers) {}

    @PostMapping("/{id}/diagnose")
    PatchAnswers.DiagnosisAnswer diagnose(@PathVariable UUID id, @RequestBody @Valid RunDiagnosisQuestion question) {
        return efforts.answer(() -> json.read(json.write(runs.shown(id, WeaveKind.ID)), PatchAnswers.PatchView.class)
                .diagnosed(question.ringsIn(), question.answers()));
    }
}
