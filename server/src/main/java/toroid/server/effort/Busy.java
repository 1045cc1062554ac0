package toroid.server.effort;

/** So much waits already that more would only make all of it late. */
public final class Busy extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Busy() {
        super("too much waits already");
    }
}
