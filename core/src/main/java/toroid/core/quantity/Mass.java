package toroid.core.quantity;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/** A mass in grams. Finite. */
public record Mass(double inGrams) {
    /** The avoirdupois ounce, exactly (1959 agreement: 1 lb = 0.45359237 kg, 16 oz to the pound). */
    public static final double GRAMS_PER_OUNCE = 28.349523125;

    public Mass {
        Checks.within(
                "mass", inGrams, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Unit.GRAMS, Remedy.GIVE_A_NUMBER);
    }

    public static Mass ofGrams(double grams) {
        return new Mass(grams);
    }

    public static Mass ofOunces(double ounces) {
        return new Mass(ounces * GRAMS_PER_OUNCE);
    }

    public double inOunces() {
        return inGrams / GRAMS_PER_OUNCE;
    }
}
