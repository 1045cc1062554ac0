package toroid.core.quantity;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Imperial standard wire gauge (SWG), a table and no law, in inches.
 *
 * <p>Source: BS 3737:1964, Specification for standard wire gauge (the table of the Order in Council of 1883). Range here:
 * 7/0 (n = −6) to 50.
 */
public final class ImperialWireGauge {
    public static final int THICKEST = -6;
    public static final int THINNEST = 50;

    private static final double[] INCHES = {
        0.500, 0.464, 0.432, 0.400, 0.372, 0.348, 0.324, 0.300, 0.276, 0.252, 0.232, 0.212, 0.192, 0.176, 0.160, 0.144,
        0.128, 0.116, 0.104, 0.092, 0.080, 0.072, 0.064, 0.056, 0.048, 0.040, 0.036, 0.032, 0.028, 0.024, 0.022, 0.020,
        0.018, 0.0164, 0.0148, 0.0136, 0.0124, 0.0116, 0.0108, 0.0100, 0.0092, 0.0084, 0.0076, 0.0068, 0.0060, 0.0052,
        0.0048, 0.0044, 0.0040, 0.0036, 0.0032, 0.0028, 0.0024, 0.0020, 0.0016, 0.0012, 0.0010
    };

    private ImperialWireGauge() {}

    /**
     * @param gauge n; 0 is 1/0, −1 is 2/0 … −6 is 7/0
     */
    public static Length diameterOf(int gauge) {
        Checks.within("SWG number", gauge, THICKEST, THINNEST, Unit.NONE, Remedy.GIVE_THE_WIRES_DIAMETER_INSTEAD);
        return Length.ofInches(INCHES[gauge - THICKEST]);
    }

    /** The whole gauge nearest in ratio. */
    public static int nearestTo(Length diameter) {
        int best = THICKEST;
        for (int gauge = THICKEST; gauge <= THINNEST; gauge++) {
            if (distance(gauge, diameter) < distance(best, diameter)) {
                best = gauge;
            }
        }
        return best;
    }

    private static double distance(int gauge, Length diameter) {
        return Math.abs(Math.log(INCHES[gauge - THICKEST] / diameter.inInches()));
    }

    /** How the number is written: {@code 18}, {@code 1/0}, {@code 7/0}. */
    public static String nameOf(int gauge) {
        return gauge > 0 ? Integer.toString(gauge) : (1 - gauge) + "/0";
    }
}
