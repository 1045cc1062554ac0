package toroid.core.calibration;

import java.util.List;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Hierarchy;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Turns of a coil that come to no good ring: spoilt at its ends, left over, cut badly. The trade's habit is one at each end; each coil whose good
 * rings were counted moves it, the latest most ({@link Hierarchy}, one group): the habit {@value #USUAL}, its spread between makers {@value
 * #SPREAD}, one coil's own {@value #COIL} (ours).
 *
 * @param turns lost by the next coil, at best; 0 up
 * @param halfWidth 95 % of the next coils lie within this of it, turns
 * @param measurements coils it rests on
 * @param perEnd whole turns to plan at each end so that a usual coil gives what it should
 */
public record CoilLosses(double turns, double halfWidth, int measurements, int perEnd) {
    static final double USUAL = 2;
    static final double SPREAD = 2;
    static final double COIL = 1;
    private static final double NINETY_FIVE = 1.96;
    private static final int MOST_PER_END = 10;
    private static final String ALL = "";
    private static final Hierarchy HANDS = Hierarchy.ofOneGroup(SPREAD, COIL);

    /**
     * One coil.
     *
     * @param good rings it gave that are kept
     * @param planned rings it should give
     * @param turns of one ring
     * @param beyond turns it had beyond those of its rings
     */
    public record Reading(double good, double planned, int turns, double beyond) {
        public Reading {
            Checks.within("value", good, 0, 100_000, Unit.RINGS, Remedy.COUNT_THEM_AGAIN);
            Checks.within("beyond", beyond, 0, 1000, Unit.TURNS, Remedy.COUNT_THEM_AGAIN);
        }

        /** Of a coil that gave more than planned fewer were lost, never less than none. */
        double lost() {
            return Math.max(0, beyond + (planned - good) * turns);
        }
    }

    /** @param readings the oldest first */
    public static CoilLosses of(List<Reading> readings) {
        List<Double> off = readings.stream().map(one -> one.lost() - USUAL).toList();
        Hierarchy.Estimate own = HANDS.of(Map.of(ALL, off)).of(ALL);
        double turns = Math.max(0, USUAL + own.mean());
        return new CoilLosses(
                turns, NINETY_FIVE * own.next(), readings.size(), (int) Math.min(MOST_PER_END, Math.round(turns / 2)));
    }
}
