package toroid.core.stock;

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

    /** Of one copy, where this is of so many. */
    public Draw each(int copies) {
        return new Draw(lot, amount / copies);
    }
}
