package toroid.core.calibration;

import java.util.List;
import java.util.Map;
import toroid.core.form.Learnt;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Hierarchy;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * How much longer than the least this maker's coils on coils come out, per cent: the trade's habit, 0 to 20, moved by each finished one
 * measured, the latest most ({@link Hierarchy}, one group): the habit {@value #USUAL}, its spread between makers {@value #SPREAD}, one piece's
 * own {@value #PIECE} (ours).
 *
 * @param percent the best value for the next, 0 to {@value #MOST}
 * @param halfWidth 95 % of the next lie within this of it, per cent
 * @param measurements how many it rests on
 */
public record Looseness(double percent, double halfWidth, int measurements) {
    static final double USUAL = 10;
    static final double SPREAD = 5;
    static final double PIECE = 3;
    static final double MOST = 60;
    private static final double NINETY_FIVE = 1.96;
    private static final String ALL = "";
    private static final Hierarchy HANDS = Hierarchy.ofOneGroup(SPREAD, PIECE);

    /**
     * One finished piece.
     *
     * @param finishedMm as measured, plain turns included
     * @param leastMm what its coil could be at the least, plain turns left out, above zero
     * @param plainMm the plain turns
     */
    public record Reading(double finishedMm, double leastMm, double plainMm) {
        public Reading {
            Checks.within("value", finishedMm, 0, 1e4, Unit.MM, Remedy.MEASURE_THE_FINISHED_LENGTH);
            Checks.within("predicted", leastMm, 0.1, 1e4, Unit.MM, Remedy.GIVE_THE_LEAST_IT_CAN_BE);
            Checks.within("plainMm", plainMm, 0, 1e4, Unit.MM, Remedy.GIVE_THE_PLAIN_TURNS_LENGTH);
        }

        double percent() {
            return 100 * ((finishedMm - plainMm) / leastMm - 1);
        }
    }

    /** As the plan takes it. */
    public Learnt learnt() {
        return new Learnt(percent, halfWidth, measurements);
    }

    /** @param readings the oldest first */
    public static Looseness of(List<Reading> readings) {
        List<Double> off = readings.stream().map(one -> one.percent() - USUAL).toList();
        Hierarchy.Estimate own = HANDS.of(Map.of(ALL, off)).of(ALL);
        double best = Math.max(0, Math.min(MOST, USUAL + own.mean()));
        return new Looseness(best, NINETY_FIVE * own.next(), readings.size());
    }
}
