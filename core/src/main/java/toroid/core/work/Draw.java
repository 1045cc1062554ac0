package toroid.core.work;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What an operation takes from stock, each time it is done.
 *
 * @param lot which: a lot's id as the stock keeps it
 * @param lengthMm of wire, 0 up
 */
public record Draw(String lot, double lengthMm) {
    public Draw {
        Checks.within("lengthMm", lengthMm, 0, 1e9, Unit.MM, Remedy.SPLIT_THE_JOB);
    }
}
