package toroid.core.piece;

import java.util.List;

/**
 * One thing hands do to put a piece together.
 *
 * @param part place in the row of the part that is made or moved
 * @param joints places of the joints that are made by it; none while a part is only made
 */
public record AssemblyStep(Act act, int part, List<Integer> joints) {
    /** What is done. */
    public enum Act {
        /** Made for itself; ends that are to be closed round a neighbour are left open. */
        MAKE,
        /** A ring closed before it is used. */
        CLOSE_BEFORE,
        /** A ring, or a plain loop of a form: opened, its neighbours hung in, closed. */
        OPEN_AND_CLOSE,
        /** A ring opened, its neighbours hung in, closed and soldered in its place, before anything is there that does not stand the torch. */
        SOLDER_ROUND,
        /** An end formed round its neighbour. */
        FORM_ROUND,
        /** Hung in. */
        HOOK
    }

    public AssemblyStep {
        joints = List.copyOf(joints);
    }
}
