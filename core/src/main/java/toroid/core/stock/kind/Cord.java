package toroid.core.stock.kind;

import java.util.List;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** Cord, thong and ribbon by length. */
public final class Cord implements StockKind {
    @Override
    public String id() {
        return "cord";
    }

    @Override
    public Measure measure() {
        return Measure.LENGTH;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.choice(
                        "material", "leather", "suede", "waxed-cotton", "hemp", "silk", "nylon", "rubber", "elastic"),
                Fact.number("diameter", Unit.MM, 0.2, 30, 2),
                Fact.word("colour"));
    }
}
