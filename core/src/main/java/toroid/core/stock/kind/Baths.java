package toroid.core.stock.kind;

import java.util.List;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** What metal lies in: pickle, quench, patina, tumbler, ultrasonic cleaner. */
public final class Baths implements StockKind {
    @Override
    public String id() {
        return "baths";
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.choice("what", "pickle", "quench", "patina", "tumbler", "ultrasonic", "magnetic-tumbler"),
                Fact.word("with"));
    }

    @Override
    public boolean isTool() {
        return true;
    }
}
