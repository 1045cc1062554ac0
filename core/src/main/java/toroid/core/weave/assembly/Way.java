package toroid.core.weave.assembly;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;

/**
 * How the maker goes about it.
 *
 * @param sheet row by row, or in strips joined afterwards; for sheets
 * @param doubling where two rings take the same path: one after the other, or all firsts before any second
 * @param hold how many loose closed rings an open ring picks up at a time; four is common practice
 */
public record Way(Sheet sheet, Doubling doubling, int hold) {
    public static final Way USUAL = new Way(Sheet.ROWS, Doubling.TOGETHER, 4);

    static final int NO_LIMIT = 1000;

    /** How a sheet grows. */
    public enum Sheet {
        ROWS,
        STRIPS
    }

    /** When a ring's double comes in. */
    public enum Doubling {
        TOGETHER,
        AFTERWARDS
    }

    public Way {
        Checks.within("hold", hold, 0, NO_LIMIT, Unit.RINGS, Usual.about(4, Unit.RINGS));
    }

    /** The same way with hands that hold any number. */
    Way withoutLimit() {
        return new Way(sheet, doubling, NO_LIMIT);
    }
}
