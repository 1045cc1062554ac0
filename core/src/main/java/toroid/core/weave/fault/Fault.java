package toroid.core.weave.fault;

/**
 * A way a ring can have gone wrong as it was closed.
 *
 * @param kind what happened
 * @param ring the open ring's place in the patch
 * @param other the ring it missed, or took by mistake
 */
public record Fault(Kind kind, int ring, int other) {
    /** What can have happened. */
    public enum Kind {
        /** It does not pass through a ring it should. */
        MISSED,
        /** It passes through a ring it should not. */
        CAUGHT
    }

    /** How many links more or fewer this ring has for it. */
    int change(int n) {
        if (n != ring && n != other) {
            return 0;
        }
        return kind == Kind.MISSED ? -1 : 1;
    }
}
