package toroid.core.stock.kind;

import java.util.List;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** Winders for coils, with the rods they take. */
public final class Coilers implements StockKind {
    @Override
    public String id() {
        return "coilers";
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(Fact.choice("turned-by", "hand", "drill"), Fact.numbers("rods", Unit.MM, 0.2, 60));
    }

    @Override
    public boolean isTool() {
        return true;
    }
}
