package toroid.core.stock.kind;

import java.util.List;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** Peg boards: how far the holes are apart, which pegs there are. */
public final class Jigs implements StockKind {
    @Override
    public String id() {
        return "jigs";
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(Fact.number("holes-apart", Unit.MM, 1, 30, 5), Fact.numbers("pegs", Unit.MM, 0.5, 60));
    }

    @Override
    public boolean isTool() {
        return true;
    }
}
