package toroid.core.piece;

import toroid.core.piece.part.PartNote;

/**
 * Something about a piece that does not fit.
 *
 * @param part its place
 * @param needMm what it would take, mm
 * @param haveMm what there is, mm
 */
public record PieceFault(Kind kind, int part, double needMm, double haveMm) {
    /** What is wrong. */
    public enum Kind {
        /** All that hangs in a ring or a loop is thicker than its inside. */
        DOES_NOT_GO_IN,
        /** It goes, and hardly moves: a hand needs more room to hang it in. */
        TIGHT,
        /** What hangs in it is so thin that it slips out where a hand closes it as usual: its gap must stay under that. */
        GAP,
        HOLE_TOO_SMALL,
        NO_CRIMP_TAKES_IT
    }

    static PieceFault of(PartNote note, int part) {
        return new PieceFault(Kind.valueOf(note.kind().name()), part, note.needMm(), note.haveMm());
    }

    /** Whether the piece cannot be made so. */
    public boolean stops() {
        return kind != Kind.TIGHT && kind != Kind.GAP;
    }
}
