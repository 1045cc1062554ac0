package toroid.core.calibration;

import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Forgetting;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * How near to what was planned a measured part of a form is expected, as a half width in mm: 95 % of the next lie within it of the centre.
 *
 * <p>Made − planned is normal about the maker's own middle with the maker's own spread; neither is known. Common practice stands for
 * {@value #PRACTICE_SPREAD} readings of the spread and {@value #PRACTICE_MIDDLE} of the middle, so that with none of the maker's own the band is
 * practice's, and with many it is theirs; what is long ago counts less ({@link Forgetting}). Conjugate normal, inverse χ² for the variance
 * (Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, section 3.3): with {@code n} weights, their mean {@code x̄} and squares {@code S},
 *
 * <pre>
 *   κ = κ₀ + n,  ν = ν₀ + n,  μ = n x̄/κ,  ν s² = ν₀ s₀² + S + κ₀ n x̄²/κ,  next ~ t_ν(μ, s² (1 + 1/κ))
 * </pre>
 *
 * Practice, from memory: a loop turned at a pen mark on the jaw repeats within about 0.1 mm, a length cut at a ruler within about 1 mm.
 *
 * @param centreMm of the band, made − planned
 * @param halfWidthMm above zero
 * @param measurements of the maker's own that it rests on beside common practice
 */
public record Expected(double centreMm, double halfWidthMm, int measurements) {
    /** A loop's inside, common practice, mm. */
    public static final double LOOP_MM = 0.1;

    /** A length cut by hand, common practice, mm. */
    public static final double CUT_MM = 1;

    static final double PRACTICE_SPREAD = 4;
    static final double PRACTICE_MIDDLE = 1;

    private static final double TWO_SIDED_95 = 0.975;
    private static final double LEAST_MM = 0.01;

    /**
     * @param practiceMm common practice's half width, above zero
     * @param offMm made − planned, each of the maker's own, mm, the oldest first
     */
    public static Expected of(double practiceMm, List<Double> offMm) {
        Checks.within("practiceMm", practiceMm, LEAST_MM, 100, Unit.MM, Remedy.GIVE_THE_USUAL_BAND);
        double[] weights = Forgetting.weights(offMm.size());
        double n = 0;
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            n += weights[i];
            sum += weights[i] * offMm.get(i);
        }
        double mean = n == 0 ? 0 : sum / n;
        double squares = 0;
        for (int i = 0; i < weights.length; i++) {
            squares += weights[i] * (offMm.get(i) - mean) * (offMm.get(i) - mean);
        }
        double kappa = PRACTICE_MIDDLE + n;
        double nu = PRACTICE_SPREAD + n;
        double practice = practiceMm / (quantile(PRACTICE_SPREAD) * Math.sqrt(1 + 1 / PRACTICE_MIDDLE));
        double all = PRACTICE_SPREAD * practice * practice + squares + PRACTICE_MIDDLE * n * mean * mean / kappa;
        double half = quantile(nu) * Math.sqrt(all / nu * (1 + 1 / kappa));
        return new Expected(n * mean / kappa, Math.max(LEAST_MM, half), offMm.size());
    }

    private static double quantile(double degrees) {
        return new TDistribution(degrees).inverseCumulativeProbability(TWO_SIDED_95);
    }
}
