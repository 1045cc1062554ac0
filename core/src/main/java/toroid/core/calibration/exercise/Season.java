package toroid.core.calibration.exercise;

import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * How an exercise goes over its sessions: the straight line through the logarithms of their figures, so a change by the same share each time
 * (the exponential law of practice: Heathcote, Brown and Mewhort, The power law repealed, Psychonomic Bulletin and Review 7, 2000; from memory),
 * with the slope's 95 % band by t.
 * Nothing is told from fewer than {@value #LEAST} sessions.
 *
 * @param sessions measured whole
 * @param best the least figure of any; null with none
 * @param changePercent a session, less below 0; null while it cannot be told
 * @param lowPercent 95 % band of the change
 * @param highPercent and its upper end; the change is none where 0 lies between
 */
public record Season(int sessions, Double best, Double changePercent, Double lowPercent, Double highPercent) {
    static final int LEAST = 4;
    private static final double TWO_SIDED_95 = 0.975;

    /**
     * @param figures of the sessions measured whole, the oldest first
     * @param least what no figure can be told below: a caliper's digit, or half a fault in all goes
     */
    public static Season of(List<Double> figures, double least) {
        int n = figures.size();
        Double best = figures.stream().min(Double::compare).orElse(null);
        if (n < LEAST) {
            return new Season(n, best, null, null, null);
        }
        var line = new SimpleRegression();
        for (int i = 0; i < n; i++) {
            line.addData(i, Math.log(Math.max(least, figures.get(i))));
        }
        double half = new TDistribution(n - 2).inverseCumulativeProbability(TWO_SIDED_95)
                * Math.sqrt(line.getSumSquaredErrors() / (n - 2) / line.getXSumSquares());
        double slope = line.getSlope();
        return new Season(n, best, percent(slope), percent(slope - half), percent(slope + half));
    }

    private static double percent(double slope) {
        return 100 * Math.expm1(slope);
    }
}
