package toroid.core.stock.kind;

import java.util.List;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** Punches and drills. */
public final class Punches implements StockKind {
    @Override
    public String id() {
        return "punches";
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.choice(
                        "what", "drill", "hole-punch", "doming-punch", "centre-punch", "letter-punch", "texture-punch"),
                Fact.number("diameter", Unit.MM, 0.2, 80, 1.5));
    }

    @Override
    public boolean isTool() {
        return true;
    }
}
