package toroid.core.stock.kind;

import java.util.List;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** Solder by grade and form. Grades flow the sooner the easier they are: a joint is soldered with an easier one than those made before it. */
public final class Solder implements StockKind {
    @Override
    public String id() {
        return "solder";
    }

    @Override
    public Measure measure() {
        return Measure.MASS;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.choice("grade", "hard", "medium", "easy", "extra-easy", "it", "soft"),
                Fact.choice("form", "strip", "wire", "chips", "paste", "powder"),
                Fact.word("metal"),
                Fact.number("flows-at", Unit.CELSIUS, 90, 1100, 720).orUnsaid());
    }
}
