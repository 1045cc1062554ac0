package toroid.core.quantity;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/** A stress, or a modulus, in megapascals (= N/mm²). Finite and positive. */
public record Stress(double inMegapascals) {
    public Stress {
        Checks.within("stress", inMegapascals, Double.MIN_VALUE, 1e7, Unit.MPA, Remedy.GIVE_A_POSITIVE_STRESS);
    }

    public static Stress ofMegapascals(double megapascals) {
        return new Stress(megapascals);
    }

    public static Stress ofGigapascals(double gigapascals) {
        return new Stress(gigapascals * 1000);
    }

    public double inGigapascals() {
        return inMegapascals / 1000;
    }
}
