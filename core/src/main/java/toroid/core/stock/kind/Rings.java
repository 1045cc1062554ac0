package toroid.core.stock.kind;

import java.util.List;
import java.util.OptionalDouble;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Length;
import toroid.core.stock.Fact;
import toroid.core.stock.Facts;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;
import toroid.core.wire.Wire;

/** Jump rings bought ready-made, or wound and cut earlier. */
public final class Rings implements StockKind {
    @Override
    public String id() {
        return "rings";
    }

    @Override
    public Measure measure() {
        return Measure.PIECES;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.metal("metal"),
                Fact.temper(),
                Fact.number("wire", Unit.MM, Wire.THINNEST_MM, Wire.THICKEST_MM, 1),
                Fact.number("inside", Unit.MM, 0.5, 200, 5),
                Fact.whole("turns", 1, 12, 1),
                Fact.choice("cut", "saw", "flush", "pinch"),
                Fact.choice("from", "bought", "wound"));
    }

    /** {@code ρ π d²/4 · turns · π (inside + d)}: a torus, by Pappus; the cut is left out. */
    @Override
    public OptionalDouble gramsPerUnit(Facts facts) {
        double wire = facts.number("wire");
        double along = facts.number("turns") * Math.PI * (facts.number("inside") + wire);
        var round = new Wire(Length.ofMillimetres(wire), facts.metal("metal"));
        return OptionalDouble.of(round.massOf(Length.ofMillimetres(along)).inGrams());
    }

    /** Twice a caliper's share of the wire, its share of the inside, half a per cent for the metal, and up to a kerf of a third of the wire. */
    @Override
    public double gramsBand(Facts facts) {
        double wire = facts.number("wire");
        double inside = facts.number("inside");
        return 0.02 / wire + 0.02 / inside + 0.005 + wire / 3 / (Math.PI * (inside + wire));
    }
}
