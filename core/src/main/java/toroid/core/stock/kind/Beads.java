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

/** Beads and stones with a hole. */
public final class Beads implements StockKind {
    /** A hole is at most so much of a bead: the rest is its wall. */
    private static final double HOLE = 0.8;

    @Override
    public String id() {
        return "beads";
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.word("material"),
                Fact.choice("shape", "round", "rondelle", "tube", "cube", "drop", "coin", "chip"),
                Fact.number("along", Unit.MM, 0.5, 200, 6),
                Fact.number("across", Unit.MM, 0.5, 200, 6),
                Fact.number("hole", Unit.MM, 0.2, 50, 1),
                Fact.choice("drill", "through", "half", "across-the-top"),
                Fact.number("grams-each", Unit.GRAMS, 0.001, 1000, 1).orUnsaid(),
                Fact.number("density", Unit.GRAMS_PER_CM3, 0.1, 25, 2.5).orUnsaid(),
                Fact.choices("withstands", "torch", "pickle", "liver-of-sulphur", "tumbling", "ultrasonic"));
    }

    @Override
    public void check(Facts facts) {
        Checks.within(
                "hole",
                facts.number("hole"),
                0.2,
                HOLE * facts.number("across"),
                Unit.MM,
                Remedy.CHECK_WHICH_SIZE_IS_WHICH);
    }

    /** As weighed; else its density times an ellipsoid, a cylinder or a box of its sizes, less the hole. */
    @Override
    public OptionalDouble gramsPerUnit(Facts facts) {
        if (facts.told("grams-each").isPresent()) {
            return facts.told("grams-each");
        }
        return facts.told("density").isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(facts.told("density").getAsDouble() * cubicMm(facts) / 1000);
    }

    private static double cubicMm(Facts facts) {
        double along = facts.number("along");
        double across = facts.number("across");
        double hole = Math.PI / 4 * Math.pow(facts.number("hole"), 2);
        return switch (facts.word("shape")) {
            case "tube", "coin" -> Math.PI / 4 * across * across * along - hole * along;
            case "cube" -> across * across * along - hole * along;
            // through an ellipsoid a hole is shorter than it is long by what the ends curve: the middle's length serves
            default -> Math.PI / 6 * across * across * along - hole * along * 2 / 3;
        };
    }

    /** A weighed bead's fellows differ by a twentieth; a bead by its density is that shape only nearly: common practice. */
    @Override
    public double gramsBand(Facts facts) {
        return facts.told("grams-each").isPresent() ? 0.05 : 0.25;
    }
}
