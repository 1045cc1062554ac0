package toroid.core.stock;

import toroid.core.numeric.Unit;

/** How a kind of stock is counted. */
public enum Measure {
    /** In millimetres; up to 10 km. */
    LENGTH(Unit.MM, 1e7),
    /** In grams; up to 100 kg. */
    MASS(Unit.GRAMS, 1e5),
    /** Whole ones; up to a million. */
    PIECES(Unit.NONE, 1e6);

    private final Unit unit;
    private final double most;

    Measure(Unit unit, double most) {
        this.unit = unit;
        this.most = most;
    }

    public Unit unit() {
        return unit;
    }

    /** The most a lot is said to hold, in its unit. */
    public double most() {
        return most;
    }

    /** In how many of its unit a price is told: a metre is 1000 mm, a gram and a piece are one. */
    public double pricedBy() {
        return this == LENGTH ? 1000 : 1;
    }

    /**
     * What so much of it is worth.
     *
     * @param amount in its unit
     * @param unitPrice of a metre, a gram or a piece, in the workshop's money
     */
    public double worth(double amount, double unitPrice) {
        return amount / pricedBy() * unitPrice;
    }

    /** To whole ones where it is counted in such. */
    double rounded(double amount) {
        return this == PIECES ? Math.rint(amount) : amount;
    }
}
