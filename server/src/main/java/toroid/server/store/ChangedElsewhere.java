package toroid.server.store;

/** The thing was changed since the editor saw it; carries what stands there now, so that the maker can choose. */
public final class ChangedElsewhere extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Kept<?> current;

    public ChangedElsewhere(Kept<?> current) {
        super("changed elsewhere since it was opened here");
        this.current = current;
    }

    public Kept<?> current() {
        return current;
    }
}
