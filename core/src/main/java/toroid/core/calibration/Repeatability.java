package toroid.core.calibration;

import java.util.List;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * How alike a set of made things is: mean, sample standard deviation (n − 1), and range; same unit as given.
 *
 * @param count how many
 * @param standardDeviation zero for a single one
 */
public record Repeatability(int count, double mean, double standardDeviation, double smallest, double largest) {

    /** Of at least one finite value. */
    public static Repeatability of(List<Double> values) {
        Checks.within("measurements", values.size(), 1, 100_000, Unit.NONE, Remedy.MEASURE_AT_LEAST_ONE);
        var statistics = new DescriptiveStatistics(
                values.stream().mapToDouble(Double::doubleValue).toArray());
        return new Repeatability(
                values.size(),
                statistics.getMean(),
                values.size() == 1 ? 0 : statistics.getStandardDeviation(),
                statistics.getMin(),
                statistics.getMax());
    }
}
