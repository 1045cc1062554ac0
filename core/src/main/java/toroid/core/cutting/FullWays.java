package toroid.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.random.RandomGenerator;

/**
 * Ways to fill a strip to its very end: the last two lengths are looked up among all pairs by their sum, those before them tried, ways with
 * fewer lengths first. Where they are too many, some by chance, the same for each that was looked up.
 */
final class FullWays {
    private static final int MOST_WAYS = 40_000;
    private static final long MOST_LOOKS = 8_000_000;
    private static final int ASKED_EACH = 256;
    private static final int MOST_KINDS = 700;
    private static final int MOST_STRIPS = 400;
    private static final int MOST_TRIED = 4;
    private static final int LEAST_EACH = 2;
    /** Sizes are rounded down and strips up: a full strip may miss its end by so much, nm. */
    private static final long ROUNDING_NM = 10;

    private record Pair(long sum, int longer, int shorter) {}

    private final Kinds kinds;
    private final RandomGenerator dice;
    private final BooleanSupplier stop;
    private final Pair[] pairs;
    private final long[] sums;
    private final List<Column> ways = new ArrayList<>();
    private final int[] counts;
    private int each;
    private long looks;

    private FullWays(Kinds kinds, RandomGenerator dice, BooleanSupplier stop) {
        this.stop = stop;
        this.kinds = kinds;
        this.dice = dice;
        int n = kinds.lengths();
        counts = new int[n];
        pairs = new Pair[n * (n + 1) / 2];
        int at = 0;
        for (int a = 0; a < n; a++) {
            for (int b = a; b < n; b++) {
                pairs[at++] = new Pair(kinds.size[a] + kinds.size[b], a, b);
            }
        }
        Arrays.sort(pairs, Comparator.comparingLong(Pair::sum));
        sums = Arrays.stream(pairs).mapToLong(Pair::sum).toArray();
    }

    static List<Column> of(Kinds kinds, RandomGenerator dice, BooleanSupplier stop) {
        if (kinds.lengths() > MOST_KINDS || Arrays.stream(kinds.there).sum() > MOST_STRIPS) {
            return List.of();
        }
        var full = new FullWays(kinds, dice, stop);
        long prefixes = kinds.strips();
        for (int tried = 0; tried <= MOST_TRIED && full.goesOn(); tried++) {
            full.each = (int) Math.max(LEAST_EACH, MOST_WAYS / prefixes);
            for (int s = 0; s < kinds.strips() && full.goesOn(); s++) {
                if (tried == 0) {
                    full.single(s);
                }
                full.list(s, 0, kinds.room[s], tried);
            }
            prefixes *= Math.max(1, kinds.lengths() / (tried + 1));
        }
        return full.ways;
    }

    private boolean goesOn() {
        if (looks % ASKED_EACH == 0 && stop.getAsBoolean()) {
            looks = MOST_LOOKS;
        }
        return looks < MOST_LOOKS && ways.size() < MOST_WAYS;
    }

    private void single(int strip) {
        for (int k = 0; k < counts.length; k++) {
            long left = kinds.room[strip] - kinds.size[k];
            if (left >= 0 && left <= kinds.kerf + ROUNDING_NM) {
                counts[k]++;
                ways.add(Column.of(kinds, strip, counts));
                counts[k]--;
            }
        }
    }

    private void list(int strip, int from, long room, int tried) {
        looks++;
        if (tried == 0) {
            lookUp(strip, from, room);
            return;
        }
        long least = (tried + 1) * kinds.size[counts.length - 1] - kinds.kerf - ROUNDING_NM;
        for (int k = from; k < counts.length && goesOn(); k++) {
            long left = room - kinds.size[k];
            if (left >= least && counts[k] < kinds.wanted[k]) {
                counts[k]++;
                list(strip, k, left, tried - 1);
                counts[k]--;
            }
        }
    }

    /** The pairs that end where the strip does, or no more than a kerf before it. */
    private void lookUp(int strip, int from, long room) {
        int first = at(room - kinds.kerf - ROUNDING_NM);
        int end = at(room + 1);
        int many = end - first;
        int start = many > each ? dice.nextInt(many) : 0;
        int found = 0;
        for (int i = 0; i < many && found < each; i++) {
            Pair pair = pairs[first + (start + i) % many];
            if (pair.longer >= from) {
                counts[pair.longer]++;
                counts[pair.shorter]++;
                if (counts[pair.longer] <= kinds.wanted[pair.longer]
                        && counts[pair.shorter] <= kinds.wanted[pair.shorter]) {
                    ways.add(Column.of(kinds, strip, counts));
                    found++;
                }
                counts[pair.longer]--;
                counts[pair.shorter]--;
            }
        }
    }

    /** Where the first pair of at least that sum is. */
    private int at(long sum) {
        int low = 0;
        int high = sums.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (sums[middle] < sum) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
