package toroid.core.work;

import toroid.core.form.FormStep;

/**
 * One step of forming wire.
 *
 * @param step what is done, where on the wire, to what measure
 * @param own the tool in stock that is near enough; null when there is none
 * @param of the part of a piece it is done to; null where the form itself is what is made
 */
public record FormingStep(FormStep step, OwnTool own, PartOf of) implements Detail {
    /** Of a form that is made for itself. */
    public FormingStep(FormStep step, OwnTool own) {
        this(step, own, null);
    }

    /**
     * A tool of the maker's own.
     *
     * @param diameterMm of its jaw or rod
     * @param insideMm what it leaves, after springback
     */
    public record OwnTool(String name, double diameterMm, double insideMm) {}

    /**
     * Part of a piece.
     *
     * @param what in the trade's words
     * @param part its place in the piece, of several that are made together the first one's
     * @param number of the step within the form the part is bent as, from 0
     * @param parts how many are made together
     */
    public record PartOf(String what, int part, int number, int parts) {}
}
