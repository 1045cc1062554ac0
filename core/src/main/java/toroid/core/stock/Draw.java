package toroid.core.stock;

import java.util.ArrayList;
import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What an operation takes from stock, each time it is done.
 *
 * @param lot which: a lot's id as the stock keeps it
 * @param amount in the lot's unit (mm, g or pieces), 0 up
 */
public record Draw(String lot, double amount) {
    public Draw {
        Checks.within("amount", amount, 0, 1e9, Unit.NONE, Remedy.SPLIT_THE_JOB);
    }

    /**
     * Draws of what is counted, told apart: the first so many, and the rest.
     *
     * @param first how many, 0 up to all of them
     * @return two lists; what comes from a lot only in part is in both
     */
    public static List<List<Draw>> parted(List<Draw> draws, double first) {
        var before = new ArrayList<Draw>();
        var after = new ArrayList<Draw>();
        double wanted = first;
        for (Draw draw : draws) {
            double some = Math.min(wanted, draw.amount());
            wanted -= some;
            if (some > 0) {
                before.add(new Draw(draw.lot(), some));
            }
            if (some < draw.amount()) {
                after.add(new Draw(draw.lot(), draw.amount() - some));
            }
        }
        return List.of(before, after);
    }

    /** Several lists of draws as one. */
    public static List<Draw> joined(List<List<Draw>> parts) {
        return parts.stream().flatMap(List::stream).toList();
    }

    /** All of them of one copy, where they are of so many. */
    public static List<Draw> each(List<Draw> draws, int copies) {
        return draws.stream().map(draw -> draw.each(copies)).toList();
    }

    /** Of one copy, where this is of so many. */
    public Draw each(int copies) {
        return new Draw(lot, amount / copies);
    }
}
