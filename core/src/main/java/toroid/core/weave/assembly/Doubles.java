package toroid.core.weave.assembly;

import java.util.Arrays;
import java.util.HashMap;
import toroid.core.weave.patch.RingGraph;

/** Rings that take the same path as one before them: they link the same rings, and not one another. */
public final class Doubles {
    private Doubles() {}

    /** For each ring 0 for the first of its path, 1 for the second, and so on; shape (rings). */
    public static int[] of(RingGraph patch) {
        var seen = new HashMap<String, Integer>();
        int[] doubles = new int[patch.size()];
        for (int n = 0; n < patch.size(); n++) {
            String path = patch.sizeClassOf(n) + Arrays.toString(patch.neighbours(n));
            doubles[n] = seen.merge(path, 1, Integer::sum) - 1;
        }
        return doubles;
    }

    /** Whether any ring is another's double. */
    public static boolean any(RingGraph patch) {
        return Arrays.stream(of(patch)).anyMatch(n -> n > 0);
    }
}
