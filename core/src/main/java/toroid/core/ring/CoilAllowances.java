package toroid.core.ring;

import toroid.core.numeric.Checks;

/**
 * What the hand needs beyond the rings.
 *
 * @param leadMm bent into the mandrel's hole or chuck, 0 to 500 mm
 * @param tailMm to hold at the end, 0 to 500 mm
 * @param spoiltTurnsPerEnd malformed turns thrown away at each end, 0 to 10
 * @param usableMandrelMm how long a coil the mandrel takes, 5 to 3000 mm
 * @param longestFeedMm how long a piece of wire may be handled, 100 mm up; about 1.5 m where wire is carried round a fixed
 *     rod (longer twists and kinks), unlimited where the rod turns
 */
public record CoilAllowances(
        double leadMm, double tailMm, int spoiltTurnsPerEnd, double usableMandrelMm, double longestFeedMm) {
    /** Wire carried round a fixed rod twists; cut at most about this first (common practice). */
    public static final double CARRIED_FEED_MM = 1500;

    /** Nothing beyond the rings, any length. */
    public static final CoilAllowances NONE = new CoilAllowances(0, 0, 0, 3000, Double.POSITIVE_INFINITY);

    public CoilAllowances {
        Checks.within("leadMm", leadMm, 0, 500, "mm", "About 25 is usual.");
        Checks.within("tailMm", tailMm, 0, 500, "mm", "About 40 is usual.");
        Checks.within("spoiltTurnsPerEnd", spoiltTurnsPerEnd, 0, 10, "turns", "One is usual.");
        Checks.within("usableMandrelMm", usableMandrelMm, 5, 3000, "mm", "Measure the rod's free length.");
        if (Double.isNaN(longestFeedMm) || longestFeedMm < 100) {
            throw toroid.core.numeric.Refusal.outOfRange(
                    "longestFeedMm", longestFeedMm, 100, Double.POSITIVE_INFINITY, "mm", "About 1500 is usual.");
        }
    }
}
