package toroid.core.cutting;

import java.util.Arrays;

/**
 * A way to fill a kind of strip: a column of the master programme.
 *
 * @param strip kind of strip
 * @param kinds of length in it
 * @param counts of each of those
 * @param costMm what it uses up
 */
record Column(int strip, int[] kinds, int[] counts, double costMm) {
    static Column of(Kinds kinds, int strip, int[] counts) {
        int n = (int) Arrays.stream(counts).filter(count -> count > 0).count();
        int[] which = new int[n];
        int[] many = new int[n];
        int at = 0;
        for (int k = 0; k < counts.length; k++) {
            if (counts[k] > 0) {
                which[at] = k;
                many[at++] = counts[k];
            }
        }
        long used = kinds.consumed(strip, Filled.taken(kinds, counts));
        return new Column(strip, which, many, used / Kinds.NM_IN_MM);
    }

    /** Whether so many of each are still wanted. */
    boolean within(int[] rest) {
        for (int i = 0; i < kinds.length; i++) {
            if (counts[i] > rest[kinds[i]]) {
                return false;
            }
        }
        return true;
    }

    int[] all(int lengths) {
        int[] all = new int[lengths];
        for (int i = 0; i < kinds.length; i++) {
            all[kinds[i]] = counts[i];
        }
        return all;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Column that
                && strip == that.strip
                && Arrays.equals(kinds, that.kinds)
                && Arrays.equals(counts, that.counts);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * strip + Arrays.hashCode(kinds)) + Arrays.hashCode(counts);
    }

    @Override
    public String toString() {
        return strip + " " + Arrays.toString(kinds) + " " + Arrays.toString(counts);
    }
}
