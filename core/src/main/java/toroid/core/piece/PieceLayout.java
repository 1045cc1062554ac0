package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import toroid.core.piece.part.PartSpec;

/** Lays the parts of a piece out, one by one. */
final class PieceLayout {
    /** A part and what hangs from it. */
    private record Node(PartSpec part, boolean turned, int written, List<List<Node>> hanging) {}

    private int written;

    private PieceLayout() {}

    static List<Piece.Placed> of(Piece piece) {
        List<Node> row = new PieceLayout().nodes(piece.elements(), 0);
        if (piece.shape() == Piece.Shape.MIRRORED) {
            for (int i = row.size() - 2; i >= 0; i--) {
                Node node = row.get(i);
                PartSpec other = i == 0 ? node.part().opposite() : node.part();
                if (other != null) {
                    row.add(new Node(other, true, node.written(), node.hanging()));
                }
            }
        }
        var placed = new ArrayList<Piece.Placed>();
        number(row, -1, -1, 0, placed);
        return placed;
    }

    private List<Node> nodes(List<Piece.Element> elements, double share) {
        var row = new ArrayList<Node>();
        for (Piece.Element element : elements) {
            if (element instanceof Piece.One one) {
                int number = written++;
                var hanging = new ArrayList<List<Node>>();
                one.hanging().forEach(hung -> hanging.add(nodes(hung, share)));
                row.add(new Node(one.part().graded(share), false, number, hanging));
            } else if (element instanceof Piece.Repeat repeat) {
                int before = written;
                for (int i = 0; i < repeat.count(); i++) {
                    written = before;
                    row.addAll(nodes(repeat.elements(), repeat.count() == 1 ? share : i / (repeat.count() - 1.0)));
                }
            }
        }
        return row;
    }

    private static void number(List<Node> row, int parent, int hanging, int depth, List<Piece.Placed> placed) {
        int before = parent;
        int how = hanging;
        for (Node node : row) {
            int place = placed.size();
            placed.add(new Piece.Placed(node.part(), node.turned(), before, how, depth, node.written()));
            for (int n = 0; n < node.hanging().size(); n++) {
                number(node.hanging().get(n), place, n, depth + 1, placed);
            }
            before = place;
            how = -1;
        }
    }
}
