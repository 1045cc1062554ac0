package toroid.core.calibration.exercise;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.hipparchus.stat.regression.SimpleRegression;
import toroid.core.calibration.Repeatability;
import toroid.core.calibration.exercise.Verdict.Pattern;
import toroid.core.calibration.exercise.Verdict.Remark;

/**
 * What stands out in lengths measured one after another, off their targets, mm. Each test errs once in a hundred where nothing is wrong, so
 * together they raise a false alarm in at most one session in {@value #FALSE_ALARMS} (Boole's inequality):
 *
 * <ul>
 *   <li>one far off: the externally studentised residual about the line through all, {@code t = e / (s₍ᵢ₎ √(1 − h))}, n − 3 degrees of freedom, the
 *       largest of n by Bonferroni (Weisberg, Applied Linear Regression, 3rd ed., 2005, section 9.1); it is then left out of the rest;
 *   <li>a drift: the slope's t-test, n − 2 degrees of freedom, and at least half of what is allowed from the first to the last;
 *   <li>all off: the mean's t-test, n − 1, and at least a quarter of what is allowed; where they drift it is the drift that is told;
 *   <li>uneven: {@code Σ (x − x̄)² / σ²} over the χ² of its degrees of freedom, σ half of what is allowed, about the line where they drift.
 * </ul>
 *
 * A caliper's last digit scatters by itself: no variance is taken below that of {@value #DIGIT_MM} mm, evenly (d²/12).
 */
final class Series {
    static final int FALSE_ALARMS = 25;

    private static final double ALPHA = 0.01;
    private static final double DIGIT_MM = 0.01;
    private static final double LEAST_VARIANCE = DIGIT_MM * DIGIT_MM / 12;
    private static final double DRIFT_SHARE = 0.5;
    private static final double BIAS_SHARE = 0.25;

    /** With fewer nothing is told. */
    static final int LEAST = 5;

    private final Criterion measure;
    private final List<Integer> places;
    private final List<Double> offs;

    private Series(Criterion measure, List<Integer> places, List<Double> offs) {
        this.measure = measure;
        this.places = places;
        this.offs = offs;
    }

    /** @param taken of that measure, in order, at least one */
    static Verdict judge(Criterion measure, List<Taken> taken) {
        List<Double> offs = taken.stream().map(Taken::off).toList();
        Repeatability spread = Repeatability.of(taken.stream().map(Taken::value).toList());
        int good = (int)
                offs.stream().filter(off -> Math.abs(off) <= measure.within()).count();
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < offs.size(); i++) {
            places.add(i);
        }
        var series = new Series(measure, places, offs);
        int far = offs.size() < LEAST ? -1 : series.farOff();
        double figure =
                Repeatability.of(far < 0 ? offs : series.without(far).offs).standardDeviation();
        return new Verdict(offs.size(), good, figure, spread, series.remarks(far));
    }

    private List<Remark> remarks(int far) {
        var found = new ArrayList<Remark>();
        if (offs.size() < LEAST) {
            return found;
        }
        if (far >= 0) {
            Series rest = without(far);
            double others = rest.line().predict(places.get(far));
            found.add(new Remark(Pattern.ONE_OFF, measure.id(), offs.get(far) - others, places.get(far)));
            rest.ofAll(found);
        } else {
            ofAll(found);
        }
        return found;
    }

    private void ofAll(List<Remark> found) {
        int n = offs.size();
        SimpleRegression line = line();
        double within = measure.within();
        double along = line.getSlope() * (places.get(n - 1) - places.get(0));
        double about = Math.max(LEAST_VARIANCE, line.getSumSquaredErrors() / (n - 2));
        double slopeError = Math.sqrt(about / line.getXSumSquares());
        boolean drifts = Math.abs(along) >= DRIFT_SHARE * within
                && Math.abs(line.getSlope()) / slopeError > quantile(n - 2, ALPHA);
        var all = new DescriptiveStatistics(
                offs.stream().mapToDouble(Double::doubleValue).toArray());
        double variance = Math.max(LEAST_VARIANCE, all.getVariance());
        if (drifts) {
            found.add(new Remark(Pattern.DRIFT, measure.id(), along, null));
        } else if (Math.abs(all.getMean()) >= BIAS_SHARE * within
                && Math.abs(all.getMean()) / Math.sqrt(variance / n) > quantile(n - 1, ALPHA)) {
            found.add(new Remark(Pattern.BIAS, measure.id(), all.getMean(), null));
        }
        int degrees = drifts ? n - 2 : n - 1;
        double scatter = drifts ? about : variance;
        double allowed = within * within / 4;
        if (degrees * scatter / allowed > new ChiSquaredDistribution(degrees).inverseCumulativeProbability(1 - ALPHA)) {
            found.add(new Remark(Pattern.UNEVEN, measure.id(), Math.sqrt(scatter), null));
        }
    }

    /** The place of the one that lies far from where the line through all has it, −1 where none does. */
    private int farOff() {
        int n = offs.size();
        SimpleRegression line = line();
        double mean = places.stream().mapToInt(Integer::intValue).average().orElseThrow();
        double limit = quantile(n - 3, ALPHA / n);
        int far = -1;
        double most = limit;
        for (int i = 0; i < n; i++) {
            double e = offs.get(i) - line.predict(places.get(i));
            double off = places.get(i) - mean;
            double free = 1 - 1.0 / n - off * off / line.getXSumSquares();
            double others = (line.getSumSquaredErrors() - e * e / free) / (n - 3);
            double t = Math.abs(e) / Math.sqrt(Math.max(LEAST_VARIANCE, others) * free);
            if (t > most) {
                most = t;
                far = i;
            }
        }
        return far;
    }

    private SimpleRegression line() {
        var line = new SimpleRegression();
        for (int i = 0; i < offs.size(); i++) {
            line.addData(places.get(i), offs.get(i));
        }
        return line;
    }

    private Series without(int i) {
        var where = new ArrayList<>(places);
        where.remove(i);
        var rest = new ArrayList<>(offs);
        rest.remove(i);
        return new Series(measure, where, rest);
    }

    /** Two-sided. */
    private static double quantile(int degrees, double alpha) {
        return new TDistribution(degrees).inverseCumulativeProbability(1 - alpha / 2);
    }
}
