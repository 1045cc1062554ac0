package toroid.core.metal;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Figure;

/**
 * How this wire is taken to flow, and how well that is known: the one thing springback prediction needs from outside. The logarithms of
 * S and n (see {@link FlowCurve}) are taken as normal.
 *
 * @param curve best value
 * @param strengthVariance of ln S
 * @param covariance of ln S and ln n
 * @param exponentVariance of ln n
 * @param scatterMm standard deviation of one coil's inner diameter about the prediction, mm, zero or more
 * @param degreesOfFreedom behind the band (Student's t)
 * @param measurements how many of the maker's own measurements it rests on; 0 for a handbook value
 * @param strainFrom the smallest strain {@code d/(M + d)} measured; 0 when none was
 * @param strainTo the largest
 */
public record FlowEstimate(
        FlowCurve curve,
        double strengthVariance,
        double covariance,
        double exponentVariance,
        double scatterMm,
        double degreesOfFreedom,
        int measurements,
        double strainFrom,
        double strainTo) {
    /**
     * Scatter of one coil's measured inner diameter before any was measured, mm: caliper and winding together, and how many coils it counts
     * for. Common practice, our own figures; a steady hand with a good caliper has half of it, an unsteady one twice.
     */
    public static final double USUAL_SCATTER_MM = 0.05;

    public static final double USUAL_FREEDOM = 3;

    public FlowEstimate {
        Checks.within("strength variance", strengthVariance, 0, 10, Unit.NONE, Remedy.GIVE_ZERO_OR_MORE);
        Checks.within("exponent variance", exponentVariance, 0, 10, Unit.NONE, Remedy.GIVE_ZERO_OR_MORE);
        Checks.within("covariance", covariance, -10, 10, Unit.NONE, Remedy.GIVE_A_COVARIANCE);
        Checks.within("scatter", scatterMm, 0, 100, Unit.MM, Remedy.GIVE_ZERO_OR_MORE);
        Checks.within("degrees of freedom", degreesOfFreedom, 1e-3, 1e9, Unit.NONE, Remedy.GIVE_A_POSITIVE_NUMBER);
        Checks.within("measurements", measurements, 0, 1_000_000, Unit.NONE, Remedy.GIVE_ZERO_OR_MORE);
    }

    /** The handbook's curve with its spread. */
    public static FlowEstimate ofHandbook(FlowPrior prior) {
        return new FlowEstimate(
                prior.typical(),
                prior.strengthSpread() * prior.strengthSpread(),
                0,
                prior.exponentSpread() * prior.exponentSpread(),
                USUAL_SCATTER_MM,
                USUAL_FREEDOM,
                0,
                0,
                0);
    }

    /** A curve known for sure; a coil still scatters. */
    public static FlowEstimate known(FlowCurve curve) {
        return new FlowEstimate(curve, 0, 0, 0, USUAL_SCATTER_MM, USUAL_FREEDOM, 0, 0, 0);
    }

    /** Standard error of S, MPa, to first order. */
    public double strengthErrorMpa() {
        return curve.strengthMpa() * Math.sqrt(strengthVariance);
    }

    /** How far, as a difference of logarithms, a strain lies outside of those measured; 0 within them, and when none was measured. */
    public double beyondMeasured(double strain) {
        if (measurements == 0) {
            return 0;
        }
        return Math.max(0, Math.max(Math.log(strainFrom / strain), Math.log(strain / strainTo)));
    }

    public Figure.Basis basis() {
        return measurements == 0 ? Figure.Basis.THEORY : Figure.Basis.MEASURED;
    }
}
