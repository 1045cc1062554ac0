package toroid.core.cutting;

import java.util.ArrayList;
import java.util.List;

/**
 * Ways to fill a strip that are worth more than they cost by what the master programme says a length is worth (Gilmore and Gomory 1961). A
 * strip is filled to its end, and all of it is used up; or so that what is left is useful, and only what is cut is.
 */
final class Pricing {
    private static final double GAIN_MM = 1e-6;

    private Pricing() {}

    /**
     * What was found in one round.
     *
     * @param columns of use
     * @param gainMm for each kind of strip, what no filling gains more than, mm
     */
    record Round(List<Column> columns, double[] gainMm) {}

    /**
     * @param worth of one of each kind of length, mm
     * @param rest how many of each are to cut
     * @param stripDual what a strip of each kind costs besides, mm, nothing or less
     * @param looks for each filling
     */
    static Round round(Kinds kinds, double[] worth, int[] rest, int[] there, double[] stripDual, long looks) {
        var columns = new ArrayList<Column>();
        double[] gain = new double[kinds.strips()];
        double[] above = new double[worth.length];
        for (int k = 0; k < worth.length; k++) {
            above[k] = worth[k] - kinds.size[k] / Kinds.NM_IN_MM;
        }
        for (int s = 0; s < kinds.strips(); s++) {
            if (there[s] == 0) {
                continue;
            }
            double costMm = kinds.length[s] / Kinds.NM_IN_MM;
            Knapsack.Found full = Knapsack.best(worth, kinds.size, rest, kinds.room[s], looks);
            gain[s] = Math.max(0, full.bound() - costMm);
            add(kinds, columns, s, full.counts(), full.value() - costMm + stripDual[s]);
            if (kinds.thrifty[s] > 0) {
                Knapsack.Found part = Knapsack.best(above, kinds.size, rest, kinds.thrifty[s], looks);
                gain[s] = Math.max(gain[s], part.bound());
                add(kinds, columns, s, part.counts(), part.value() + stripDual[s]);
            }
        }
        return new Round(columns, gain);
    }

    private static void add(Kinds kinds, List<Column> columns, int strip, int[] counts, double gainMm) {
        if (gainMm > GAIN_MM) {
            columns.add(Column.of(kinds, strip, counts));
        }
    }
}
