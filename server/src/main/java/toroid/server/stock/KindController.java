package toroid.server.stock;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;
import toroid.core.stock.StockKinds;

/** The kinds of stock and tools the core knows. */
@RestController
@RequestMapping("/api/stock-kinds")
class KindController {
    /** @param blank what a new lot is told by */
    record StockKindView(
            @NotNull String id,
            @NotNull Measure measure,
            @NotNull boolean tool,
            @NotNull List<FactView> facts,
            @NotNull Map<String, Object> blank) {
        static StockKindView of(StockKind kind) {
            return new StockKindView(
                    kind.id(),
                    kind.measure(),
                    kind.isTool(),
                    kind.facts().stream().map(FactView::of).toList(),
                    kind.blank().values());
        }
    }

    /** @param unit as written behind a number */
    record FactView(
            @NotNull String id,
            @NotNull Fact.Type type,
            @NotNull String unit,
            @NotNull double minimum,
            @NotNull double maximum,
            @NotNull boolean optional,
            @NotNull List<String> options) {
        static FactView of(Fact fact) {
            return new FactView(
                    fact.id(),
                    fact.type(),
                    fact.unit().symbol(),
                    fact.minimum(),
                    fact.maximum(),
                    fact.optional(),
                    fact.options());
        }
    }

    @Operation(summary = "Every kind of stock and tool: what a lot of it is told by, and how it is counted")
    @GetMapping
    List<StockKindView> all() {
        return StockKinds.all().stream().map(StockKindView::of).toList();
    }
}
