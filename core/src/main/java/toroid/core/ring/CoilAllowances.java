package toroid.core.ring;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;

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
        Checks.within("leadMm", leadMm, 0, 500, Unit.MM, Usual.about(25, Unit.MM));
        Checks.within("tailMm", tailMm, 0, 500, Unit.MM, Usual.about(40, Unit.MM));
        Checks.within("spoiltTurnsPerEnd", spoiltTurnsPerEnd, 0, 10, Unit.TURNS, Usual.about(1, Unit.TURNS));
        Checks.within("usableMandrelMm", usableMandrelMm, 5, 3000, Unit.MM, Remedy.MEASURE_THE_RODS_FREE_LENGTH);
        if (Double.isNaN(longestFeedMm) || longestFeedMm < 100) {
            throw toroid.core.numeric.Refusal.outOfRange(
                    "longestFeedMm", longestFeedMm, 100, Double.POSITIVE_INFINITY, Unit.MM, Usual.about(1500, Unit.MM));
        }
    }
}
