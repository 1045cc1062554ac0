package toroid.core.weave.piece;

import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleGraph;

/** Rings and links as a graph: vertices are the rings' places. */
public final class PieceGraph {
    private PieceGraph() {}

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
