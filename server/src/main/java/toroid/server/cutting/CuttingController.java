package toroid.server.cutting;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.time.Duration;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.cutting.CuttingTask;
import toroid.server.effort.Efforts;
import toroid.server.stock.CutGiven;
import toroid.server.stock.CutStrip;
import toroid.server.stock.CutStrips;
import toroid.server.work.Jobs;

/** What jobs have cut, which length from which strip, and what is cut already. */
@RestController
@RequestMapping("/api/cutting")
class CuttingController {
    /** Besides the time it may look: to wait for a turn, and to tell. */
    private static final Duration BESIDES = Duration.ofSeconds(3);

    private final CuttingRoom room;
    private final CuttingLists lists;
    private final CutStrips strips;
    private final Jobs jobs;
    private final Efforts efforts;

    CuttingController(CuttingRoom room, CuttingLists lists, CutStrips strips, Jobs jobs, Efforts efforts) {
        this.room = room;
        this.lists = lists;
        this.strips = strips;
        this.jobs = jobs;
        this.efforts = efforts;
    }

    @Operation(summary = "What jobs have cut, each length in one piece, wire by wire, with the spools of it")
    @PostMapping("/lists")
    CutLists lists(@RequestBody @Valid ListsQuestion question) {
        return efforts.answer(() -> lists.of(question.jobs(), Boolean.TRUE.equals(question.nearSizes())));
    }

    @Operation(
            summary =
                    "Lengths of one wire from the strips there are of it: least used up, how good it is, what is left out and to buy; asked again it is bettered")
    @PostMapping("/plan")
    CuttingAnswer plan(@RequestBody @Valid CuttingQuestion question) {
        CuttingTask task = question.task();
        int limit = question.limitMs();
        return efforts.answer(
                () -> CuttingAnswer.of(task, room.plan(task, limit), question.soldMm()),
                Duration.ofMillis(limit).plus(BESIDES));
    }

    @Operation(
            summary = "A strip is cut: wire leaves its lot for the jobs it is cut for; sent twice under one id, once")
    @PostMapping("/cuts")
    CutStrip cut(@RequestBody @Valid CutGiven given) {
        given.lengths().stream().map(CutGiven.LengthCut::jobId).distinct().forEach(jobs::get);
        return strips.cut(given);
    }

    @Operation(summary = "It was not cut after all: all that left the shelf with it is back; asked twice, once")
    @PostMapping("/cuts/{id}/undo")
    CutStrip undo(@PathVariable UUID id) {
        return strips.undo(id);
    }
}
