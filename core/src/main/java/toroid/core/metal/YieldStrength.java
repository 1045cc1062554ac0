package toroid.core.metal;

import toroid.core.quantity.Stress;

/**
 * A handbook yield strength and the range wire sold under that name is found in.
 *
 * @param typical 0.2 % proof stress
 * @param low lower end of the usual range (taken as about the 2.5 % point)
 * @param high upper end of the usual range (taken as about the 97.5 % point)
 */
public record YieldStrength(Stress typical, Stress low, Stress high) {
    /** Wire of one name differs by about this share either way between mills and lots; common practice, our own figure. */
    private static final double SPREAD = 0.4;

    public static YieldStrength ofMegapascals(double typical) {
        return new YieldStrength(
                Stress.ofMegapascals(typical),
                Stress.ofMegapascals(typical * (1 - SPREAD)),
                Stress.ofMegapascals(typical * (1 + SPREAD)));
    }
}
