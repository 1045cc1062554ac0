package toroid.core.numeric;

/** Checks for constructors: finite first, then range; NaN never passes. */
public final class Checks {
    private Checks() {}

    /**
     * @return {@code value} when it is finite and within {@code [minimum, maximum]}
     * @throws Refusal otherwise
     */
    public static double within(
            String field, double value, double minimum, double maximum, String unit, String remedy) {
        if (!Double.isFinite(value) || value < minimum || value > maximum) {
            throw Refusal.outOfRange(field, value, minimum, maximum, unit, remedy);
        }
        return value;
    }

    /**
     * @return {@code value} when it is within {@code [minimum, maximum]}
     * @throws Refusal otherwise
     */
    public static int within(String field, int value, int minimum, int maximum, String unit, String remedy) {
        return (int) within(field, (double) value, minimum, maximum, unit, remedy);
    }
}
