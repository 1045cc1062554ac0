package toroid.core.cutting;

import java.util.Arrays;

/**
 * The most valuable lengths that fit into a room, each kind as often as it may: by depth first, the most valuable by its length first, and
 * what can still be had bounded by filling the room with that (Dantzig 1957; Martello and Toth, Knapsack Problems, 1990, §3.2). Where it
 * would look too long it keeps the best it found and tells how much better there could be.
 */
final class Knapsack {
    private final long[] size;
    private final double[] value;
    private final int[] most;
    private final int[] kindAt;
    private final int n;
    private final long[] smallest;
    private final int[] now;
    private final int[] best;
    private double bestValue;
    private double enough;
    private long looks;

    /** What fits: how many of each kind, what it is worth, and what nothing that fits is worth more than. */
    record Found(int[] counts, double value, double bound) {}

    private Knapsack(double[] worth, long[] sizes, int[] limits, long room) {
        Integer[] order = new Integer[worth.length];
        int kept = 0;
        for (int k = 0; k < worth.length; k++) {
            if (worth[k] > 0 && limits[k] > 0 && sizes[k] <= room) {
                order[kept++] = k;
            }
        }
        Arrays.sort(order, 0, kept, (a, b) -> {
            int byWorth = Double.compare(worth[b] / sizes[b], worth[a] / sizes[a]);
            return byWorth != 0 ? byWorth : Long.compare(sizes[b], sizes[a]);
        });
        n = kept;
        size = new long[n];
        value = new double[n];
        most = new int[n];
        kindAt = new int[n];
        for (int i = 0; i < n; i++) {
            kindAt[i] = order[i];
            size[i] = sizes[order[i]];
            value[i] = worth[order[i]];
            most[i] = limits[order[i]];
        }
        smallest = new long[n + 1];
        smallest[n] = Long.MAX_VALUE;
        for (int i = n - 1; i >= 0; i--) {
            smallest[i] = Math.min(smallest[i + 1], size[i]);
        }
        now = new int[n];
        best = new int[n];
    }

    /**
     * @param worth of one of each kind; what is worth nothing or less is left out
     * @param sizes nm
     * @param limits how many of each kind there are
     * @param room nm
     * @param looks how many beginnings of a filling are looked at
     */
    static Found best(double[] worth, long[] sizes, int[] limits, long room, long looks) {
        var sack = new Knapsack(worth, sizes, limits, room);
        double bound = sack.filled(0, room);
        sack.looks = looks;
        sack.enough = bound * (1 - ENOUGH);
        sack.look(0, room, 0);
        int[] counts = new int[worth.length];
        for (int i = 0; i < sack.n; i++) {
            counts[sack.kindAt[i]] = sack.best[i];
        }
        return new Found(
                counts, sack.bestValue, sack.looks > 0 && sack.bestValue < sack.enough ? sack.bestValue : bound);
    }

    /** A filling worth this part less than the bound is as good as the best: floating point tells no more. */
    private static final double ENOUGH = 1e-12;

    /** What the room is worth at most when it is filled from that kind on and the last one may be cut to fit. */
    private double filled(int from, long room) {
        double worth = 0;
        long left = room;
        for (int i = from; i < n && left > 0; i++) {
            long fits = Math.min(most[i], left / size[i]);
            worth += fits * value[i];
            left -= fits * size[i];
            if (fits < most[i]) {
                return worth + value[i] * left / size[i];
            }
        }
        return worth;
    }

    private void look(int from, long room, double worth) {
        if (worth > bestValue) {
            bestValue = worth;
            System.arraycopy(now, 0, best, 0, n);
        }
        int i = from;
        while (i < n && size[i] > room) {
            i++;
        }
        if (i == n || room < smallest[i]) {
            return;
        }
        if (--looks <= 0 || bestValue >= enough || worth + filled(i, room) <= bestValue * (1 + ENOUGH)) {
            return;
        }
        for (int count = (int) Math.min(most[i], room / size[i]); count >= 0; count--) {
            now[i] = count;
            look(i + 1, room - count * size[i], worth + count * value[i]);
            if (looks <= 0 || bestValue >= enough) {
                break;
            }
        }
        now[i] = 0;
    }
}
