package toroid.core.numeric;

import java.util.function.DoubleUnaryOperator;

/** Roots of a rising function whose slope is known, from a good guess. Never returns an unconverged value. */
public final class Newton {
    private static final int MOST_STEPS = 60;

    private Newton() {}

    /**
     * Where {@code function} is zero within {@code [low, high]}; steps that leave the interval are halved back into it.
     *
     * @param slope the function's derivative, positive
     * @param tolerance on the argument, in the argument's unit
     * @throws IllegalStateException with the residual, when it does not settle within {@value #MOST_STEPS} steps
     */
    public static double rising(
            DoubleUnaryOperator function,
            DoubleUnaryOperator slope,
            double guess,
            double low,
            double high,
            double tolerance) {
        double x = Math.min(high, Math.max(low, guess));
        for (int step = 0; step < MOST_STEPS; step++) {
            double next = x - function.applyAsDouble(x) / slope.applyAsDouble(x);
            next = next < low ? (x + low) / 2 : next > high ? (x + high) / 2 : next;
            if (Math.abs(next - x) <= tolerance) {
                return next;
            }
            x = next;
        }
        throw new IllegalStateException("no root between %g and %g: at %g the value is still %g"
                .formatted(low, high, x, function.applyAsDouble(x)));
    }
}
