package toroid.core.stock.kind;

import java.util.List;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** Flexible beading wire: strands of steel in a coat, by length. */
public final class BeadingWire implements StockKind {
    @Override
    public String id() {
        return "beading-wire";
    }

    @Override
    public Measure measure() {
        return Measure.LENGTH;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.number("diameter", Unit.MM, 0.1, 2, 0.36),
                Fact.whole("strands", 1, 61, 7),
                Fact.number("breaks-at", Unit.NEWTONS, 1, 1000, 70).orUnsaid(),
                Fact.word("colour"));
    }
}
