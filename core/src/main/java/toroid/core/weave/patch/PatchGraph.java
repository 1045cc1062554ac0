package toroid.core.weave.patch;

import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleGraph;

/** Rings and links as a graph: vertices are the rings' places. */
public final class PatchGraph {
    private PatchGraph() {}

    /** As {@link #of}, a captive joined to the rings it lies round: what hangs together. */
    static Graph<Integer, DefaultEdge> held(RingGraph patch) {
        Graph<Integer, DefaultEdge> graph = of(patch);
        for (int n = 0; n < patch.size(); n++) {
            for (int other : patch.round(n)) {
                graph.addEdge(n, other);
            }
        }
        return graph;
    }

    public static Graph<Integer, DefaultEdge> of(RingGraph patch) {
        var graph = new SimpleGraph<Integer, DefaultEdge>(DefaultEdge.class);
        for (int n = 0; n < patch.size(); n++) {
            graph.addVertex(n);
        }
        for (int n = 0; n < patch.size(); n++) {
            for (int other : patch.neighbours(n)) {
                if (other > n) {
                    graph.addEdge(n, other);
                }
            }
        }
        return graph;
    }
}
