package toroid.core.form;

/**
 * What measured copies say of a share that is the hand's own, per cent: the best value for the next, within what 95 % of the next lie, and
 * from how many.
 *
 * @param best per cent
 * @param halfWidth per cent, from 0
 * @param from how many were measured
 */
public record Learnt(double best, double halfWidth, int from) {
    /** Nothing measured yet: whatever is chosen, the trade's or our own spread about it. */
    public static Learnt nothing(double halfWidth) {
        return new Learnt(Double.NaN, halfWidth, 0);
    }

    /** The least the share may be, where {@code chosen} is planned with: what was measured, and the choice. Per cent, from 0. */
    public double low(double chosen) {
        return Math.max(0, from == 0 ? chosen - halfWidth : Math.min(chosen, best - halfWidth));
    }

    /** The most the share may be, where {@code chosen} is planned with, per cent. */
    public double high(double chosen) {
        return from == 0 ? chosen + halfWidth : Math.max(chosen, best + halfWidth);
    }

    /** For the end of a source: from how many it is learnt, or nothing. */
    public String told(String what) {
        return from == 0 ? "" : " Its band is learnt from " + from + " " + what + (from == 1 ? "." : "s.");
    }
}
