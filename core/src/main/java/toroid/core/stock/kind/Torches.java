package toroid.core.stock.kind;

import java.util.List;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** What heats: torches and kilns. */
public final class Torches implements StockKind {
    @Override
    public String id() {
        return "torches";
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.choice("what", "hand-torch", "gas-and-air-torch", "gas-and-oxygen-torch", "kiln"),
                Fact.word("fuel"));
    }

    @Override
    public boolean isTool() {
        return true;
    }
}
