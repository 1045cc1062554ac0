package toroid.core.work;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.finish.Finish;

/**
 * What has to pass after an operation before the next that touches it.
 *
 * @param kind what is waited for
 * @param minutes at least so long
 */
public record Wait(Kind kind, double minutes) {
    /** What is waited for. */
    public enum Kind {
        GLUE_SETS,
        /** Shot turns over it. */
        TUMBLES,
        /** Oxide and flux come off in warm pickle. */
        PICKLES
    }

    /** Glue is left a day: common practice, the supplier's data sheet first. */
    public static final Wait GLUE = new Wait(Kind.GLUE_SETS, 24 * 60);

    /** An hour and a half in the barrel; common practice one to two hours. */
    public static final Wait TUMBLE = new Wait(Kind.TUMBLES, Finish.TUMBLED_MINUTES);

    /** Ten minutes in warm pickle; common practice, fresh pickle less, tired pickle more. */
    public static final Wait PICKLE = new Wait(Kind.PICKLES, 10);

    public Wait {
        Checks.within("minutes", minutes, 0, 100_000, Unit.MINUTES, Remedy.GIVE_ZERO_OR_MORE);
    }
}
