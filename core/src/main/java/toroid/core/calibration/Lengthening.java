package toroid.core.calibration;

import java.util.List;
import java.util.Map;
import toroid.core.bend.Hammering;
import toroid.core.form.Learnt;
import toroid.core.numeric.Hierarchy;

/**
 * How much of the thinning goes into length under this maker's hammer, per cent: the estimate for a flat face ({@link Hammering}) moved by
 * each flat measured, the latest most ({@link Hierarchy}, one group); one flat's own spread is {@value #FLAT} (ours).
 *
 * @param percent the best value for the next, 0 to {@value Hammering#MOST_PERCENT}
 * @param halfWidth 95 % of the next flats lie within this of it, per cent
 * @param measurements how many it rests on
 */
public record Lengthening(double percent, double halfWidth, int measurements) {
    static final double FLAT = 4;
    private static final double NINETY_FIVE = 1.96;
    private static final double SPREAD = Hammering.USUAL_SPREAD_PERCENT / NINETY_FIVE;

    /** Hands differ by what the spread of all flats leaves beside one flat's own. */
    private static final double HANDS = Math.sqrt(SPREAD * SPREAD - FLAT * FLAT);

    private static final String ALL = "";
    private static final Hierarchy HAMMERS = Hierarchy.ofOneGroup(HANDS, FLAT);

    /**
     * One flat, measured across.
     *
     * @param wireMm the wire it was
     * @param wideMm the flat's width
     * @param thickMm its thickness
     */
    public record Reading(double wireMm, double wideMm, double thickMm) {
        /** @throws toroid.core.numeric.Refusal when no hammering makes it */
        public double percent() {
            return 100 * Hammering.shareOf(wireMm, wideMm, thickMm);
        }
    }

    /** As the plan takes it. */
    public Learnt learnt() {
        return new Learnt(percent, halfWidth, measurements);
    }

    /** @param readings the oldest first */
    public static Lengthening of(List<Reading> readings) {
        List<Double> off = readings.stream()
                .map(one -> one.percent() - Hammering.USUAL_PERCENT)
                .toList();
        Hierarchy.Estimate own = HAMMERS.of(Map.of(ALL, off)).of(ALL);
        double best = Math.max(0, Math.min(Hammering.MOST_PERCENT, Hammering.USUAL_PERCENT + own.mean()));
        return new Lengthening(best, NINETY_FIVE * own.next(), readings.size());
    }
}
