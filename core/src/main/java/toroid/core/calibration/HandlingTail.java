package toroid.core.calibration;

import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.StreamingStatistics;
import toroid.core.numeric.Checks;

/**
 * How much wire this maker's hands hold beyond a form, against the form's own tail: the mean of {@code (cut − in the piece)/tail}
 * over what was really cut, with a 95 % band of the mean (Student's t).
 *
 * @param factor against the form's own tail; 1 when nothing was measured
 * @param low lower end of the band; equals {@code factor} below two measurements
 * @param high upper end
 * @param measurements how many
 */
public record HandlingTail(double factor, double low, double high, int measurements) {
    private static final double TWO_SIDED_95 = 0.975;
    private static final double LEAST = 0.1;
    private static final double MOST = 10;

    /**
     * One length really cut.
     *
     * @param cutMm what was cut
     * @param inPieceMm what of it stays in the form
     * @param ownTailMm the form's own handling tail, above zero
     */
    public record Reading(double cutMm, double inPieceMm, double ownTailMm) {
        public Reading {
            Checks.within("cutMm", cutMm, 0, 1e5, "mm", "Measure the length that was cut.");
            Checks.within("inPieceMm", inPieceMm, 0, 1e5, "mm", "Give the form's own length.");
            Checks.within("ownTailMm", ownTailMm, 1e-3, 1e5, "mm", "A form without a tail teaches none.");
        }

        double factor() {
            return (cutMm - inPieceMm) / ownTailMm;
        }
    }

    /** Held within a tenth and ten times the form's own tail, so that a slip of the keys cannot ruin a plan. */
    public static HandlingTail of(List<Reading> readings) {
        if (readings.isEmpty()) {
            return new HandlingTail(1, 1, 1, 0);
        }
        var statistics = new StreamingStatistics();
        readings.forEach(reading -> statistics.addValue(reading.factor()));
        double mean = held(statistics.getMean());
        int n = readings.size();
        double half = n < 2
                ? 0
                : new TDistribution(n - 1).inverseCumulativeProbability(TWO_SIDED_95)
                        * statistics.getStandardDeviation()
                        / Math.sqrt(n);
        return new HandlingTail(mean, held(mean - half), held(mean + half), n);
    }

    private static double held(double factor) {
        return Math.max(LEAST, Math.min(MOST, factor));
    }
}
