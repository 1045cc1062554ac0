package toroid.core.price;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What a workshop reckons with, in its own money.
 *
 * @param perHour of hands, 0 to 10,000
 * @param overheadPercent on material and hands: rent, tools, light; 0 to 500
 * @param marginPercent of the price before tax that is to be kept; 0 to 90
 * @param taxPercent on the price before tax; 0 to 100
 * @param consumablesEach flux, pickle, polish, blades for one copy, 0 to 1,000; 0 where null, as before it was asked for
 */
public record Rates(
        double perHour, double overheadPercent, double marginPercent, double taxPercent, Double consumablesEach) {
    /** A margin of all of it has no price. */
    private static final double MOST_MARGIN = 90;

    public Rates {
        Checks.within("perHour", perHour, 0, 10_000, Unit.NONE, Remedy.CHECK_THE_PRICE);
        Checks.within("overheadPercent", overheadPercent, 0, 500, Unit.PERCENT, Remedy.CHECK_THE_PRICE);
        Checks.within("marginPercent", marginPercent, 0, MOST_MARGIN, Unit.PERCENT, Remedy.CHECK_THE_PRICE);
        Checks.within("taxPercent", taxPercent, 0, 100, Unit.PERCENT, Remedy.CHECK_THE_PRICE);
        consumablesEach = consumablesEach == null ? Double.valueOf(0) : consumablesEach;
        Checks.within("consumablesEach", consumablesEach, 0, 1000, Unit.NONE, Remedy.CHECK_THE_PRICE);
    }

    /** While a workshop said nothing: 20 an hour, 15 % overhead, 30 % margin, no tax, consumables within the overhead. Our own, to be set. */
    public static final Rates USUAL = new Rates(20, 15, 30, 0, 0.0);
}
