package toroid.core.calibration;

import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * How near to what was planned a measured part of a form is expected, as a half width in mm.
 *
 * <p>From {@value #ENOUGH} of the maker's own measurements on, the 95 % prediction interval of the next one about their mean:
 * {@code t₀.₉₇₅,n₋₁ · s √(1 + 1/n)}, s the sample standard deviation of made − planned (normal errors; any textbook of
 * statistics). Until then common practice, from memory: a loop turned at a pen mark on the jaw repeats within about 0.1 mm, a
 * length cut at a ruler within about 1 mm.
 *
 * @param centreMm of the band, made − planned: where the maker's own lie; 0 while it is common practice
 * @param halfWidthMm above zero
 * @param measurements of the maker's own that it rests on; 0 while it is common practice
 */
public record Expected(double centreMm, double halfWidthMm, int measurements) {
    /** A loop's inside, common practice, mm. */
    public static final double LOOP_MM = 0.1;

    /** A length cut by hand, common practice, mm. */
    public static final double CUT_MM = 1;

    private static final int ENOUGH = 5;
    private static final double TWO_SIDED_95 = 0.975;
    private static final double LEAST_MM = 0.01;

    /**
     * @param practiceMm common practice's half width, above zero
     * @param offMm made − planned, each of the maker's own, mm
     */
    public static Expected of(double practiceMm, List<Double> offMm) {
        Checks.within("practiceMm", practiceMm, LEAST_MM, 100, Unit.MM, Remedy.GIVE_THE_USUAL_BAND);
        int n = offMm.size();
        if (n < ENOUGH) {
            return new Expected(0, practiceMm, 0);
        }
        Repeatability spread = Repeatability.of(offMm);
        double s = spread.standardDeviation();
        double t = new TDistribution(n - 1).inverseCumulativeProbability(TWO_SIDED_95);
        return new Expected(spread.mean(), Math.max(LEAST_MM, t * s * Math.sqrt(1 + 1.0 / n)), n);
    }
}
