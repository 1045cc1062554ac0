package toroid.server.store;

import java.util.UUID;

/** Nothing is kept under that id. */
public final class NotKept extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotKept(String what, UUID id) {
        super("No " + what + " is kept under " + (id == null ? "that name" : id) + ".");
    }
}
