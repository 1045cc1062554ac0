package toroid.core.stock.kind;

import java.util.List;
import toroid.core.stock.Fact;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;

/** What is used up beside the piece: flux, pickle, glue, wax, polish, lacquer, emery. */
public final class Consumables implements StockKind {
    @Override
    public String id() {
        return "consumables";
    }

    @Override
    public Measure measure() {
        return Measure.MASS;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.choice(
                        "what",
                        "flux",
                        "pickle-salt",
                        "glue",
                        "wax",
                        "lacquer",
                        "polish",
                        "patina",
                        "barrier-cream",
                        "tumbling-soap",
                        "abrasive",
                        "fuel"),
                Fact.word("for"));
    }
}
