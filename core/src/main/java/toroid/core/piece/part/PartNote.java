package toroid.core.piece.part;

/**
 * Something to know of a part.
 *
 * @param needMm what it would take, mm
 * @param haveMm what there is, mm
 */
public record PartNote(Kind kind, double needMm, double haveMm) {
    /** What it says. */
    public enum Kind {
        /** A bead's hole is too small for every pass of what it is strung on. */
        HOLE_TOO_SMALL,
        /** More passes of its wire than the bore of any crimp tube takes. */
        NO_CRIMP_TAKES_IT
    }
}
