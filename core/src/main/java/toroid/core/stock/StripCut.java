package toroid.core.stock;

import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What became of a strip as it was cut: {@code held = Σ lengths + away + left}. Exact. The last cut takes no more than there is: where
 * the lengths and all but the last kerf use the strip up, its end needs no cut.
 *
 * @param cutMm in its lengths
 * @param awayMm kerfs, and what is left where that is shorter than is kept
 * @param leftMm kept; 0 or at least the useful length
 */
public record StripCut(double cutMm, double awayMm, double leftMm) {
    /** A hundredth of what a ruler tells apart, mm. */
    private static final double CRUMB_MM = 1e-3;

    private static final double MOST_KERF_MM = 20;
    private static final double LONGEST_MM = 1e6;
    private static final int MOST = 10_000;

    /**
     * @param lengthMm above 0, to a kilometre
     * @param count 1 to 10,000
     */
    public record Length(double lengthMm, int count) {
        public Length {
            Checks.within("lengthMm", lengthMm, CRUMB_MM, LONGEST_MM, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
            Checks.within("count", count, 1, MOST, Unit.NONE, Remedy.ASK_FOR_FEWER);
        }
    }

    /**
     * @param heldMm as long as the strip was, mm
     * @param lengths cut from it
     * @param kerfMm each cut takes, 0 to 20 mm
     * @param usefulMm from which length on what is left is kept, mm
     * @throws Refusal when the strip is too short for all of it
     */
    public static StripCut of(double heldMm, List<Length> lengths, double kerfMm, double usefulMm) {
        Checks.within("kerfMm", kerfMm, 0, MOST_KERF_MM, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("usefulMm", usefulMm, 0, LONGEST_MM, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        double cut = 0;
        int cuts = 0;
        for (Length one : lengths) {
            cut += one.lengthMm() * one.count();
            cuts += one.count();
        }
        if (cut + (cuts - 1) * kerfMm > heldMm + CRUMB_MM) {
            throw Refusal.of(RefusalCode.STRIP_TOO_SHORT, "heldMm", heldMm).with("needsMm", cut + (cuts - 1) * kerfMm);
        }
        double left = Math.max(0, heldMm - cut - cuts * kerfMm);
        boolean keeps = left >= usefulMm && left > CRUMB_MM;
        double kept = keeps ? left : 0;
        return new StripCut(cut, Math.max(0, heldMm - cut - kept), kept);
    }
}
