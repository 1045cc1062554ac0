package toroid.server.ring;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Stateless: nothing is kept, no token is needed on loopback. */
@RestController
@RequestMapping("/api/rings")
class RingController {
    private final RingWorkshop workshop;
    private final RingTable table;

    RingController(RingWorkshop workshop, RingTable table) {
        this.workshop = workshop;
        this.table = table;
    }

    record TableQuestion(@NotNull @Valid CutData cut) {}

    @Operation(summary = "The ring from any two of wire, inner, outer, mandrel, aspect ratio; its coil, wire and mass")
    @PostMapping("/solve")
    SolveAnswer solve(@RequestBody @Valid SolveQuestion question) {
        return RingCalculator.answer(question);
    }

    @Operation(
            summary =
                    "Everything of a job against the shelf: sizes with bands, figures with their why, coils, judgement")
    @PostMapping("/sheet")
    RingSheet sheet(@RequestBody @Valid RingJobData job) {
        return workshop.sheet(job);
    }

    @Operation(summary = "Every spool on every rod")
    @PostMapping("/table")
    List<RingTable.Row> table(@RequestBody @Valid TableQuestion question) {
        return table.rows(question.cut());
    }
}
