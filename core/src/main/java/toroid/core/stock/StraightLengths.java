package toroid.core.stock;

/** Wire in straight lengths of one size, as many as are left; what is less than a whole one was cut off before and lies last. Exact. */
public final class StraightLengths {
    /** A last length shorter than this is none, mm. */
    private static final double NOTHING_MM = 1;

    private StraightLengths() {}

    /**
     * How long one of them is, mm; 0 where there is none.
     *
     * @param eachMm above 0
     * @param leftMm of all
     * @param place from 1
     */
    public static double of(double eachMm, double leftMm, int place) {
        double rest = leftMm - (place - 1) * eachMm;
        return rest < NOTHING_MM ? 0 : Math.min(eachMm, rest);
    }
}
