package toroid.core.work;

import toroid.core.form.FormStep;

/**
 * One step of forming wire.
 *
 * @param step what is done, where on the wire, to what measure
 * @param own the tool in stock that is near enough; null when there is none
 */
public record FormingStep(FormStep step, OwnTool own) implements Detail {
    /**
     * A tool of the maker's own.
     *
     * @param diameterMm of its jaw or rod
     * @param insideMm what it leaves, after springback
     */
    public record OwnTool(String name, double diameterMm, double insideMm) {}
}
