package toroid.core.piece;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;

/**
 * The lightest set of places so that every link has one of its two ends in it: a vertex cover of least weight. Exact for pieces without a
 * circle, by one pass from the leaves ({@code in = w + Σ min(in, out)}, {@code out = Σ in}), and for those with one, by trying both ends of
 * a link of it. General graphs need exponential time; pieces have at most one circle. Checked against all subsets in the tests.
 */
final class Cover {
    private final double[] weights;
    private final List<List<Integer>> neighbours = new ArrayList<>();
    private final boolean[] chosen;
    private final boolean[] seen;

    private Cover(double[] weights) {
        this.weights = weights;
        chosen = new boolean[weights.length];
        seen = new boolean[weights.length];
        for (int i = 0; i < weights.length; i++) {
            neighbours.add(new ArrayList<>());
        }
    }

    /**
     * @param weights of the places, zero or more
     * @param links two places each, different ones
     * @return which places are taken
     */
    static boolean[] least(double[] weights, List<int[]> links) {
        var cover = new Cover(weights);
        for (int[] link : links) {
            cover.neighbours.get(link[0]).add(link[1]);
            cover.neighbours.get(link[1]).add(link[0]);
        }
        for (int i = 0; i < weights.length; i++) {
            if (!cover.seen[i]) {
                cover.part(i);
            }
        }
        return cover.chosen;
    }

    /** All that hangs together with that place. */
    private void part(int root) {
        int[] circle = {-1, -1};
        List<Integer> order = walked(root, circle);
        if (circle[0] < 0) {
            solve(order, parents(root), -1);
            return;
        }
        // a link that closes a circle: one of its ends is in
        neighbours.get(circle[0]).remove((Integer) circle[1]);
        neighbours.get(circle[1]).remove((Integer) circle[0]);
        int[] parents = parents(root);
        List<Integer> tree = byDepth(root);
        double one = solve(tree, parents, circle[0]);
        boolean[] kept = chosen.clone();
        double other = solve(tree, parents, circle[1]);
        if (one <= other) {
            System.arraycopy(kept, 0, chosen, 0, chosen.length);
        }
    }

    /** From the root outward; a link that leads back is told in {@code circle}. */
    private List<Integer> walked(int root, int[] circle) {
        int[] parent = new int[weights.length];
        Arrays.fill(parent, -1);
        var order = new ArrayList<Integer>();
        Deque<Integer> open = new ArrayDeque<>(List.of(root));
        seen[root] = true;
        while (!open.isEmpty()) {
            int at = open.remove();
            order.add(at);
            boolean back = false;
            for (int next : neighbours.get(at)) {
                if (next == parent[at] && !back) {
                    back = true; // the way it came; a second link to the same place is a circle of two
                } else if (seen[next]) {
                    circle[0] = at;
                    circle[1] = next;
                } else {
                    seen[next] = true;
                    parent[next] = at;
                    open.add(next);
                }
            }
        }
        return order;
    }

    private List<Integer> byDepth(int root) {
        boolean[] been = new boolean[weights.length];
        var order = new ArrayList<Integer>();
        Deque<Integer> open = new ArrayDeque<>(List.of(root));
        been[root] = true;
        while (!open.isEmpty()) {
            int at = open.remove();
            order.add(at);
            for (int next : neighbours.get(at)) {
                if (!been[next]) {
                    been[next] = true;
                    open.add(next);
                }
            }
        }
        return order;
    }

    private int[] parents(int root) {
        int[] parents = new int[weights.length];
        Arrays.fill(parents, -1);
        boolean[] been = new boolean[weights.length];
        for (int at : byDepth(root)) {
            been[at] = true;
            for (int next : neighbours.get(at)) {
                if (!been[next]) {
                    parents[next] = at;
                }
            }
        }
        return parents;
    }

    /** A tree from its leaves to its root, then back with what was cheaper; {@code held} is in whatever it costs. */
    private double solve(List<Integer> outward, int[] parents, int held) {
        double[] in = new double[weights.length];
        double[] out = new double[weights.length];
        for (int at : outward) {
            in[at] = weights[at];
            out[at] = at == held ? Double.POSITIVE_INFINITY : 0;
        }
        for (int i = outward.size() - 1; i > 0; i--) {
            int at = outward.get(i);
            in[parents[at]] += Math.min(in[at], out[at]);
            out[parents[at]] += in[at];
        }
        int root = outward.get(0);
        for (int at : outward) {
            boolean must = at != root && !chosen[parents[at]];
            chosen[at] = must || in[at] < out[at];
        }
        return Math.min(in[root], out[root]);
    }
}
