package toroid.server.piece;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;

/** Whole pieces. Stateless. */
@RestController
@RequestMapping("/api/pieces")
class PieceController {
    private final PieceWorkshop workshop;
    private final Efforts efforts;

    PieceController(PieceWorkshop workshop, Efforts efforts) {
        this.workshop = workshop;
        this.efforts = efforts;
    }

    @Operation(
            summary =
                    "A piece from its line: how long, what is over, how each joint is made and in which order, what to cut")
    @PostMapping("/solve")
    PieceAnswer solve(@RequestBody @Valid PieceQuestion question) {
        return efforts.answer(() -> workshop.answer(question));
    }
}
