package toroid.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.random.RandomGenerator;

/**
 * Where all the wire there is must go into the lengths: of the ways to fill a strip to its very end a set is looked for that takes each
 * length once, the length or strip with the fewest ways left first (exact cover; Knuth 2000). Gives up where too much was tried.
 */
final class Exactly {
    private final Kinds kinds;
    private final BooleanSupplier stop;
    private final int[] rest;
    private final int[] there;
    private final List<Filled> filled = new ArrayList<>();
    private int tries;

    private Exactly(Kinds kinds, int[] rest, int[] there, int tries, BooleanSupplier stop) {
        this.kinds = kinds;
        this.rest = rest.clone();
        this.there = there.clone();
        this.tries = tries;
        this.stop = stop;
    }

    /** Whether what is there is hardly more than what is to cut, so that no strip may be left and none wasted. */
    static boolean mustBe(Kinds kinds) {
        long room = 0;
        long wanted = 0;
        long shortest = Long.MAX_VALUE;
        for (int s = 0; s < kinds.strips(); s++) {
            room += kinds.there[s] * kinds.room[s];
        }
        for (int k = 0; k < kinds.lengths(); k++) {
            wanted += kinds.wanted[k] * kinds.size[k];
            shortest = kinds.size[k];
        }
        return wanted > 0 && room >= wanted && room - wanted < shortest / 100;
    }

    /**
     * @param ways to fill strips to their ends, as {@link FullWays} lists them
     * @return strips filled so that nothing of the rest is left; none where that was not found
     */
    static List<Filled> fill(
            Kinds kinds,
            List<Column> ways,
            int[] rest,
            int[] there,
            RandomGenerator dice,
            int tries,
            BooleanSupplier stop) {
        var shuffled = new ArrayList<>(ways);
        Collections.shuffle(shuffled, new Random(dice.nextLong()));
        var exactly = new Exactly(kinds, rest, there, tries, stop);
        return exactly.search(shuffled) ? exactly.filled : List.of();
    }

    private boolean search(List<Column> open) {
        if (Arrays.stream(rest).allMatch(count -> count == 0)) {
            return true;
        }
        if (tries-- <= 0 || stop.getAsBoolean()) {
            return false;
        }
        List<Column> possible = new ArrayList<>(open.size());
        int[] waysOf = new int[rest.length + there.length];
        for (Column way : open) {
            if (there[way.strip()] > 0 && way.within(rest)) {
                possible.add(way);
                waysOf[rest.length + way.strip()]++;
                for (int k : way.kinds()) {
                    waysOf[k]++;
                }
            }
        }
        int fewest = fewest(waysOf);
        for (int i = 0; i < possible.size() && tries > 0; i++) {
            Column way = possible.get(i);
            if (!has(way, fewest)) {
                continue;
            }
            take(way, 1);
            if (search(possible)) {
                return true;
            }
            take(way, -1);
            possible.remove(i--);
        }
        return false;
    }

    /** The kind of length, or after them the kind of strip, that the fewest ways are left for. */
    private int fewest(int[] waysOf) {
        int fewest = -1;
        for (int k = 0; k < waysOf.length; k++) {
            boolean open = k < rest.length ? rest[k] > 0 : there[k - rest.length] > 0;
            if (open && (fewest < 0 || waysOf[k] < waysOf[fewest])) {
                fewest = k;
            }
        }
        return fewest;
    }

    private boolean has(Column way, int item) {
        return item >= rest.length
                ? way.strip() == item - rest.length
                : Arrays.stream(way.kinds()).anyMatch(k -> k == item);
    }

    private void take(Column way, int times) {
        for (int i = 0; i < way.kinds().length; i++) {
            rest[way.kinds()[i]] -= times * way.counts()[i];
        }
        there[way.strip()] -= times;
        if (times > 0) {
            filled.add(new Filled(kinds, way.strip(), way.all(kinds.lengths())));
        } else {
            filled.remove(filled.size() - 1);
        }
    }
}
