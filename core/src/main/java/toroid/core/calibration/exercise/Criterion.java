package toroid.core.calibration.exercise;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What is measured of each go.
 *
 * @param id within its exercise, such as {@code height}
 * @param quantity as a reading names it
 * @param within how far from the target, or the two of a pair from each other, is good; mm, a share of one half where judged
 * @param worst the last value there is where it is judged by eye, 0 being right; null for a length
 */
public record Criterion(String id, String quantity, double within, Integer worst) {
    public boolean judged() {
        return worst != null;
    }

    /** @throws Refusal when it cannot be judged so */
    public void check(double value) {
        if (judged()) {
            Checks.within("value", value, 0, worst, Unit.NONE, Remedy.PRESS_WHAT_YOU_SEE);
            if (value != Math.rint(value)) {
                throw Refusal.of(RefusalCode.COUNTED_IN_WHOLE_ONES, "value", value);
            }
        }
    }

    /** A length, mm. */
    static Criterion mm(String id, String quantity, double within) {
        return new Criterion(id, quantity, within, null);
    }

    /** @param worst the last value there is, 1 up */
    static Criterion byEye(String id, String quantity, int worst) {
        return new Criterion(id, quantity, 0.5, worst);
    }
}
