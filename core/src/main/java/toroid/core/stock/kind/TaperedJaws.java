package toroid.core.stock.kind;

import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Facts;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;
import toroid.core.stock.Taper;

/** Round-nose or bail pliers with a tapered jaw: forms say where on it they are bent. */
public final class TaperedJaws implements StockKind {
    /** The kind's word, which other parts ask by. */
    public static final String ID = "tapered-jaws";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.number("tip", Unit.MM, 0.3, 40, 1.2),
                Fact.number("back", Unit.MM, 0.4, 60, 6),
                Fact.number("length", Unit.MM, 3, 200, 22),
                Fact.numbers("marks", Unit.MM, 0, 200));
    }

    @Override
    public boolean isTool() {
        return true;
    }

    @Override
    public void check(Facts facts) {
        taper(facts);
        double length = facts.number("length");
        facts.numbers("marks")
                .forEach(mark -> Checks.within("marks", mark, 0, length, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT));
    }

    /** The jaw a lot tells of. */
    public static Taper taper(Facts facts) {
        return new Taper(facts.number("tip"), facts.number("back"), facts.number("length"), facts.numbers("marks"));
    }
}
