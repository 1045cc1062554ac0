package toroid.core.numeric;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathRuntimeException;

/** Bracketed roots of one variable, by Hipparchus' bracketing Brent method. Never returns an unconverged value. */
public final class Roots {
    private static final int MOST_EVALUATIONS = 200;
    private static final int ORDER = 5;

    private Roots() {}

    /**
     * Where {@code function} is zero between {@code low} and {@code high}.
     *
     * @param absoluteTolerance on the argument, in the argument's unit
     * @throws IllegalStateException when the bracket holds no sign change or the cap of evaluations is reached
     */
    public static double between(DoubleUnaryOperator function, double low, double high, double absoluteTolerance) {
        var solver = new BracketingNthOrderBrentSolver(1e-14, absoluteTolerance, 1e-15, ORDER);
        try {
            return solver.solve(MOST_EVALUATIONS, function::applyAsDouble, low, high);
        } catch (MathRuntimeException failure) {
            throw new IllegalStateException(
                    "no root between %g (f = %g) and %g (f = %g)"
                            .formatted(low, function.applyAsDouble(low), high, function.applyAsDouble(high)),
                    failure);
        }
    }
}
