package toroid.core.weave.piece;

import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleGraph;

/** Rings and links as a graph: vertices are the rings' places. */
public final class PieceGraph {
    private PieceGraph() {}

    /** As {@link #of}, a captive joined to the rings it lies round: what hangs together. */
    static Graph<Integer, DefaultEdge> held(RingGraph piece) {
        Graph<Integer, DefaultEdge> graph = of(piece);
        for (int n = 0; n < piece.size(); n++) {
            for (int other : piece.round(n)) {
                graph.addEdge(n, other);
            }
        }
        return graph;
    }

    public static Graph<Integer, DefaultEdge> of(RingGraph piece) {
        var graph = new SimpleGraph<Integer, DefaultEdge>(DefaultEdge.class);
        for (int n = 0; n < piece.size(); n++) {
            graph.addVertex(n);
        }
        for (int n = 0; n < piece.size(); n++) {
            for (int other : piece.neighbours(n)) {
                if (other > n) {
                    graph.addEdge(n, other);
                }
            }
        }
        return graph;
    }
}
