package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;

/** Moves a part by one place in its own row. */
final class PieceShift {
    private PieceShift() {}

    /**
     * Past the next part or the whole of the next bracket, and out of the bracket it is in where it is the last of it. At the end of its row it
     * stays.
     *
     * @param moving the very part, since two may be alike
     * @param on towards the last end; else towards the first
     */
    static Piece shifted(Piece piece, Piece.One moving, boolean on) {
        var out = new Piece.One[1];
        List<Piece.Element> row = shifted(piece.elements(), moving, on, new boolean[1], out);
        // out of the whole row there is nowhere to go
        return out[0] == null ? new Piece(row, piece.shape(), piece.pair()) : piece;
    }

    /** @param out what left a bracket and is still to be put beside it */
    private static List<Piece.Element> shifted(
            List<Piece.Element> row, Piece.One moving, boolean on, boolean[] done, Piece.One[] out) {
        var all = new ArrayList<Piece.Element>();
        int index = identity(row, moving);
        int to = index + (on ? 1 : -1);
        if (index >= 0) {
            done[0] = true;
            all.addAll(row);
            all.remove(index);
            if (to < 0 || to >= row.size()) {
                out[0] = moving;
            } else {
                all.add(to, moving);
            }
            return all;
        }
        for (Piece.Element element : row) {
            if (done[0]) {
                all.add(element);
            } else if (element instanceof Piece.Repeat repeat) {
                List<Piece.Element> inner = shifted(repeat.elements(), moving, on, done, out);
                Piece.One left = out[0];
                out[0] = null;
                if (left != null && !on) {
                    all.add(left);
                }
                if (!inner.isEmpty()) {
                    all.add(new Piece.Repeat(repeat.count(), inner));
                }
                if (left != null && on) {
                    all.add(left);
                }
            } else if (element instanceof Piece.One one) {
                all.add(shiftedBelow(one, moving, on, done));
            }
        }
        return all;
    }

    private static Piece.One shiftedBelow(Piece.One one, Piece.One moving, boolean on, boolean[] done) {
        var hanging = new ArrayList<List<Piece.Element>>();
        for (List<Piece.Element> hung : one.hanging()) {
            var out = new Piece.One[1];
            List<Piece.Element> inner = done[0] ? hung : shifted(hung, moving, on, done, out);
            hanging.add(out[0] == null ? inner : hung);
        }
        return done[0] ? new Piece.One(one.part(), hanging) : one;
    }

    private static int identity(List<Piece.Element> row, Piece.One wanted) {
        for (int i = 0; i < row.size(); i++) {
            if (row.get(i) == wanted) {
                return i;
            }
        }
        return -1;
    }
}
