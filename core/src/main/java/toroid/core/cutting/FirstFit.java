package toroid.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What hands would do: the longest lengths first, each from the first strip it still is on, offcuts before others. No plan told is worse. */
final class FirstFit {
    private FirstFit() {}

    static List<Filled> of(Kinds kinds) {
        int[] strips = new int[Arrays.stream(kinds.there).sum()];
        int at = 0;
        for (int s = 0; s < kinds.strips(); s++) {
            Arrays.fill(strips, at, at + kinds.there[s], s);
            at += kinds.there[s];
        }
        long[] taken = new long[strips.length];
        int[][] counts = new int[strips.length][];
        for (int k = 0; k < kinds.lengths(); k++) {
            int rest = kinds.wanted[k];
            for (int i = 0; i < strips.length && rest > 0; i++) {
                int fit = (int) Math.min(rest, (kinds.room[strips[i]] - taken[i]) / kinds.size[k]);
                if (fit > 0) {
                    counts[i] = counts[i] == null ? new int[kinds.lengths()] : counts[i];
                    counts[i][k] = fit;
                    taken[i] += fit * kinds.size[k];
                    rest -= fit;
                }
            }
        }
        var filled = new ArrayList<Filled>();
        for (int i = 0; i < strips.length; i++) {
            if (counts[i] != null) {
                filled.add(new Filled(kinds, strips[i], counts[i]));
            }
        }
        return filled;
    }
}
