package toroid.server.stock;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Once through the shelf. */
@RestController
@RequestMapping("/api/stocktakings")
class StocktakingController {
    private final Stocktakings stocktakings;

    StocktakingController(Stocktakings stocktakings) {
        this.stocktakings = stocktakings;
    }

    @GetMapping
    List<StocktakingView> all() {
        return stocktakings.all();
    }

    @Operation(summary = "Counts of several lots at once, all or none; sent twice under one id they count once")
    @PostMapping
    StocktakingView take(@RequestBody @Valid Stocktakings.Counts counts) {
        return stocktakings.take(counts);
    }

    @Operation(summary = "Takes a whole stocktaking back with moves of its own; asked twice, once")
    @PostMapping("/{id}/undo")
    StocktakingView undo(@PathVariable UUID id) {
        return stocktakings.undo(id);
    }
}
