package toroid.core.form;

/** The maker's own tools, asked which gives a bend as it is wanted. */
public interface Toolbox {
    /** Of who has none. */
    Toolbox EMPTY = (step, of) -> null;

    /**
     * A jaw or rod that is near enough.
     *
     * @param diameterMm its own
     * @param insideMm what it leaves, after springback
     */
    record Near(String name, double diameterMm, double insideMm) {}

    /**
     * @param step that is bent round a tool
     * @param of the form it belongs to
     * @return null where none is near enough
     */
    Near nearest(FormStep step, FormWork of);
}
