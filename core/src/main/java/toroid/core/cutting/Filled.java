package toroid.core.cutting;

import java.util.Arrays;

/** One strip of a kind and how many of each kind of length are cut from it. */
final class Filled {
    final int strip;
    final int[] counts;

    /** Their lengths with kerfs, nm. */
    final long taken;

    Filled(Kinds kinds, int strip, int[] counts) {
        this.strip = strip;
        this.counts = counts;
        this.taken = taken(kinds, counts);
    }

    static long taken(Kinds kinds, int[] counts) {
        long sum = 0;
        for (int k = 0; k < counts.length; k++) {
            sum += counts[k] * kinds.size[k];
        }
        return sum;
    }

    /** Whether two strips are filled alike. */
    boolean alike(Filled other) {
        return strip == other.strip && Arrays.equals(counts, other.counts);
    }
}
