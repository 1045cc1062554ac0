package toroid.core.weave.solve;

/**
 * Rings that may move together: what {@link Tightest} and {@link PitchSolve} need to know of them. Immutable; every move gives another.
 *
 * @param <M> itself
 */
public interface Movable<M extends Movable<M>> {
    /** The length everything is measured by: the first ring's radius. */
    double unit();

    /** How many numbers a move has. */
    int columns();

    /** What stands in a column that is a size and not a motion: a pitch, a larger ring's radius. */
    double size(int column);

    /** Every near place where two rings could touch, not further apart than {@code reach}. */
    Gaps gaps(double reach);

    /** The smallest gap; infinite when none is within {@code reach}. */
    double smallest(double reach);

    /** Moved {@code scale} times by that, a little: who is near whom is taken to be as it was. */
    M stepped(double[] by, double scale);

    /** The same rings, looked at anew who is near whom. */
    M settled();

    /** How far such a move brings any ring against another, at most. */
    double furthest(double[] by);

    /** As much further as {@code share} times the way from {@code before} to here. */
    M beyond(M before, double share);

    /** How far any ring is from where it is there, at most. */
    double furthestFrom(M other);

    /** Distances and how each changes, to first order, with every number of a move. */
    interface Gaps {
        int count();

        double distance(int contact);

        double[] row(int contact);
    }
}
