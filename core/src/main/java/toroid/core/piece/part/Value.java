package toroid.core.piece.part;

/**
 * A length in a line, mm: one, or in a graded run from the first to the last.
 *
 * @param to the same where nothing is graded
 */
public record Value(double from, double to) {
    /** Nobody makes sizes apart by less than this, mm. */
    private static final double STEP_MM = 0.01;

    boolean isOne() {
        return from == to;
    }

    /** Evenly between, to a hundredth. */
    double at(double share) {
        return isOne() ? from : Math.rint((from + share * (to - from)) / STEP_MM) * STEP_MM;
    }

    Value scaled(double factor) {
        return new Value(from * factor, to * factor);
    }

    /** As a line writes it. */
    public String written() {
        return isOne() ? LineWords.plain(from) : LineWords.plain(from) + ".." + LineWords.plain(to);
    }
}
