package toroid.server.metal;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.Kept;
import toroid.server.store.KeptController;

/** The price list of metals, typed or from a table. */
@RestController
@RequestMapping("/api/metal-prices")
class MetalPriceController extends KeptController<MetalPriceData> {
    private final MetalPrices prices;
    private final MetalPriceTable table;

    MetalPriceController(MetalPrices prices, MetalPriceTable table) {
        super(prices);
        this.prices = prices;
        this.table = table;
    }

    @Operation(summary = "The prices in force today, one a metal")
    @GetMapping("/in-force")
    List<Kept<MetalPriceData>> inForce() {
        return prices.inForce();
    }

    /** A price list, as its file has it: day, metal, a gram's price. */
    record ListText(@NotNull String text) {}

    @Operation(summary = "What a price list would change, row by row; keeps nothing")
    @PostMapping("/look")
    MetalPriceTable.ListLook look(@RequestBody @Valid ListText list) {
        return table.look(list.text());
    }

    /** @param id made once by whoever sends it */
    record ListTaken(@NotNull UUID id, @NotNull String text) {}

    @Operation(summary = "Takes a price list in, all of it or nothing")
    @PostMapping
    MetalPriceTable.ListLook take(@RequestBody @Valid ListTaken list) {
        return table.take(list.id(), list.text());
    }
}
