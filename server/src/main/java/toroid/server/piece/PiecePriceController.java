package toroid.server.piece;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.price.CostLine;
import toroid.core.price.Price;
import toroid.server.effort.Efforts;

/** Prices of pieces. Keeps nothing. */
@RestController
@RequestMapping("/api/pieces/price")
class PiecePriceController {
    private final PiecePricing pricing;
    private final Efforts efforts;

    PiecePriceController(PiecePricing pricing, Efforts efforts) {
        this.pricing = pricing;
        this.efforts = efforts;
    }

    /**
     * The price of a batch, and of one copy.
     *
     * @param lines what costs, the dearest first; each names its wire or its bought thing by its place in the piece's answer
     * @param missing how many lines have no price: all else is at least what is told
     */
    record PriceView(
            @NotNull int copies,
            @NotNull List<PriceLine> lines,
            @NotNull int missing,
            @NotNull double material,
            @NotNull double hands,
            @NotNull double overhead,
            @NotNull double cost,
            @NotNull double margin,
            @NotNull double beforeTax,
            @NotNull double tax,
            @NotNull double price,
            @NotNull double each,
            @NotNull double costEach) {
        static PriceView of(Price price) {
            return new PriceView(
                    price.copies(),
                    price.lines().stream()
                            .map(line -> new PriceLine(line.kind(), line.at(), line.amount(), line.cost()))
                            .toList(),
                    price.missing(),
                    price.material(),
                    price.hands(),
                    price.overhead(),
                    price.cost(),
                    price.margin(),
                    price.beforeTax(),
                    price.tax(),
                    price.price(),
                    price.each(),
                    price.costEach());
        }
    }

    /**
     * @param amount of wire and what is sold by length, mm; of others how many; of hands minutes
     * @param cost null where the shelf knows no price of it
     */
    record PriceLine(
            @NotNull CostLine.Kind kind,
            @NotNull int at,
            @NotNull double amount,
            @Schema(nullable = true) Double cost) {}

    @Operation(summary = "What a batch of a piece costs and what is asked for it, and what drives that; keeps nothing")
    @PostMapping
    PriceView price(@RequestBody @Valid BatchQuestion question) {
        int copies = question.batch();
        return efforts.answer(() -> PriceView.of(pricing.of(question.piece(), copies)));
    }
}
