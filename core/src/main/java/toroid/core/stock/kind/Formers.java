package toroid.core.stock.kind;

import java.util.List;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** What is formed on or in: ring and bracelet mandrels, doming and channel blocks, bench blocks. */
public final class Formers implements StockKind {
    @Override
    public String id() {
        return "formers";
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.choice(
                        "what",
                        "ring-mandrel",
                        "round-bracelet-mandrel",
                        "oval-bracelet-mandrel",
                        "neck-form",
                        "doming-block",
                        "channel-block",
                        "bench-block",
                        "anvil"),
                Fact.number("smallest", Unit.MM, 0.5, 500, 13).orUnsaid(),
                Fact.number("largest", Unit.MM, 0.5, 500, 25).orUnsaid());
    }

    @Override
    public boolean isTool() {
        return true;
    }
}
