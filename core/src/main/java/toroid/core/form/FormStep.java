package toroid.core.form;

/**
 * One step at the bench. Lengths mm, angles degrees; a null has no meaning for that step.
 *
 * @param id its number in the programs it bends; −1 when it bends nothing
 * @param part which part of the form, in the trade's words
 * @param wire which wire
 * @param lengthMm wire that this step puts into the piece
 * @param gripMm where to grip, from the first cut end, tail included
 * @param fromMiddleMm the same, from the middle mark, for forms worked from their middle
 * @param insideMm inside diameter of what is bent, after springback
 * @param toolMm jaw, rod or former that gives it
 * @param degrees how far it is bent, after springback
 * @param heldDegrees how far to bend it so that it springs back to that
 * @param turns of a coil, wraps or a spiral
 */
public record FormStep(
        int id,
        Kind kind,
        String part,
        String wire,
        double lengthMm,
        Double gripMm,
        Double fromMiddleMm,
        Double insideMm,
        Double toolMm,
        Double degrees,
        Double heldDegrees,
        Double turns) {
    /** What the hands do. */
    public enum Kind {
        CUT,
        MARK,
        LEAVE,
        BEND,
        LOOP,
        WRAP,
        COIL,
        SPIRAL,
        FORM,
        FOLD,
        THREAD,
        BALL,
        DOME,
        STRETCH,
        PRESS,
        ANNEAL,
        CRIMP,
        BIND,
        HAMMER,
        DRILL,
        SOLDER,
        TWIST,
        TRIM,
        FILE,
        GLUE
    }
}
