package toroid.core.stock.kind;

import java.util.List;
import java.util.OptionalDouble;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Facts;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** Crimp tubes and beads, and the covers that hide them. */
public final class Crimps implements StockKind {
    /** The bore is at most so much of the outside: a crimp without a wall holds nothing. */
    private static final double WALL = 0.95;

    @Override
    public String id() {
        return "crimps";
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.choice("what", "tube", "bead", "cover"),
                Fact.metal("metal").orUnsaid(),
                Fact.number("outside", Unit.MM, 0.5, 10, 2),
                Fact.number("bore", Unit.MM, 0.2, 10, 1.3),
                Fact.number("length", Unit.MM, 0.5, 20, 2),
                Fact.number("grams-each", Unit.GRAMS, 0.001, 10, 0.02).orUnsaid());
    }

    @Override
    public void check(Facts facts) {
        Checks.within(
                "bore",
                facts.number("bore"),
                0.2,
                WALL * facts.number("outside"),
                Unit.MM,
                Remedy.CHECK_WHICH_SIZE_IS_WHICH);
    }

    /** As the maker weighed it. */
    @Override
    public OptionalDouble gramsPerUnit(Facts facts) {
        return facts.told("grams-each");
    }
}
