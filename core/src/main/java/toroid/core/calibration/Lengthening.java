package toroid.core.calibration;

import java.util.List;
import toroid.core.bend.Hammering;
import toroid.core.form.Learnt;

/**
 * How much of the thinning goes into length under this maker's hammer, per cent: the estimate for a flat face ({@link Hammering}) moved by
 * each flat measured. Normal prior and normal errors, as in {@link Looseness}; one flat's own spread is {@value #FLAT} (ours).
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

    public static Lengthening of(List<Reading> readings) {
        double weight = 1 / (HANDS * HANDS);
        double sum = Hammering.USUAL_PERCENT * weight;
        for (Reading reading : readings) {
            sum += reading.percent() / (FLAT * FLAT);
            weight += 1 / (FLAT * FLAT);
        }
        double best = Math.max(0, Math.min(Hammering.MOST_PERCENT, sum / weight));
        return new Lengthening(best, NINETY_FIVE * Math.sqrt(1 / weight + FLAT * FLAT), readings.size());
    }
}
