package toroid.core.bend;

import toroid.core.metal.YieldStrength;
import toroid.core.numeric.Checks;
import toroid.core.quantity.Figure;

/**
 * How strong this wire is taken to be, and how well that is known: the one thing springback prediction needs from outside.
 *
 * @param yieldMpa best value, MPa
 * @param standardErrorMpa of that value, MPa, zero or more
 * @param scatterMm standard deviation of one coil's inner diameter about the prediction, mm, zero or more
 * @param degreesOfFreedom behind the band (Student's t); large for a handbook value
 * @param measurements how many of the maker's own measurements it rests on; 0 for a handbook value
 */
public record YieldEstimate(
        double yieldMpa, double standardErrorMpa, double scatterMm, double degreesOfFreedom, int measurements) {
    /** Two standard errors on each side make the handbook range. */
    private static final double RANGE_IN_STANDARD_ERRORS = 1.959964;

    /** Scatter of one coil's measured inner diameter, mm: caliper and winding together. Common practice, our own figure. */
    public static final double USUAL_SCATTER_MM = 0.03;

    private static final double HANDBOOK_FREEDOM = 1e6;

    public YieldEstimate {
        Checks.within("yield strength", yieldMpa, 1e-6, 1e5, "MPa", "Check the temper.");
        Checks.within("standard error", standardErrorMpa, 0, 1e5, "MPa", "Give zero or more.");
        Checks.within("scatter", scatterMm, 0, 100, "mm", "Give zero or more.");
        Checks.within("degrees of freedom", degreesOfFreedom, 1e-3, 1e9, "", "Give a positive number.");
        Checks.within("measurements", measurements, 0, 1_000_000, "", "Give zero or more.");
    }

    /** A handbook value with its range taken as 95 %. */
    public static YieldEstimate ofHandbook(YieldStrength yield) {
        double halfRange = (yield.high().inMegapascals() - yield.low().inMegapascals()) / 2;
        return new YieldEstimate(
                yield.typical().inMegapascals(),
                halfRange / RANGE_IN_STANDARD_ERRORS,
                USUAL_SCATTER_MM,
                HANDBOOK_FREEDOM,
                0);
    }

    public Figure.Basis basis() {
        return measurements == 0 ? Figure.Basis.THEORY : Figure.Basis.MEASURED;
    }
}
