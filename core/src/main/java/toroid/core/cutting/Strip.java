package toroid.core.cutting;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Wire to cut from: a spool's, a straight length, an offcut; several alike are one with a count.
 *
 * @param id of it, the caller's own
 * @param lengthMm above 0, to a kilometre, mm
 * @param count that many of that length, 0 to 10,000
 * @param offcut left over from earlier work: cut from before others where that uses up no more
 * @param marginMm at its end, that is not used: kinked or held in the spool; less than the length
 */
public record Strip(String id, double lengthMm, int count, boolean offcut, double marginMm) {
    public static final double SHORTEST_MM = 1e-3;
    public static final double LONGEST_MM = 1e6;
    public static final int MOST = 10_000;

    public Strip {
        Checks.within("stock.lengthMm", lengthMm, SHORTEST_MM, LONGEST_MM, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("stock.count", count, 0, MOST, Unit.NONE, Remedy.ASK_FOR_FEWER);
        Checks.within("stock.marginMm", marginMm, 0, lengthMm, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
    }

    public Strip(String id, double lengthMm, int count, boolean offcut) {
        this(id, lengthMm, count, offcut, 0);
    }
}
