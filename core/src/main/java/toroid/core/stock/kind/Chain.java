package toroid.core.stock.kind;

import java.util.List;
import java.util.OptionalDouble;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Facts;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** Chain by length. */
public final class Chain implements StockKind {
    @Override
    public String id() {
        return "chain";
    }

    @Override
    public Measure measure() {
        return Measure.LENGTH;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.choice("link", "cable", "curb", "belcher", "figaro", "box", "rope", "ball", "bar", "mixed"),
                Fact.metal("metal"),
                Fact.number("pitch", Unit.MM, 0.3, 100, 3),
                Fact.number("wire", Unit.MM, 0.1, 10, 0.8),
                Fact.number("link-inside", Unit.MM, 0.2, 100, 2).orUnsaid(),
                Fact.choice("links-open", "no", "yes"),
                Fact.number("grams-a-metre", Unit.GRAMS, 0.1, 5000, 10).orUnsaid());
    }

    /** As the maker weighed it. */
    @Override
    public OptionalDouble gramsPerUnit(Facts facts) {
        return facts.told("grams-a-metre");
    }

    /** Chain off one reel weighs alike to a fiftieth; common practice. */
    @Override
    public double gramsBand(Facts facts) {
        return 0.02;
    }
}
