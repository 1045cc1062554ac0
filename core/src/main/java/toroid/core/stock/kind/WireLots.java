package toroid.core.stock.kind;

import java.util.List;
import java.util.OptionalDouble;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Length;
import toroid.core.stock.Fact;
import toroid.core.stock.Facts;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;
import toroid.core.wire.Wire;

/** Wire: on a spool, in a coil, in straight lengths of one size, or an offcut. */
public final class WireLots implements StockKind {
    /** The kind's word, which other parts ask by. */
    public static final String ID = "wire";

    public static final String METAL = "metal";
    public static final String TEMPER = "temper";
    public static final String DIAMETER = "diameter";
    public static final String COMES_AS = "comes-as";
    public static final String SPOOL = "spool";
    public static final String LENGTHS = "straight-lengths";
    public static final String OFFCUT = "offcut";
    /** How long one of the straight lengths is, mm. */
    public static final String EACH = "each";

    /** Metal is sold to a density within so much, and a caliper reads the diameter to a hundredth: common practice. */
    private static final double DENSITY_BAND = 0.005;

    private static final double CALIPER_MM = 0.01;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public Measure measure() {
        return Measure.LENGTH;
    }

    @Override
    public List<Fact> facts() {
        return List.of(
                Fact.metal(METAL),
                Fact.temper(),
                Fact.number(DIAMETER, Unit.MM, Wire.THINNEST_MM, Wire.THICKEST_MM, 1),
                Fact.choice(COMES_AS, SPOOL, "coil", LENGTHS, OFFCUT),
                Fact.number(EACH, Unit.MM, 5, 6000, 1000).orUnsaid());
    }

    @Override
    public void check(Facts facts) {
        facts.metal(METAL).yieldStrength(Fact.temper(facts.word(TEMPER)));
        if (facts.word(COMES_AS).equals(LENGTHS) && facts.told(EACH).isEmpty()) {
            throw Refusal.of(RefusalCode.FACT_MISSING, EACH, null);
        }
    }

    /** {@code ρ π d²/4} a metre ({@link Wire#massOf}). */
    @Override
    public OptionalDouble gramsPerUnit(Facts facts) {
        return OptionalDouble.of(wire(facts).massOf(Length.ofMetres(1)).inGrams());
    }

    /** Twice the caliper's share of the diameter, and the density's. */
    @Override
    public double gramsBand(Facts facts) {
        return 2 * CALIPER_MM / facts.number(DIAMETER) + DENSITY_BAND;
    }

    static Wire wire(Facts facts) {
        return new Wire(Length.ofMillimetres(facts.number(DIAMETER)), facts.metal(METAL));
    }
}
