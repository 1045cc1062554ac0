package toroid.core.ring;

/**
 * How a weave sits in given rings, told by its play: how much thicker wire would still go in, {@code t/d − 1}, t the thickest wire
 * for rings of that mean diameter. The bounds are ours; real rings are neither round nor rigid to a hair, so within ±2 % of the
 * smallest aspect ratio nothing surer than "on the edge" is said.
 */
public enum Tightness {
    /** Aspect ratio more than 2 % below the smallest. */
    WILL_NOT_CLOSE,
    /** Within 2 % of it. */
    ON_THE_EDGE,
    /** Play below {@value #TIGHT_BELOW}: hardly moves. */
    TIGHT,
    /** Play below {@value #USUAL_BELOW}: drapes and keeps its pattern. */
    USUAL,
    /** Play below {@value #LOOSE_BELOW}: the pattern blurs. */
    LOOSE,
    /** More play than that: the pattern no longer holds its shape. */
    FLOPPY;

    public static final double EDGE = 0.02;
    public static final double TIGHT_BELOW = 0.06;
    public static final double USUAL_BELOW = 0.3;
    public static final double LOOSE_BELOW = 0.5;

    /**
     * @param aspectRatio true: measured inner diameter ÷ measured wire, of the first size
     * @param smallest AR_min of that size at the same ratio of sizes
     */
    public static Tightness of(double aspectRatio, double smallest) {
        if (aspectRatio < smallest * (1 - EDGE)) {
            return WILL_NOT_CLOSE;
        }
        if (aspectRatio <= smallest * (1 + EDGE)) {
            return ON_THE_EDGE;
        }
        double play = play(aspectRatio, smallest);
        return play < TIGHT_BELOW ? TIGHT : play < USUAL_BELOW ? USUAL : play < LOOSE_BELOW ? LOOSE : FLOPPY;
    }

    /** {@code t/d − 1 = (AR + 1)/(AR_min + 1) − 1}: both wires on rings of the same mean diameter. Exact. */
    public static double play(double aspectRatio, double smallest) {
        return (aspectRatio + 1) / (smallest + 1) - 1;
    }

    /** The aspect ratio at which the play is so much. */
    public static double aspectRatioAt(double play, double smallest) {
        return (1 + play) * (smallest + 1) - 1;
    }
}
