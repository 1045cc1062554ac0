package toroid.core.work;

import toroid.core.piece.finish.Finishing;

/**
 * What is asked of a piece besides what its line says.
 *
 * @param finishing how it is finished
 * @param goesRound whether it goes round a body, and is held there before it is closed
 */
public record Asked(Finishing finishing, boolean goesRound) {
    /** Nothing. */
    public static final Asked NOTHING = new Asked(Finishing.NONE, false);
}
