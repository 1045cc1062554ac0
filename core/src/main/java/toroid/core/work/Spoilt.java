package toroid.core.work;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What came to nothing at an operation and is made again: all its chain took for it is lost, see {@link Plan#chain}.
 *
 * @param operation at which, by its id
 * @param times how often of the operation's own times: copies of a form, rings, parts
 * @param said in the maker's words; what it was where the reason is another
 * @param copy the first of the copies in hand then, from 0; null where that was not noted
 */
public record Spoilt(String operation, int times, Why why, String said, Integer copy) {
    /** Of no copy in particular. */
    public Spoilt(String operation, int times, Why why, String said) {
        this(operation, times, why, said, null);
    }

    /** What went wrong, as hands name it. */
    public enum Why {
        BROKE,
        BENT_WRONG,
        MARKED,
        WRONG_SIZE,
        MELTED,
        LOST,
        OTHER
    }

    void check(Plan plan, int copies) {
        long most = Math.max(1L, (long) plan.operation(operation).times() * copies);
        Checks.within("times", times, 1, most, Unit.TIMES, Remedy.RELOAD_THE_RUN);
        if (copy != null) {
            Checks.within("copy", copy, 0, copies, Unit.COPIES, Remedy.RELOAD_THE_RUN);
        }
        Skipped.demandWords(said, why == Why.OTHER);
    }
}
