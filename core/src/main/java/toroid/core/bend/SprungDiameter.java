package toroid.core.bend;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.distribution.continuous.TDistribution;
import toroid.core.numeric.Refusal;

/**
 * A predicted inner diameter with its 95 % band, mm: how well the yield is known, and how one coil scatters.
 *
 * <p>Band: {@code ± t · √(s² + (∂ID/∂σ · u)²)}, with scatter {@code s}, standard error {@code u} and Student's t at the
 * estimate's degrees of freedom; first-order propagation (JCGM 100:2008, GUM, eq. 10). The low end is never below the
 * mandrel, since a coil cannot shrink.
 */
public record SprungDiameter(double innerDiameterMm, double lowMm, double highMm) {
    private static final double TWO_SIDED_95 = 0.975;
    private static final double RELATIVE_STEP = 1e-4;
    private static final Map<Double, Double> STUDENT = new ConcurrentHashMap<>();

    /**
     * @throws Refusal {@code too-springy} when the wire only flexes on this mandrel
     */
    public static SprungDiameter predict(
            double wireDiameterMm, double modulusMpa, YieldEstimate yield, double mandrelDiameterMm) {
        double best = at(wireDiameterMm, modulusMpa, yield.yieldMpa(), mandrelDiameterMm);
        double step = yield.yieldMpa() * RELATIVE_STEP;
        double slope = (best - at(wireDiameterMm, modulusMpa, yield.yieldMpa() - step, mandrelDiameterMm)) / step;
        double spread = Math.hypot(yield.scatterMm(), slope * yield.standardErrorMpa());
        double half = student(yield.degreesOfFreedom()) * spread;
        return new SprungDiameter(best, Math.min(best, Math.max(mandrelDiameterMm, best - half)), best + half);
    }

    private static double at(double wireDiameterMm, double modulusMpa, double yieldMpa, double mandrelDiameterMm) {
        return Springback.innerDiameterMm(BarInBending.ofWire(wireDiameterMm, modulusMpa, yieldMpa), mandrelDiameterMm);
    }

    /** Quantiles are costly and few: one for the handbook, one for each number of measurements. */
    private static double student(double degreesOfFreedom) {
        return STUDENT.computeIfAbsent(
                degreesOfFreedom, freedom -> new TDistribution(freedom).inverseCumulativeProbability(TWO_SIDED_95));
    }
}
