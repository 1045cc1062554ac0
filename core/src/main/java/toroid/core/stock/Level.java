package toroid.core.stock;

/**
 * What is left of a lot, by its moves and by what jobs have put by of it, in its measure's unit.
 *
 * @param left what is there; never below nothing
 * @param overdrawn how much more was taken than it was said to hold: count it anew
 * @param reserved what jobs not yet made will take of it
 * @param free what is left for others; below nothing where more is promised than there is
 * @param low whether its mark for buying more is reached
 */
public record Level(double left, double overdrawn, double reserved, double free, boolean low) {
    /** Sums of thousands of moves differ by the order they are added in; below this, in its unit, nothing is there. */
    private static final double NOTHING = 1e-6;

    /**
     * @param balance the sum of its moves
     * @param lowMark at or below which more is bought; null for no mark
     */
    public static Level of(double balance, double reserved, Double lowMark) {
        double sum = Math.abs(balance) < NOTHING ? 0 : balance;
        double left = Math.max(0, sum);
        double free = left - reserved;
        return new Level(left, Math.max(0, -sum), reserved, free, lowMark != null && free <= lowMark);
    }
}
