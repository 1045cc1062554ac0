package toroid.server.weave;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;

/** Crosses, stars, medallions of a weave's patches. Stateless. */
@RestController
@RequestMapping("/api/weaves")
class CompositionController {
    private final CompositionWorkshop workshop;
    private final Efforts efforts;

    CompositionController(CompositionWorkshop workshop, Efforts efforts) {
        this.efforts = efforts;
        this.workshop = workshop;
    }

    @Operation(
            summary =
                    "A cross, star or medallion of a weave's patches: which larger rings go in, counts, order, how it lies")
    @PostMapping("/{id}/composition")
    CompositionAnswer composition(@PathVariable String id, @RequestBody @Valid CompositionQuestion question) {
        return efforts.answer(() -> workshop.answer(id, question));
    }
}
