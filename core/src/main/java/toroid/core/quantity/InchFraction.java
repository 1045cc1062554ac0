package toroid.core.quantity;

/** Binary fractions of an inch, to 1/64, as ring sizes and rods travel. */
public record InchFraction(int whole, int numerator, int denominator, double errorMm) {
    private static final int FINEST = 64;

    /** The nearest 64th, reduced; {@code errorMm} is the fraction minus the length. */
    public static InchFraction nearestTo(Length length) {
        long sixtyFourths = Math.round(length.inInches() * FINEST);
        int whole = (int) (sixtyFourths / FINEST);
        int numerator = (int) (sixtyFourths % FINEST);
        int denominator = FINEST;
        while (numerator != 0 && numerator % 2 == 0) {
            numerator /= 2;
            denominator /= 2;
        }
        double error = sixtyFourths * Length.MILLIMETRES_PER_INCH / FINEST - length.inMillimetres();
        return new InchFraction(whole, numerator, numerator == 0 ? 1 : denominator, error);
    }

    /** {@code 5/32}, {@code 1 1/4}, {@code 2}. */
    @Override
    public String toString() {
        if (numerator == 0) {
            return Integer.toString(whole);
        }
        String fraction = numerator + "/" + denominator;
        return whole == 0 ? fraction : whole + " " + fraction;
    }
}
