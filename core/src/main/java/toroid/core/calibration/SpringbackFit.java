package toroid.core.calibration;

import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.bend.YieldEstimate;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;

/**
 * The effective yield that best explains a wire's coils: least squares of the inner diameters over one unknown, σ, found by
 * Brent's method on ln σ (Hipparchus).
 *
 * <p>Scatter: {@code s² = (ν₀ s₀² + Σ residual²)/(ν₀ + n − 1)}, that is, the usual scatter {@code s₀} = {@value
 * YieldEstimate#USUAL_SCATTER_MM} mm counts as {@code ν₀} = {@value #PRIOR_FREEDOM} earlier coils, so that one coil already has
 * a band. Standard error of σ: {@code s/√(Σ (∂ID/∂σ)²)} (Gauss–Markov, linearised at the optimum).
 *
 * @param yield the estimate for the next prediction
 * @param residualsMm measured − predicted inner diameter per reading, in the order given, mm
 */
public record SpringbackFit(YieldEstimate yield, List<Double> residualsMm) {
    static final int PRIOR_FREEDOM = 12;

    private static final double WEAKEST_MPA = 1;
    private static final double STRONGEST_MPA = 5000;
    private static final int MOST_EVALUATIONS = 500;
    private static final int MOST_READINGS = 5000;

    public SpringbackFit {
        residualsMm = List.copyOf(residualsMm);
    }

    /**
     * @param readings 1 to 5000 of one wire; diameters may differ a little
     * @param modulusMpa Young's modulus of its metal
     * @throws Refusal when there is no reading
     * @throws IllegalStateException when the search does not converge
     */
    public static SpringbackFit of(List<SpringbackReading> readings, double modulusMpa) {
        Checks.within("readings", readings.size(), 1, MOST_READINGS, "readings", "Measure at least one coil.");
        double strongest = Math.min(
                STRONGEST_MPA,
                readings.stream()
                                .mapToDouble(r ->
                                        modulusMpa * r.wireDiameterMm() / (r.mandrelDiameterMm() + r.wireDiameterMm()))
                                .min()
                                .orElseThrow()
                        * (1 - 1e-6));
        double sigma = leastSquares(readings, modulusMpa, Math.min(WEAKEST_MPA, strongest / 2), strongest);
        List<Double> residuals = readings.stream()
                .map(r -> r.sprungInnerMm() - predict(r, modulusMpa, sigma))
                .toList();
        return new SpringbackFit(estimate(readings, modulusMpa, sigma, residuals), residuals);
    }

    private static double leastSquares(
            List<SpringbackReading> readings, double modulusMpa, double weakest, double strongest) {
        UnivariateFunction sum = logSigma -> {
            double total = 0;
            for (SpringbackReading reading : readings) {
                double residual = reading.sprungInnerMm() - predict(reading, modulusMpa, Math.exp(logSigma));
                total += residual * residual;
            }
            return total;
        };
        try {
            var best = new BrentOptimizer(1e-12, 1e-14)
                    .optimize(
                            new UnivariateObjectiveFunction(sum),
                            GoalType.MINIMIZE,
                            new SearchInterval(Math.log(weakest), Math.log(strongest)),
                            new MaxEval(MOST_EVALUATIONS));
            return Math.exp(best.getPoint());
        } catch (MathRuntimeException failure) {
            throw new IllegalStateException(
                    "springback fit over " + readings.size() + " readings did not converge", failure);
        }
    }

    private static YieldEstimate estimate(
            List<SpringbackReading> readings, double modulusMpa, double sigma, List<Double> residuals) {
        double squares = residuals.stream().mapToDouble(r -> r * r).sum();
        double usual = YieldEstimate.USUAL_SCATTER_MM;
        int freedom = PRIOR_FREEDOM + readings.size() - 1;
        double scatter = Math.sqrt((PRIOR_FREEDOM * usual * usual + squares) / freedom);
        double step = sigma * 1e-4;
        double slopes = readings.stream()
                .mapToDouble(r -> (predict(r, modulusMpa, sigma) - predict(r, modulusMpa, sigma - step)) / step)
                .map(slope -> slope * slope)
                .sum();
        return new YieldEstimate(sigma, scatter / Math.sqrt(slopes), scatter, freedom, readings.size());
    }

    private static double predict(SpringbackReading reading, double modulusMpa, double sigma) {
        return Springback.innerDiameterMm(
                BarInBending.ofWire(reading.wireDiameterMm(), modulusMpa, sigma), reading.mandrelDiameterMm());
    }
}
