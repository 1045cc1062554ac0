package toroid.server.cutting;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.time.Duration;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.cutting.CuttingTask;
import toroid.server.effort.Efforts;

/** What is cut from which strip. Stateless. */
@RestController
@RequestMapping("/api/cutting")
class CuttingController {
    /** Besides the time it may look: to wait for a turn, and to tell. */
    private static final Duration BESIDES = Duration.ofSeconds(3);

    private final CuttingRoom room;
    private final Efforts efforts;

    CuttingController(CuttingRoom room, Efforts efforts) {
        this.room = room;
        this.efforts = efforts;
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
}
