package toroid.core.stock.kind;

import java.util.List;
import java.util.OptionalDouble;
import java.util.TreeMap;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Facts;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** Clasps, toggles, posts, ear wires, ends, pins, caps and what else is bought to end or hold a piece, with where others hang in it. */
public final class Findings implements StockKind {
    private static final double USUAL_LOOP_MM = 2;

    @Override
    public String id() {
        return "findings";
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
                        "lobster-clasp",
                        "spring-ring",
                        "toggle-ring",
                        "toggle-bar",
                        "hook",
                        "magnetic-clasp",
                        "slide-clasp",
                        "ear-wire",
                        "ear-post",
                        "ear-nut",
                        "cord-end",
                        "end-bar",
                        "bead-cap",
                        "bail",
                        "head-pin",
                        "eye-pin",
                        "ball-pin",
                        "charm",
                        "blank"),
                Fact.metal("metal").orUnsaid(),
                Fact.number("length", Unit.MM, 0.5, 300, 12),
                Fact.whole("loops", 0, 12, 1),
                Fact.number("loop-inside", Unit.MM, 0.3, 50, 2).orUnsaid(),
                Fact.number("loop-wire", Unit.MM, 0.2, 10, 0.9).orUnsaid(),
                Fact.choice("loops-open", "no", "yes"),
                Fact.number("takes", Unit.MM, 0.2, 30, 2).orUnsaid(),
                Fact.number("grams-each", Unit.GRAMS, 0.001, 1000, 1).orUnsaid());
    }

    /** One loop of a usual size. */
    @Override
    public Facts blank() {
        var facts = new TreeMap<>(StockKind.super.blank().values());
        facts.put("loop-inside", USUAL_LOOP_MM);
        return new Facts(facts);
    }

    /** A loop has a size: without it nothing tells what hangs in it. */
    @Override
    public void check(Facts facts) {
        if (facts.number("loops") > 0 && facts.told("loop-inside").isEmpty()) {
            throw Refusal.of(RefusalCode.FACT_MISSING, "loop-inside", null);
        }
    }

    /** As the maker weighed it. */
    @Override
    public OptionalDouble gramsPerUnit(Facts facts) {
        return facts.told("grams-each");
    }

    /** Pressed and cast findings of one batch weigh alike to a fiftieth; common practice. */
    @Override
    public double gramsBand(Facts facts) {
        return 0.02;
    }
}
