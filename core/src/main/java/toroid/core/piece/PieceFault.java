package toroid.core.piece;

/**
 * Something about a piece that does not fit.
 *
 * @param part place in the row
 * @param needMm what it would take, mm
 * @param haveMm what there is, mm
 */
public record PieceFault(Kind kind, int part, double needMm, double haveMm) {
    /** What is wrong. */
    public enum Kind {
        /** All that hangs in a ring or a loop is thicker than its inside. */
        DOES_NOT_GO_IN,
        /** It goes, and hardly moves: a hand needs more room to hang it in. */
        TIGHT
    }
}
