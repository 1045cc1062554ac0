package toroid.core.wire;

import toroid.core.metal.Metal;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Length;
import toroid.core.quantity.Mass;

/**
 * Round wire of one metal. The diameter is what a caliper says; 0.05 to 12 mm.
 */
public record Wire(Length diameter, Metal metal) {
    public static final double THINNEST_MM = 0.05;
    public static final double THICKEST_MM = 12;

    /** A stock wire so much thicker or thinner is still the wire asked for, as a share; common practice: gauges stand a tenth apart. */
    public static final double SAME = 0.03;

    public Wire {
        checkDiameter(diameter.inMillimetres());
    }

    /** The range of diameters worked with. @throws toroid.core.numeric.Refusal outside it */
    public static double checkDiameter(double wireDiameterMm) {
        return Checks.within(
                "wireDiameterMm",
                wireDiameterMm,
                THINNEST_MM,
                THICKEST_MM,
                Unit.MM,
                Remedy.MEASURE_THE_WIRE_WITH_A_CALIPER);
    }

    /** Two diameters are one where a caliper, which shows hundredths, shows the same; mm. */
    private static final double SHOWN_MM = 0.005;

    /** Whether a caliper tells no difference between two diameters, both mm. */
    public static boolean isSame(double oneMm, double otherMm) {
        return Math.abs(oneMm - otherMm) < SHOWN_MM;
    }

    /** Whether wire of that diameter stands for a wire asked for, both mm: within {@link #SAME} of it. */
    public static boolean standsFor(double stockMm, double askedMm) {
        return Math.abs(stockMm / askedMm - 1) <= SAME;
    }

    /** {@code m = ρ · π d²/4 · L}. Exact for a cylinder. */
    public Mass massOf(Length length) {
        return Mass.ofGrams(gramsPerMillimetre() * length.inMillimetres());
    }

    /** The length that weighs {@code mass}: how much is left on a spool put on a scale (tare taken off). */
    public Length lengthOf(Mass mass) {
        return Length.ofMillimetres(mass.inGrams() / gramsPerMillimetre());
    }

    private double gramsPerMillimetre() {
        double d = diameter.inMillimetres();
        return metal.densityGramsPerCubicCentimetre() / 1000 * Math.PI * d * d / 4;
    }
}
