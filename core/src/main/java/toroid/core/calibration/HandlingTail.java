package toroid.core.calibration;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.NormalDistribution;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Forgetting;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * How much wire this maker's hands need beyond a form, against the form's own tail. A length that was cut to plan and sufficed says only
 * that it sufficed; what is left as offcut, and what did not reach, say more.
 *
 * <p>Each piece needs a tail of {@code n} times the form's own, {@code ln n} normal about the maker's own middle with {@value #PIECE_SPREAD};
 * that middle is normal beforehand so that nine in ten of all makers get by with the form's own tail ({@value #MAKER_SPREAD} between makers;
 * both ours). A piece that was finished with {@code o} left over needed no more than {@code o}; one that was short by {@code y} needed {@code
 * y} more than it had. The posterior is summed on a grid (Bayes' rule; Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, ch. 2), and the
 * plan is its upper quantile: too short costs a piece, too long a few millimetres, so nine in ten are to reach.
 *
 * @param factor against the form's own tail, to be planned with; 1 when nothing was measured
 * @param low lower end of what that factor may be, 95 %
 * @param high upper end
 * @param measurements how many pieces it rests on
 */
public record HandlingTail(double factor, double low, double high, int measurements) {
    static final double PIECE_SPREAD = 0.12;
    static final double MAKER_SPREAD = 0.2;

    private static final double REACHES = 0.9;
    private static final double LEAST = 0.1;
    private static final double MOST = 10;
    private static final int GRID = 600;
    private static final NormalDistribution NORMAL = new NormalDistribution();
    private static final double UPPER = NORMAL.inverseCumulativeProbability(REACHES);

    /** Beforehand, the middle of ln n: such that nine in ten pieces of all makers need no more than the form's own tail. */
    private static final double MIDDLE = -UPPER * Math.hypot(MAKER_SPREAD, PIECE_SPREAD);

    /**
     * One piece made.
     *
     * @param ownTailMm the form's own handling tail, above zero
     * @param leftMm what was left of it when the piece was done, zero up; or, below zero, by how much it did not reach
     * @param heldMm the tail it was cut with
     */
    public record Reading(double ownTailMm, double leftMm, double heldMm) {
        public Reading {
            Checks.within("ownTailMm", ownTailMm, 1e-3, 1e5, Unit.MM, Remedy.FORM_WITHOUT_A_TAIL_TEACHES_NONE);
            Checks.within("leftMm", leftMm, -1e5, 1e5, Unit.MM, Remedy.MEASURE_WHAT_WAS_LEFT);
            Checks.within("heldMm", heldMm, -1e5, 1e5, Unit.MM, Remedy.GIVE_THE_TAIL_IT_WAS_CUT_WITH);
        }

        /** A piece cut to that length and finished, what was left not measured. */
        public static Reading finished(double cutMm, double inPieceMm, double ownTailMm) {
            return new Reading(ownTailMm, Math.max(0, cutMm - inPieceMm), cutMm - inPieceMm);
        }

        /** ln of how likely it is that a maker with that middle leaves or lacks so much. */
        private double logLikelihood(double middle) {
            if (leftMm < 0) {
                double needed = Math.log(Math.max(LEAST, (heldMm - leftMm) / ownTailMm));
                return NORMAL.logDensity((needed - middle) / PIECE_SPREAD);
            }
            double enough = Math.log(Math.max(LEAST / 10, leftMm / ownTailMm));
            return Math.log(Math.max(1e-300, NORMAL.cumulativeProbability((enough - middle) / PIECE_SPREAD)));
        }
    }

    /** @param readings the oldest first: what is long ago counts less ({@link Forgetting}) */
    public static HandlingTail of(List<Reading> readings) {
        double[] counts = Forgetting.weights(readings.size());
        double[] at = new double[GRID];
        double[] weight = new double[GRID];
        double most = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < GRID; k++) {
            at[k] = Math.log(LEAST / 2) + (Math.log(2 * MOST) - Math.log(LEAST / 2)) * k / (GRID - 1);
            double prior = NORMAL.logDensity((at[k] - MIDDLE) / MAKER_SPREAD);
            double middle = at[k];
            weight[k] = prior
                    + IntStream.range(0, readings.size())
                            .mapToDouble(i -> counts[i] * readings.get(i).logLikelihood(middle))
                            .sum();
            most = Math.max(most, weight[k]);
        }
        double sum = 0;
        for (int k = 0; k < GRID; k++) {
            weight[k] = Math.exp(weight[k] - most);
            sum += weight[k];
        }
        double upper = UPPER * PIECE_SPREAD;
        return new HandlingTail(
                held(readings.isEmpty() ? 1 : planned(at, weight, sum)),
                held(Math.exp(quantile(at, weight, sum, 0.025) + upper)),
                held(Math.exp(quantile(at, weight, sum, 0.975) + upper)),
                readings.size());
    }

    /** The tail that nine in ten of the next pieces get by with: the root of the predictive distribution, which only rises. */
    private static double planned(double[] at, double[] weight, double sum) {
        UnivariateFunction beyond = middle -> {
            double below = 0;
            for (int k = 0; k < GRID; k++) {
                below += weight[k] / sum * NORMAL.cumulativeProbability((middle - at[k]) / PIECE_SPREAD);
            }
            return below - REACHES;
        };
        // at most half lies below the grid's first, all of it below one more than its last
        return Math.exp(new BrentSolver(1e-12).solve(200, beyond, at[0], at[GRID - 1] + 1));
    }

    private static double quantile(double[] at, double[] weight, double sum, double share) {
        double below = 0;
        for (int k = 0; k < GRID; k++) {
            below += weight[k] / sum;
            if (below >= share) {
                return at[k];
            }
        }
        return at[GRID - 1];
    }

    /** Held within a tenth and ten times the form's own tail, so that a slip of the keys cannot ruin a plan. */
    private static double held(double factor) {
        return Math.max(LEAST, Math.min(MOST, factor));
    }
}
