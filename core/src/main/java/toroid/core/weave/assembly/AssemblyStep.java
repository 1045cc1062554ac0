package toroid.core.weave.assembly;

import java.util.List;

/**
 * One ring comes in. Numbers are places in the patch.
 *
 * @param ring which
 * @param closed laid down closed, to begin with; otherwise it comes open and is closed
 * @param through rings already there that it passes through
 * @param pickUp loose closed rings it takes along
 * @param over captives, slipped over what it goes through and takes along, before it is closed
 */
public record AssemblyStep(int ring, boolean closed, List<Integer> through, List<Integer> pickUp, List<Integer> over) {
    public AssemblyStep {
        through = List.copyOf(through);
        pickUp = List.copyOf(pickUp);
        over = List.copyOf(over);
    }

    /** Without captives. */
    public AssemblyStep(int ring, boolean closed, List<Integer> through, List<Integer> pickUp) {
        this(ring, closed, through, pickUp, List.of());
    }
}
