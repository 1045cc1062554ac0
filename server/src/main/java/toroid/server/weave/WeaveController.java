package toroid.server.weave;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.server.effort.Efforts;

/** Stateless: no token is needed on loopback. */
@RestController
@RequestMapping("/api/weaves")
class WeaveController {
    private static final int MOST_RINGS = 200;

    private final WeaveWorkshop workshop;
    private final WeaveFiles files;

    private final Efforts efforts;

    WeaveController(WeaveWorkshop workshop, WeaveFiles files, Efforts efforts) {
        this.efforts = efforts;
        this.workshop = workshop;
        this.files = files;
    }

    @Operation(summary = "Every weave, with its smallest aspect ratio once that is solved and its usual window")
    @GetMapping
    List<WeaveAnswers.WeaveEntry> catalogue() {
        return workshop.catalogue();
    }

    @Operation(summary = "Where each weave drapes as solved, on the nominal scale of a ring of these aspect ratios")
    @GetMapping("/windows")
    List<WeaveAnswers.WeaveWindow> windows(@RequestParam double aspectRatio, @RequestParam double nominalAspectRatio) {
        return workshop.windows(aspectRatio, nominalAspectRatio);
    }

    @Operation(summary = "A weave in the open weave format")
    @GetMapping(path = "/{id}/file", produces = MediaType.APPLICATION_JSON_VALUE)
    String file(@PathVariable String id) {
        return files.byId(id).text();
    }

    @Operation(summary = "How rings sit in a weave, without its pitches")
    @PostMapping("/{id}/judge")
    WeaveAnswers.WeaveJudged judge(@PathVariable String id, @RequestBody @Valid WeaveAnswers.WeaveQuestion question) {
        return efforts.answer(() -> workshop.judge(id, question));
    }

    @Operation(summary = "A weave solved for rings: does it close, its pitches, rings and weight per length")
    @PostMapping("/{id}/solve")
    WeaveAnswers.WeaveSolved solve(@PathVariable String id, @RequestBody @Valid WeaveAnswers.WeaveQuestion question) {
        return efforts.answer(() -> workshop.solve(id, question));
    }

    @Operation(summary = "How tightly a weave bends, each way it can be; may take some seconds the first time")
    @PostMapping("/{id}/bend")
    WeaveAnswers.WeaveBends bend(@PathVariable String id, @RequestBody @Valid WeaveAnswers.WeaveQuestion question) {
        return efforts.answer(() -> workshop.bends(id, question));
    }

    @Operation(summary = "Poses from the shortest cell to the longest, for drawing")
    @PostMapping("/{id}/poses")
    List<WeaveAnswers.WeavePose> poses(
            @PathVariable String id,
            @RequestBody @Valid WeaveAnswers.WeaveQuestion question,
            @RequestParam(defaultValue = "9") int count) {
        return efforts.answer(() -> workshop.poses(id, question, count));
    }

    record WeaveShelfQuestion(@NotNull List<WeaveAnswers.@Valid WeaveQuestion> rings) {}

    @Operation(summary = "Every weave in each of these rings, other sizes in their usual proportion")
    @PostMapping("/shelf")
    List<WeaveAnswers.WeaveShelf> shelf(@RequestBody @Valid WeaveShelfQuestion question) {
        Checks.within("rings", question.rings().size(), 0, MOST_RINGS, Unit.RINGS, Remedy.ASK_FOR_FEWER_AT_A_TIME);
        return efforts.answer(() -> workshop.shelf(question.rings()));
    }
}
