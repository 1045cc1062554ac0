package toroid.core.quantity;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/** A force in newtons. Finite. */
public record Force(double inNewtons) {
    /** Standard gravity, m/s², exactly (3rd CGPM, 1901). */
    public static final double STANDARD_GRAVITY = 9.80665;

    public Force {
        Checks.within(
                "force",
                inNewtons,
                Double.NEGATIVE_INFINITY,
                Double.POSITIVE_INFINITY,
                Unit.NEWTONS,
                Remedy.GIVE_A_NUMBER);
    }

    public static Force ofNewtons(double newtons) {
        return new Force(newtons);
    }

    /** The mass in grams whose weight at standard gravity is this force. */
    public double inGramsForce() {
        return inNewtons / STANDARD_GRAVITY * 1000;
    }
}
