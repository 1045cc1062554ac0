package toroid.core.weave.assembly;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import toroid.core.numeric.Effort;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.patch.RingGraph;

/**
 * The order a patch is put together in. Rings come in as the patch tells them (cell by cell, row by row), but for those an open ring
 * picks up: a ring may come closed if, as it comes in, nothing it links is there yet but the open ring that takes it along. A captive
 * is closed beforehand and slipped on just before the first open ring that shuts it in.
 *
 * @param patch what is made
 * @param steps every open ring once, and every ring laid down to begin with; rings picked up are told with the ring that takes them
 */
public record Assembly(RingGraph patch, List<AssemblyStep> steps) {
    private static final int STRIP = 3;

    public Assembly {
        steps = List.copyOf(steps);
    }

    public static Assembly of(RingGraph patch, Way way) {
        var coming = new Coming(patch, way.hold());
        stages(patch, way).forEach(coming::bring);
        return new Assembly(patch, coming.steps);
    }

    /** The rings closed before use, as they come in. */
    public List<Integer> closedBefore() {
        var closed = new ArrayList<Integer>();
        for (AssemblyStep step : steps) {
            if (step.closed()) {
                closed.add(step.ring());
            }
            closed.addAll(step.pickUp());
            closed.addAll(step.over());
        }
        return closed;
    }

    /** How many rings are closed before use. */
    public int preClosed() {
        return patch.size() - opened();
    }

    /** How many come open. */
    public int opened() {
        return (int) steps.stream().filter(step -> !step.closed()).count();
    }

    /** Rings in the order they come in, those picked up before the ring that takes them. */
    public List<Integer> order() {
        var order = new ArrayList<Integer>();
        for (AssemblyStep step : steps) {
            order.addAll(step.over());
            order.addAll(step.pickUp());
            order.add(step.ring());
        }
        return order;
    }

    private static Collection<List<Integer>> stages(RingGraph graph, Way way) {
        Map<Integer, List<Integer>> stages = new TreeMap<>();
        int[] doubles = way.doubling() == Way.Doubling.AFTERWARDS ? Doubles.of(graph) : new int[graph.size()];
        boolean strips = way.sheet() == Way.Sheet.STRIPS
                && graph instanceof Patch sheet
                && sheet.shape() instanceof PatchShape.Rows;
        for (int n = 0; n < graph.size(); n++) {
            int stage = strips ? stripStage(((Patch) graph).rowOf(n)) : graph.partOf(n);
            stages.computeIfAbsent(stage + doubles[n] * graph.size(), any -> new ArrayList<>())
                    .add(n);
        }
        if (strips) {
            stages.values().forEach(stage -> alongStrip((Patch) graph, stage));
        }
        return new LinkedHashMap<>(stages).values();
    }

    private static void alongStrip(Patch sheet, List<Integer> stage) {
        stage.sort(
                Comparator.<Integer>comparingInt(n -> sheet.rings().get(n).i()).thenComparingInt(sheet::rowOf));
    }

    /** Strips of three rows first, one after another; then the rows between that join them. */
    private static int stripStage(int row) {
        int strip = row / (STRIP + 1);
        return row % (STRIP + 1) == STRIP ? 2 * strip + 3 : 2 * strip;
    }

    /** The patch as it grows. */
    private static final class Coming {
        private final RingGraph patch;
        private final int hold;
        private final boolean[] there;
        private final List<AssemblyStep> steps = new ArrayList<>();
        private final Map<Integer, List<Integer>> captives = new HashMap<>();

        Coming(RingGraph patch, int hold) {
            this.patch = patch;
            this.hold = hold;
            this.there = new boolean[patch.size()];
            for (int captive = 0; captive < patch.size(); captive++) {
                for (int other : patch.round(captive)) {
                    captives.computeIfAbsent(other, any -> new ArrayList<>()).add(captive);
                }
            }
        }

        void bring(List<Integer> stage) {
            var rank = new int[patch.size()];
            java.util.Arrays.fill(rank, -1);
            IntStream.range(0, stage.size()).forEach(at -> rank[stage.get(at)] = at);
            var reachable = new java.util.TreeSet<Integer>(); // ranks of rings that link one already there
            for (int n : stage) {
                if (!there[n] && !present(n).isEmpty()) {
                    reachable.add(rank[n]);
                }
            }
            for (int at = 0; at < stage.size() || !reachable.isEmpty(); ) {
                if (!reachable.isEmpty()) {
                    open(stage.get(reachable.pollFirst()), rank, reachable);
                } else if (there[stage.get(at)] || patch.isCaptive(stage.get(at))) {
                    at++;
                } else {
                    int n = stage.get(at);
                    steps.add(new AssemblyStep(n, true, List.of(), List.of()));
                    arrive(n, rank, reachable);
                }
            }
        }

        private void open(int n, int[] rank, java.util.TreeSet<Integer> reachable) {
            Effort.at(steps.size(), patch.size());
            List<Integer> through = present(n);
            var pickUp = new ArrayList<Integer>();
            int[] absent = IntStream.of(patch.neighbours(n))
                    .filter(other -> !there[other] && rank[other] >= 0)
                    .toArray();
            for (int other : sortedByRank(absent, rank)) {
                boolean free =
                        present(other).isEmpty() && pickUp.stream().noneMatch(taken -> patch.areLinked(taken, other));
                if (free && pickUp.size() < hold) {
                    pickUp.add(other);
                }
            }
            List<Integer> over = shutIn(n, through, pickUp);
            steps.add(new AssemblyStep(n, false, through, pickUp, over));
            arrive(n, rank, reachable);
            over.forEach(captive -> there[captive] = true);
            pickUp.forEach(taken -> arrive(taken, rank, reachable));
        }

        /** Captives not there yet that lie round this ring and one it links. */
        private List<Integer> shutIn(int n, List<Integer> through, List<Integer> pickUp) {
            return captives.getOrDefault(n, List.of()).stream()
                    .filter(captive -> !there[captive])
                    .filter(captive -> IntStream.of(patch.round(captive))
                            .anyMatch(other -> through.contains(other) || pickUp.contains(other)))
                    .toList();
        }

        private static int[] sortedByRank(int[] rings, int[] rank) {
            return IntStream.of(rings)
                    .boxed()
                    .sorted((a, b) -> Integer.compare(rank[a], rank[b]))
                    .mapToInt(Integer::intValue)
                    .toArray();
        }

        private List<Integer> present(int n) {
            return IntStream.of(patch.neighbours(n))
                    .filter(other -> there[other])
                    .boxed()
                    .toList();
        }

        private void arrive(int n, int[] rank, java.util.TreeSet<Integer> reachable) {
            there[n] = true;
            if (rank[n] >= 0) {
                reachable.remove(rank[n]);
            }
            for (int other : patch.neighbours(n)) {
                if (!there[other] && rank[other] >= 0) {
                    reachable.add(rank[other]);
                }
            }
        }
    }
}
