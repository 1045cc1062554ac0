package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import toroid.core.form.Port;
import toroid.core.piece.part.PartWork;

/**
 * Two parts hung in each other, before it is known how.
 *
 * @param a place of the one nearer the first end
 * @param b place of the other; 0 for the joint that closes a round piece
 */
record Links(int a, int b, Port portA, Port portB) {
    /** @param parts what the placed ones are when worked out */
    static List<Links> of(List<Piece.Placed> placed, List<PartWork> parts, List<Boolean> turned, boolean round) {
        var links = new ArrayList<Links>();
        int last = 0;
        for (int i = 0; i < placed.size(); i++) {
            Piece.Placed one = placed.get(i);
            if (one.depth() == 0) {
                last = i;
            }
            if (one.parent() >= 0) {
                PartWork parent = parts.get(one.parent());
                boolean other = turned.get(one.parent());
                Port from = one.hanging() < 0 ? onward(parent, other) : parent.hanging(one.hanging(), other);
                links.add(new Links(one.parent(), i, from, back(parts.get(i), turned.get(i))));
            }
        }
        if (round && last > 0) {
            links.add(new Links(last, 0, onward(parts.get(last), turned.get(last)), back(parts.get(0), turned.get(0))));
        }
        return links;
    }

    /** The port towards the next part. */
    private static Port onward(PartWork work, boolean turned) {
        return turned || work.last() == null ? work.first() : work.last();
    }

    /** The port towards the part before. */
    static Port back(PartWork work, boolean turned) {
        return turned && work.last() != null ? work.last() : work.first();
    }
}
