package toroid.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** A plan over kinds told over the strips and lengths that were asked about. */
final class Told {
    private final CuttingTask task;
    private final Kinds kinds;
    private final int[] lengthsLeft;
    private final int[] stripsLeft;

    private Told(CuttingTask task, Kinds kinds) {
        this.task = task;
        this.kinds = kinds;
        lengthsLeft = task.lengths().stream().mapToInt(CutLength::count).toArray();
        stripsLeft = task.strips().stream().mapToInt(Strip::count).toArray();
    }

    /** @param bound on what is used up, nm; negative where not all is cut */
    static CuttingPlan plan(CuttingTask task, Kinds kinds, List<Filled> filled, long bound) {
        return new Told(task, kinds).tell(filled, bound);
    }

    private CuttingPlan tell(List<Filled> filled, long bound) {
        List<CuttingPlan.Cut> cuts = filled.stream()
                .sorted(Comparator.comparingInt((Filled one) -> one.strip).thenComparingLong(one -> -one.taken))
                .map(this::cut)
                .toList();
        var uncut = new ArrayList<CuttingPlan.Count>();
        for (int i = 0; i < lengthsLeft.length; i++) {
            if (lengthsLeft[i] > 0) {
                uncut.add(new CuttingPlan.Count(task.lengths().get(i).id(), lengthsLeft[i]));
            }
        }
        long consumed = filled.stream()
                .mapToLong(one -> kinds.consumed(one.strip, one.taken))
                .sum();
        long sizes = filled.stream().mapToLong(one -> one.taken).sum();
        long lengths = filled.stream()
                .mapToLong(one ->
                        one.taken - kinds.kerf * Arrays.stream(one.counts).sum())
                .sum();
        long least = bound >= 0 ? bound : Math.min(consumed, sizes - kinds.kerf * filled.size());
        return new CuttingPlan(
                cuts, uncut, mm(consumed), mm(consumed - lengths), mm(least), bound >= 0 && consumed <= bound);
    }

    private static double mm(long nm) {
        return nm / Kinds.NM_IN_MM;
    }

    private CuttingPlan.Cut cut(Filled filled) {
        var counts = new ArrayList<CuttingPlan.Count>();
        for (int k = 0; k < filled.counts.length; k++) {
            int many = filled.counts[k];
            for (int i : kinds.lengthsOf.get(k)) {
                int taken = Math.min(many, lengthsLeft[i]);
                if (taken > 0) {
                    counts.add(new CuttingPlan.Count(task.lengths().get(i).id(), taken));
                    lengthsLeft[i] -= taken;
                    many -= taken;
                }
            }
        }
        int at = Arrays.stream(kinds.stripsOf.get(filled.strip))
                .filter(i -> stripsLeft[i] > 0)
                .findFirst()
                .orElseThrow();
        stripsLeft[at]--;
        double left = mm(kinds.left(filled.strip, filled.taken));
        double used = Math.min(task.strips().get(at).lengthMm(), mm(kinds.length[filled.strip]) - left);
        return new CuttingPlan.Cut(task.strips().get(at).id(), counts, Feeds.of(task, counts), used, left);
    }
}
