package toroid.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * Strip after strip, each filled as well as it can be with what is still to cut: to its end, or so that what is left is still useful. The
 * ways to do it differ by which strips come first, whether waste is shunned at each, and how much longer lengths are preferred.
 */
final class Greedy {
    private static final long LOOKS = 2_000;
    private static final double MOST_PREFERRED = 0.6;

    /**
     * @param largestFirst of strips that are whole
     * @param offcutsFirst else whole ones are
     * @param thrifty nothing useless is left of a strip while other strips are there
     * @param preference 0: as full as can be; above, the longer lengths are the more preferred
     */
    record Way(boolean largestFirst, boolean offcutsFirst, boolean thrifty, double preference) {
        static Way random(RandomGenerator dice) {
            return new Way(
                    dice.nextBoolean(), dice.nextInt(4) > 0, dice.nextBoolean(), dice.nextDouble() * MOST_PREFERRED);
        }
    }

    private final Kinds kinds;
    private final Way way;
    private final int[] rest;
    private final int[] there;

    private Greedy(Kinds kinds, Way way, int[] rest, int[] there) {
        this.kinds = kinds;
        this.way = way;
        this.rest = rest.clone();
        this.there = there.clone();
    }

    /** Every way that is not a matter of chance. */
    static List<Way> ways() {
        var ways = new ArrayList<Way>();
        for (boolean largest : new boolean[] {false, true}) {
            for (boolean offcuts : new boolean[] {true, false}) {
                for (boolean thrifty : new boolean[] {true, false}) {
                    ways.add(new Way(largest, offcuts, thrifty, 0));
                    ways.add(new Way(largest, offcuts, thrifty, MOST_PREFERRED / 2));
                }
            }
        }
        return ways;
    }

    /**
     * @param rest how many of each kind of length are to cut
     * @param there how many of each kind of strip there are
     */
    static List<Filled> fill(Kinds kinds, Way way, int[] rest, int[] there) {
        return new Greedy(kinds, way, rest, there).fill();
    }

    private List<Filled> fill() {
        var filled = new ArrayList<Filled>();
        while (Arrays.stream(rest).anyMatch(count -> count > 0)) {
            int next = next();
            int whole = holdsAll();
            // offcuts that come first are not passed over for a strip that holds all
            boolean passes = whole >= 0 && way.offcutsFirst() && kinds.offcut[next] && !kinds.offcut[whole];
            whole = passes ? -1 : whole;
            int strip = whole >= 0 ? whole : next;
            if (strip < 0) {
                return filled;
            }
            there[strip]--;
            int[] counts = whole >= 0 ? rest.clone() : filling(strip);
            if (Filled.taken(kinds, counts) > 0) {
                for (int k = 0; k < rest.length; k++) {
                    rest[k] -= counts[k];
                }
                filled.add(new Filled(kinds, strip, counts));
            }
        }
        return filled;
    }

    /** The first kind of strip, offcuts before others and the shortest first, that all the rest can be cut from without waste. */
    private int holdsAll() {
        long all = Filled.taken(kinds, rest);
        for (int s = 0; s < kinds.strips(); s++) {
            if (there[s] > 0
                    && (all <= kinds.thrifty[s] || all == kinds.room[s] || all == kinds.length[s])
                    && all <= kinds.room[s]) {
                return s;
            }
        }
        return -1;
    }

    private int next() {
        int best = -1;
        for (int s = 0; s < kinds.strips(); s++) {
            if (there[s] > 0 && (best < 0 || before(s, best))) {
                best = s;
            }
        }
        return best;
    }

    private boolean before(int one, int other) {
        if (kinds.offcut[one] != kinds.offcut[other]) {
            return kinds.offcut[one] == way.offcutsFirst();
        }
        return way.largestFirst() && !kinds.offcut[one] && kinds.length[one] > kinds.length[other];
    }

    private int[] filling(int strip) {
        int[] full = fullest(kinds.room[strip]);
        long taken = Filled.taken(kinds, full);
        if (!way.thrifty() || kinds.consumed(strip, taken) <= taken) {
            return full;
        }
        int[] spared = kinds.thrifty[strip] > 0 ? fullest(kinds.thrifty[strip]) : new int[rest.length];
        boolean others = Arrays.stream(there).anyMatch(count -> count > 0);
        return others || Filled.taken(kinds, spared) == taken ? spared : full;
    }

    private int[] fullest(long room) {
        double[] worth = new double[rest.length];
        for (int k = 0; k < worth.length; k++) {
            worth[k] = way.preference() == 0
                    ? kinds.size[k]
                    : kinds.size[k] * Math.pow((double) kinds.size[k] / kinds.size[0], way.preference());
        }
        return Knapsack.best(worth, kinds.size, rest, room, LOOKS).counts();
    }
}
