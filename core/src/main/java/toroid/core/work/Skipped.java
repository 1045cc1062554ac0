package toroid.core.work;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * An operation that was passed by: nothing is taken from stock for it.
 *
 * @param operation by its id
 * @param times how often of its own times, over all copies passed
 * @param said in the maker's words; what it was where the reason is another
 */
public record Skipped(String operation, int times, Reason why, String said) {
    /** Why it was not done. */
    public enum Reason {
        NOT_NEEDED,
        DONE_BEFORE,
        NO_TOOL,
        LATER,
        OTHER
    }

    /** All that was passed by of it is at most what was passed, and what came to nothing after it had been. */
    void check(Plan plan, Progress progress, int lost) {
        int most = plan.operation(operation).eachTimes() * progress.doneOf(operation) + lost;
        Checks.within("times", times, 1, Math.max(1, most), Unit.TIMES, Remedy.RELOAD_THE_RUN);
        Checks.within("skipped", progress.skippedOf(operation), 0, most, Unit.TIMES, Remedy.RELOAD_THE_RUN);
        demandWords(said, why == Reason.OTHER);
    }

    /** @throws Refusal when another reason is left without words */
    static void demandWords(String said, boolean other) {
        if (other && said.isBlank()) {
            throw Refusal.of(RefusalCode.REASON_WITHOUT_WORDS, "said", null);
        }
    }
}
