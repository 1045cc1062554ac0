package toroid.core.cutting;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;

/**
 * A {@link CuttingTask} in whole nanometres, so that what is compared is exact: equal lengths are one kind, the longest first, equal
 * strips one kind. A length takes its kerf with it; where it ends at the strip's own end that kerf falls into nothing. A length that is on
 * no strip is no kind: it stays uncut whatever the plan.
 */
final class Kinds {
    static final double NM_IN_MM = 1e6;

    /** Kinds of length: with its kerf, nm, falling; and how many are wanted. */
    final long[] size;

    final int[] wanted;

    /** Kinds of strip: length, room for lengths with their kerfs, most that can be taken while a useful leftover stays, nm. */
    final long[] length;

    final long[] room;
    final long[] thrifty;
    final int[] there;
    final boolean[] offcut;

    final long kerf;
    final long useful;

    /** The places in the task's list that are of each kind. */
    final List<int[]> lengthsOf;

    final List<int[]> stripsOf;

    Kinds(CuttingTask task) {
        kerf = Math.round(task.kerfMm() * NM_IN_MM);
        useful = Math.round(task.usefulMm() * NM_IN_MM);
        record Like(boolean fresh, long length, long margin) {}
        var strips = new TreeMap<Like, int[]>(
                Comparator.comparing(Like::fresh).thenComparing(Like::length).thenComparing(Like::margin));
        for (int i = 0; i < task.strips().size(); i++) {
            Strip one = task.strips().get(i);
            if (one.count() > 0) {
                var like = new Like(
                        !one.offcut(), (long) Math.ceil(nm(one.lengthMm())), (long) Math.ceil(nm(one.marginMm())));
                strips.merge(like, new int[] {i}, Kinds::both);
            }
        }
        stripsOf = List.copyOf(strips.values());
        List<Like> alike = List.copyOf(strips.keySet());
        length = alike.stream().mapToLong(Like::length).toArray();
        room = alike.stream()
                .mapToLong(one -> one.margin() == 0 ? one.length() + kerf : one.length() - one.margin())
                .toArray();
        thrifty = alike.stream()
                .mapToLong(one -> one.length() - Math.max(useful, one.margin()))
                .toArray();
        there = stripsOf.stream()
                .mapToInt(of ->
                        Arrays.stream(of).map(i -> task.strips().get(i).count()).sum())
                .toArray();
        // rounded down, strips up: what fits exactly still does; a nanometre is nothing to a saw
        long longest = Arrays.stream(room).max().orElse(0);
        var lengths = new TreeMap<Long, int[]>(Comparator.reverseOrder());
        for (int i = 0; i < task.lengths().size(); i++) {
            CutLength one = task.lengths().get(i);
            long size = kerf + (long) Math.floor(nm(one.lengthMm()));
            if (one.count() > 0 && size <= longest) {
                lengths.merge(size, new int[] {i}, Kinds::both);
            }
        }
        lengthsOf = List.copyOf(lengths.values());
        size = lengths.keySet().stream().mapToLong(Long::longValue).toArray();
        wanted = lengthsOf.stream()
                .mapToInt(of -> Arrays.stream(of)
                        .map(i -> task.lengths().get(i).count())
                        .sum())
                .toArray();
        offcut = new boolean[length.length];
        for (int i = 0; i < offcut.length; i++) {
            offcut[i] = !alike.get(i).fresh();
        }
    }

    /** In nanometres: whole where it misses a whole number by no more than arithmetic does. */
    private static double nm(double mm) {
        double nm = mm * NM_IN_MM;
        return Math.abs(nm - Math.rint(nm)) < ROUNDING ? Math.rint(nm) : nm;
    }

    private static final double ROUNDING = 1e-2;

    private static int[] both(int[] one, int[] other) {
        int[] all = Arrays.copyOf(one, one.length + other.length);
        System.arraycopy(other, 0, all, one.length, other.length);
        return all;
    }

    int lengths() {
        return size.length;
    }

    int strips() {
        return length.length;
    }

    /** What is left of a strip from which lengths with their kerfs are cut, nm. */
    long left(int strip, long taken) {
        return Math.max(0, length[strip] - taken);
    }

    /** What cutting that uses up of a strip, nm: all of it where what is left is too short to keep. */
    long consumed(int strip, long taken) {
        if (taken == 0) {
            return 0;
        }
        long left = left(strip, taken);
        return left >= useful ? length[strip] - left : length[strip];
    }

    /** What a plan that cuts all the wanted lengths uses up at least by their lengths alone, nm. */
    long leastByLength() {
        long sum = 0;
        int most = 0;
        for (int k = 0; k < lengths(); k++) {
            sum += size[k] * wanted[k];
            most += wanted[k];
        }
        // the last kerf of a strip may fall off its end, of no more strips than there are, nor lengths
        long ends = Math.min(most, Arrays.stream(there).asLongStream().sum());
        return sum - ends * kerf;
    }
}
