package toroid.core.quantity;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * American wire gauge: {@code d = 0.127 mm · 92^((36 − n)/39)}.
 *
 * <p>Source: ASTM B258, Standard Nominal Diameters and Cross-Sectional Areas of AWG Sizes of Solid Round Wires Used as
 * Electrical Conductors. Range here: 4/0 (n = −3) to 40. The standard rounds its table; this is the unrounded law.
 */
public final class AmericanWireGauge {
    public static final int THICKEST = -3;
    public static final int THINNEST = 40;

    private static final double DIAMETER_OF_36_MM = 0.127;
    private static final double RATIO_36_TO_4_0 = 92;
    private static final double STEPS_36_TO_4_0 = 39;

    private AmericanWireGauge() {}

    /**
     * @param gauge n; 0 is 1/0, −1 is 2/0, −2 is 3/0, −3 is 4/0
     */
    public static Length diameterOf(int gauge) {
        Checks.within("AWG number", gauge, THICKEST, THINNEST, Unit.NONE, Remedy.GIVE_THE_WIRES_DIAMETER_INSTEAD);
        return Length.ofMillimetres(DIAMETER_OF_36_MM * Math.pow(RATIO_36_TO_4_0, (36 - gauge) / STEPS_36_TO_4_0));
    }

    /** The whole gauge nearest in ratio, held within the table's ends. */
    public static int nearestTo(Length diameter) {
        double exact = 36
                - STEPS_36_TO_4_0 * Math.log(diameter.inMillimetres() / DIAMETER_OF_36_MM) / Math.log(RATIO_36_TO_4_0);
        return (int) Math.max(THICKEST, Math.min(THINNEST, Math.round(exact)));
    }

    /** How the number is written: {@code 18}, {@code 1/0}, {@code 4/0}. */
    public static String nameOf(int gauge) {
        return gauge > 0 ? Integer.toString(gauge) : (1 - gauge) + "/0";
    }
}
