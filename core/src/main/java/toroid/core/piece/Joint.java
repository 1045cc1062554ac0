package toroid.core.piece;

import toroid.core.form.Port;

/**
 * Two neighbours hung in each other.
 *
 * @param a place of the one in the row
 * @param b place of the other; the next one, or the first of a round piece
 * @param portA where it is hung in the one
 * @param portB where it is hung in the other
 * @param way how it is made
 * @param byB whether it is b's side that hooks, opens or is closed; a's otherwise
 */
public record Joint(int a, int b, Port portA, Port portB, Way way, boolean byB) {
    /** What a hand does to make it. */
    public enum Way {
        /** Hung in at any time. */
        HOOKED,
        /** A ring or a plain loop opened sideways, hung in and closed; or a ring of several turns turned on. */
        OPENED,
        /** Formed round its neighbour and closed there, while it is made. */
        CLOSED_ROUND,
        /** A ring that is to be soldered, closed round its neighbours and soldered there: all of them stand the torch. */
        SOLDERED_ROUND,
        /** Both sides are closed for good. */
        IMPOSSIBLE
    }

    /** The part whose side makes it. */
    public int maker() {
        return byB ? b : a;
    }

    public Port makersPort() {
        return byB ? portB : portA;
    }

    /**
     * How far the two may turn against each other from square, either way, degrees: two round-wire loops pulled against each other touch at
     * their bearing points and turn freely as long as {@code |cos θ| ≤ √((1 − D/R_A)(1 − D/R_B))}, R the radii of their middle lines there, D
     * the mean of their thicknesses; so {@code asin} of that. Derived by us. 0 where a loop is as tight as its neighbour's wire.
     */
    public double freeDegrees() {
        double mean = (portA.wireMm() + portB.wireMm()) / 2;
        double one = 1 - 2 * mean / (portA.insideMm() + portA.wireMm());
        double other = 1 - 2 * mean / (portB.insideMm() + portB.wireMm());
        return Math.toDegrees(Math.asin(Math.sqrt(Math.max(0, one) * Math.max(0, other))));
    }
}
