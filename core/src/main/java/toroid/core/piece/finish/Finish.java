package toroid.core.piece.finish;

import toroid.core.form.HandWork;

/**
 * What is done to a piece besides making it, in the order hands do it. Common practice of the trade; the supplier's data sheet comes first.
 * Hands' minutes are our own figures, from memory of benches, within {@link toroid.core.form.HandTime#WITHIN} times either way.
 */
public enum Finish {
    /** Darkened in a warm bath of sulphur compounds, rinsed, neutralised, dried. */
    COLOUR(true, 600, 3),
    /** The raised places made bright again with a fine pad, the recesses left dark. */
    RUB_BACK(true, 60, 15),
    /** Turned with steel shot, water and a drop of soap: bright, and harder at the surface. */
    TUMBLE(true, 480, 2),
    /** A thin coat of wax against skin and air, rubbed on cold with a cloth and buffed. */
    SEAL(false, 120, 10);

    /** In the barrel, minutes: common practice one to two hours. */
    public static final double TUMBLED_MINUTES = 90;

    private final boolean asksAll;
    private final double onceSeconds;
    private final double eachSeconds;

    Finish(boolean asksAll, double onceSeconds, double eachSeconds) {
        this.asksAll = asksAll;
        this.onceSeconds = onceSeconds;
        this.eachSeconds = eachSeconds;
    }

    /** Whether all that is on the piece has to withstand it; a cloth goes round what does not. */
    public boolean asksAll() {
        return asksAll;
    }

    /**
     * The hands' work, waits apart.
     *
     * @param parts how many it is done to, 0 up
     */
    public HandWork work(int parts) {
        return HandWork.seconds(name(), onceSeconds + eachSeconds * parts);
    }
}
