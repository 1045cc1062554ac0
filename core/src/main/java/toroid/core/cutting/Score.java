package toroid.core.cutting;

import java.util.Comparator;
import java.util.List;

/**
 * How good a plan is, compared in this order, less is better: what stays uncut; what is used up; how many strips that were whole are
 * opened; how much is taken from those rather than from offcuts; how many strips are cut from; how many offcuts are made.
 */
record Score(long uncut, long consumed, int opened, long fresh, int strips, int offcuts) implements Comparable<Score> {
    private static final Comparator<Score> ORDER = Comparator.comparingLong(Score::uncut)
            .thenComparingLong(Score::consumed)
            .thenComparingInt(Score::opened)
            .thenComparingLong(Score::fresh)
            .thenComparingInt(Score::strips)
            .thenComparingInt(Score::offcuts);

    static Score of(Kinds kinds, List<Filled> filled) {
        int[] rest = rest(kinds, filled);
        long uncut = 0;
        for (int k = 0; k < rest.length; k++) {
            uncut += rest[k] * (kinds.size[k] - kinds.kerf);
        }
        return of(kinds, filled, uncut);
    }

    static Score of(Kinds kinds, List<Filled> filled, long uncut) {
        long consumed = 0;
        long fresh = 0;
        int opened = 0;
        int strips = 0;
        int offcuts = 0;
        for (Filled one : filled) {
            if (one.taken == 0) {
                continue;
            }
            long used = kinds.consumed(one.strip, one.taken);
            consumed += used;
            strips++;
            if (!kinds.offcut[one.strip]) {
                opened++;
                fresh += used;
            }
            if (kinds.left(one.strip, one.taken) > 0 && used < kinds.length[one.strip]) {
                offcuts++;
            }
        }
        return new Score(uncut, consumed, opened, fresh, strips, offcuts);
    }

    /** How many of each kind of length are not cut. */
    static int[] rest(Kinds kinds, List<Filled> filled) {
        int[] rest = kinds.wanted.clone();
        for (Filled one : filled) {
            for (int k = 0; k < rest.length; k++) {
                rest[k] -= one.counts[k];
            }
        }
        return rest;
    }

    @Override
    public int compareTo(Score other) {
        return ORDER.compare(this, other);
    }
}
