package toroid.core.bend;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.distribution.continuous.TDistribution;
import toroid.core.metal.FlowCurve;
import toroid.core.metal.FlowEstimate;
import toroid.core.numeric.Refusal;

/**
 * A predicted inner diameter with its 95 % band, mm: how well the flow curve is known, how one coil scatters, and how far the bend is
 * from any that was measured.
 *
 * <p>Band: {@code ± t · √(s² + gᵀ V g + (g_S δ)²)}, with scatter {@code s}, the gradient g of ID by (ln S, ln n), their covariance V, Student's
 * t at the estimate's degrees of freedom; first-order propagation (JCGM 100:2008, GUM, eq. 13). {@code δ} = {@value #BEYOND} of the
 * distance in ln ε beyond the strains measured: no metal follows a power law over all strains (our own figure, from coils of metals that
 * follow other laws; see docs/checks.md). The low end is never below the mandrel, since a coil cannot shrink.
 */
public record SprungDiameter(double innerDiameterMm, double lowMm, double highMm) {
    private static final double TWO_SIDED_95 = 0.975;
    private static final double STEP = 1e-4;
    private static final double BEYOND = 0.08;
    private static final Map<Double, Double> STUDENT = new ConcurrentHashMap<>();

    /**
     * @throws Refusal {@code too-springy} when the wire only flexes on this mandrel
     */
    public static SprungDiameter predict(
            double wireDiameterMm, double modulusMpa, FlowEstimate flow, double mandrelDiameterMm) {
        double best = at(wireDiameterMm, modulusMpa, flow.curve(), mandrelDiameterMm);
        double[] g = gradient(wireDiameterMm, modulusMpa, flow.curve(), mandrelDiameterMm);
        double strain = BendingStrain.atOuterFibre(wireDiameterMm, mandrelDiameterMm);
        double beyond = g[0] * BEYOND * flow.beyondMeasured(strain);
        double known = g[0] * g[0] * flow.strengthVariance()
                + 2 * g[0] * g[1] * flow.covariance()
                + g[1] * g[1] * flow.exponentVariance();
        double spread = Math.sqrt(flow.scatterMm() * flow.scatterMm() + Math.max(0, known) + beyond * beyond);
        double half = student(flow.degreesOfFreedom()) * spread;
        return new SprungDiameter(best, Math.min(best, Math.max(mandrelDiameterMm, best - half)), best + half);
    }

    /**
     * How the inner diameter changes with ln S and ln n, mm, by differences towards the softer wire, which takes a set wherever this one
     * does.
     */
    public static double[] gradient(
            double wireDiameterMm, double modulusMpa, FlowCurve curve, double mandrelDiameterMm) {
        double best = at(wireDiameterMm, modulusMpa, curve, mandrelDiameterMm);
        var softer = new FlowCurve(curve.strengthMpa() * (1 - STEP), curve.exponent());
        var flatter = new FlowCurve(curve.strengthMpa(), curve.exponent() * (1 - STEP));
        double byStrength = (best - at(wireDiameterMm, modulusMpa, softer, mandrelDiameterMm)) / STEP;
        double byExponent = (best - springs(wireDiameterMm, modulusMpa, flatter, mandrelDiameterMm)) / STEP;
        return new double[] {byStrength, byExponent};
    }

    private static double at(double wireDiameterMm, double modulusMpa, FlowCurve curve, double mandrelDiameterMm) {
        return Springback.innerDiameterMm(BarInBending.ofWire(wireDiameterMm, modulusMpa, curve), mandrelDiameterMm);
    }

    /** Also where it barely takes a set. */
    private static double springs(double wireDiameterMm, double modulusMpa, FlowCurve curve, double mandrelDiameterMm) {
        return Springback.springs(BarInBending.ofWire(wireDiameterMm, modulusMpa, curve), mandrelDiameterMm);
    }

    /** Quantiles are costly and few: one for the handbook, one for each number of measurements. */
    private static double student(double degreesOfFreedom) {
        return STUDENT.computeIfAbsent(
                degreesOfFreedom, freedom -> new TDistribution(freedom).inverseCumulativeProbability(TWO_SIDED_95));
    }
}
