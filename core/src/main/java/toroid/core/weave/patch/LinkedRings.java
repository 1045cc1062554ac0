package toroid.core.weave.patch;

import java.util.Arrays;
import java.util.TreeSet;
import java.util.stream.IntStream;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Rings known by their links alone, as a patch once laid out is kept: of one size and one part, since neither is asked for once the
 * order is fixed.
 */
public final class LinkedRings implements RingGraph {
    private final int[][] neighbours;

    private LinkedRings(int[][] neighbours) {
        this.neighbours = neighbours;
    }

    /**
     * @param size how many rings
     * @param links pairs of places, one after another
     * @throws toroid.core.numeric.Refusal for a place there is none of
     */
    public static LinkedRings of(int size, int[] links) {
        TreeSet<Integer>[] found = newSets(size);
        for (int at = 0; at + 1 < links.length; at += 2) {
            int a = (int) Checks.within("links", links[at], 0, size - 1.0, Unit.NONE, Remedy.LAY_THE_PATCH_OUT_ANEW);
            int b = (int)
                    Checks.within("links", links[at + 1], 0, size - 1.0, Unit.NONE, Remedy.LAY_THE_PATCH_OUT_ANEW);
            found[a].add(b);
            found[b].add(a);
        }
        return new LinkedRings(Arrays.stream(found)
                .map(set -> set.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new));
    }

    @SuppressWarnings("unchecked")
    private static TreeSet<Integer>[] newSets(int size) {
        return IntStream.range(0, size).mapToObj(any -> new TreeSet<Integer>()).toArray(TreeSet[]::new);
    }

    @Override
    public int size() {
        return neighbours.length;
    }

    @Override
    public int[] neighbours(int n) {
        return neighbours[n];
    }

    @Override
    public int sizeClassOf(int n) {
        return 0;
    }

    @Override
    public int partOf(int n) {
        return 0;
    }
}
