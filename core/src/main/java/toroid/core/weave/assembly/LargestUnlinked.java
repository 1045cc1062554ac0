package toroid.core.weave.assembly;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jgrapht.Graph;
import org.jgrapht.alg.matching.SparseEdmondsMaximumCardinalityMatching;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleGraph;
import org.jgrapht.traverse.BreadthFirstIterator;
import toroid.core.weave.patch.PatchGraph;
import toroid.core.weave.patch.RingGraph;

/**
 * The largest set of rings of which no two link: the largest independent set of the link graph. Where rings fall into two kinds that
 * only link each other it is rings less a largest matching (König 1931; matching by Edmonds 1965). Otherwise rings are
 * gone through one by one, keeping the best count for every choice among those that still have links to come, which is exact and
 * quick for chains; where that grows beyond {@value #MOST_STATES} choices, rings less half a largest matching of the doubled graph
 * bounds it from above (Nemhauser and Trotter 1975).
 *
 * @param size how many
 * @param exact whether such a set exists, or only none larger
 */
public record LargestUnlinked(int size, boolean exact) {
    private static final int MOST_STATES = 20_000;
    private static final int MOST_OPEN = 62;

    public static LargestUnlinked of(RingGraph patch) {
        Graph<Integer, DefaultEdge> graph = PatchGraph.of(patch);
        if (isTwoSided(patch, graph)) {
            return new LargestUnlinked(patch.size() - matching(graph), true);
        }
        int exact = throughRings(patch);
        return exact >= 0 ? new LargestUnlinked(exact, true) : new LargestUnlinked(bound(patch), false);
    }

    /** Whether rings fall into two kinds that only link each other: by their distance from the first, even or odd. */
    private static boolean isTwoSided(RingGraph patch, Graph<Integer, DefaultEdge> graph) {
        var even = new boolean[patch.size()];
        var walk = new BreadthFirstIterator<>(graph);
        while (walk.hasNext()) {
            int n = walk.next();
            even[n] = walk.getDepth(n) % 2 == 0;
        }
        return IntStream.range(0, patch.size())
                .allMatch(n -> IntStream.of(patch.neighbours(n)).noneMatch(other -> even[n] == even[other]));
    }

    private static int matching(Graph<Integer, DefaultEdge> graph) {
        return new SparseEdmondsMaximumCardinalityMatching<>(graph)
                .getMatching()
                .getEdges()
                .size();
    }

    private static int bound(RingGraph patch) {
        int n = patch.size();
        var doubled = new SimpleGraph<Integer, DefaultEdge>(DefaultEdge.class);
        IntStream.range(0, 2 * n).forEach(doubled::addVertex);
        for (int a = 0; a < n; a++) {
            for (int b : patch.neighbours(a)) {
                doubled.addEdge(a, n + b);
            }
        }
        return n - (matching(doubled) + 1) / 2;
    }

    /** The count, or −1 when there are too many choices. */
    private static int throughRings(RingGraph patch) {
        List<Integer> open = new ArrayList<>(); // rings gone through that still have links to come
        Map<Long, Integer> best = new HashMap<>(Map.of(0L, 0));
        for (int n = 0; n < patch.size(); n++) {
            long linked = 0;
            for (int place = 0; place < open.size(); place++) {
                if (patch.areLinked(n, open.get(place))) {
                    linked |= 1L << place;
                }
            }
            if (open.size() >= MOST_OPEN) {
                return -1;
            }
            best = withAndWithout(best, linked, 1L << open.size());
            open.add(n);
            best = closed(patch, best, open, n);
            if (best.size() > MOST_STATES) {
                return -1;
            }
        }
        return best.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    private static Map<Long, Integer> withAndWithout(Map<Long, Integer> best, long linked, long own) {
        var next = new HashMap<Long, Integer>();
        best.forEach((taken, count) -> {
            next.merge(taken, count, Math::max);
            if ((taken & linked) == 0) {
                next.merge(taken | own, count + 1, Math::max);
            }
        });
        return next;
    }

    /** Forgets rings all of whose links are behind. */
    private static Map<Long, Integer> closed(RingGraph patch, Map<Long, Integer> best, List<Integer> open, int done) {
        Map<Long, Integer> left = best;
        for (int place = open.size() - 1; place >= 0; place--) {
            int[] near = patch.neighbours(open.get(place));
            if (near.length == 0 || near[near.length - 1] <= done) {
                long below = (1L << place) - 1;
                var next = new HashMap<Long, Integer>();
                left.forEach(
                        (taken, count) -> next.merge((taken & below) | ((taken >>> 1) & ~below), count, Math::max));
                left = next;
                open.remove(place);
            }
        }
        return left;
    }
}
