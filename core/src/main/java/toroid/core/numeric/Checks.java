package toroid.core.numeric;

/** Checks for constructors: finite first, then range; NaN never passes. */
public final class Checks {
    private Checks() {}

    /**
     * A value that misses a limit by no more than arithmetic does ({@value #ROUNDING} of it) is taken for the limit: what is told as
     * allowed from 4.8 is allowed at 4.8.
     *
     * @return {@code value} when it is finite and within {@code [minimum, maximum]}
     * @throws Refusal otherwise
     * @throws IllegalArgumentException when the limits are upside down
     */
    public static double within(String field, double value, double minimum, double maximum, Unit unit, Hint remedy) {
        if (minimum > maximum + slack(maximum)) {
            throw new IllegalArgumentException(field + ": limits upside down, " + minimum + " to " + maximum);
        }
        if (!Double.isFinite(value) || value < minimum - slack(minimum) || value > maximum + slack(maximum)) {
            throw Refusal.outOfRange(field, value, minimum, maximum, unit, remedy);
        }
        return Math.max(minimum, Math.min(maximum, value));
    }

    private static double slack(double limit) {
        return Double.isInfinite(limit) ? 0 : ROUNDING * Math.abs(limit);
    }

    private static final double ROUNDING = 1e-9;

    /**
     * @return {@code value} when it is within {@code [minimum, maximum]}
     * @throws Refusal otherwise
     */
    public static int within(String field, int value, int minimum, int maximum, Unit unit, Hint remedy) {
        return (int) within(field, (double) value, minimum, maximum, unit, remedy);
    }
}
