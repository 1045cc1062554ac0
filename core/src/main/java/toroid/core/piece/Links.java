package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import toroid.core.form.Port;

/**
 * Two parts hung in each other, before it is known how.
 *
 * @param a place of the one nearer the first end
 * @param b place of the other; 0 for the joint that closes a round piece
 */
record Links(int a, int b, Port portA, Port portB) {
    static List<Links> of(List<Piece.Placed> placed, List<Hung> hung, boolean round) {
        var links = new ArrayList<Links>();
        int last = 0;
        for (int i = 0; i < placed.size(); i++) {
            Piece.Placed one = placed.get(i);
            last = one.depth() == 0 ? i : last;
            if (one.parent() >= 0) {
                Hung parent = hung.get(one.parent());
                Port from = one.hanging() < 0 ? parent.onward() : parent.drop(one.hanging());
                links.add(new Links(one.parent(), i, from, hung.get(i).in()));
            }
        }
        if (round && last > 0) {
            links.add(new Links(last, 0, hung.get(last).onward(), hung.get(0).in()));
        }
        return links;
    }
}
