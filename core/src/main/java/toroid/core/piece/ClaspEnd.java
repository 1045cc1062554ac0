package toroid.core.piece;

import java.util.List;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.piece.part.PartWork;

/**
 * The end of a row that closes it on a body, a hook, a clasp or half of a toggle: joined last, so that the rest can be held to the body while
 * the clasp is not cut yet, and made longer or shorter. Common practice.
 */
final class ClaspEnd {
    /** Where a row has none. */
    static final int NONE = -1;

    private ClaspEnd() {}

    /** Its place; {@link #NONE} where the row is round or nothing at its ends closes it. Of two the one with the mouth, else the first. */
    static int of(List<Piece.Placed> placed, List<PartWork> parts, List<Hung> hung, boolean round) {
        int last = parts.size() - 1;
        while (placed.get(last).depth() > 0) {
            last--;
        }
        if (round || last == 0) {
            return NONE;
        }
        for (Opening way : List.of(Opening.MOUTH, Opening.ON_END)) {
            for (int end : new int[] {0, last}) {
                Port port = outward(parts.get(end), hung.get(end), end == 0);
                if (port != null && port.opens() == way && !parts.get(end).isRing()) {
                    return end;
                }
            }
        }
        return NONE;
    }

    /** The port a part at an end has for what is beyond it; null where it has none. */
    static Port outward(PartWork part, Hung hung, boolean first) {
        if (part.last() == null) {
            return null;
        }
        return first ? hung.in() : hung.onward();
    }
}
