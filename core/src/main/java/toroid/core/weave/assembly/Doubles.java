package toroid.core.weave.assembly;

import java.util.Arrays;
import java.util.HashMap;
import toroid.core.weave.piece.RingGraph;

/** Rings that take the same path as one before them: they link the same rings, and not one another. */
public final class Doubles {
    private Doubles() {}

    /** For each ring 0 for the first of its path, 1 for the second, and so on; shape (rings). */
    public static int[] of(RingGraph piece) {
        var seen = new HashMap<String, Integer>();
        int[] doubles = new int[piece.size()];
        for (int n = 0; n < piece.size(); n++) {
            String path = piece.sizeClassOf(n) + Arrays.toString(piece.neighbours(n));
            doubles[n] = seen.merge(path, 1, Integer::sum) - 1;
        }
        return doubles;
    }

    /** Whether any ring is another's double. */
    public static boolean any(RingGraph piece) {
        return Arrays.stream(of(piece)).anyMatch(n -> n > 0);
    }
}
