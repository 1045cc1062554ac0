package toroid.core.weave.assembly;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What a learner said the next ring passes through, against what it does.
 *
 * @param right whether it is just that
 * @param found rings rightly named
 * @param missing rings it passes through that were not named
 * @param extra rings named that it does not pass through
 */
public record Attempt(boolean right, List<Integer> found, List<Integer> missing, List<Integer> extra) {
    /** Rings picked up count as passed through. */
    public static Attempt at(AssemblyStep step, Set<Integer> named) {
        var wanted = new ArrayList<Integer>(step.through());
        wanted.addAll(step.pickUp());
        List<Integer> found = wanted.stream().filter(named::contains).toList();
        List<Integer> missing =
                wanted.stream().filter(ring -> !named.contains(ring)).toList();
        var over = new HashSet<>(named);
        wanted.forEach(over::remove);
        return new Attempt(
                missing.isEmpty() && over.isEmpty(),
                found,
                missing,
                over.stream().sorted().toList());
    }
}
