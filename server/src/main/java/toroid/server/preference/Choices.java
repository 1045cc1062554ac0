package toroid.server.preference;

import jakarta.validation.constraints.NotNull;
import toroid.core.numeric.Checks;
import toroid.core.quantity.GaugeTable;
import toroid.core.ring.CoilAllowances;
import toroid.core.ring.RingAim;
import toroid.server.ring.RingJobData;

/**
 * The maker's choices; new jobs start from them.
 *
 * @param units what is shown first
 * @param bareGauge the table for a gauge that does not name its own
 * @param convention which size names a ring
 * @param winding how wire is wound
 * @param cutMethod {@code saw}, {@code flush} or {@code none}
 * @param kerfMm for saws
 * @param sparePercent made on top
 */
public record Choices(
        @NotNull Units units,
        @NotNull GaugeTable bareGauge,
        @NotNull RingAim.Convention convention,
        @NotNull RingJobData.Winding winding,
        @NotNull String cutMethod,
        @NotNull double kerfMm,
        @NotNull double sparePercent,
        @NotNull double leadMm,
        @NotNull double tailMm,
        @NotNull int spoiltTurnsPerEnd) {
    /** Which tongue comes first; the other always stands beside it. */
    public enum Units {
        MILLIMETRES,
        INCHES
    }

    /** The defaults: where practitioners disagree, one of the schools, to be chosen otherwise. */
    static Choices usual() {
        return new Choices(
                Units.MILLIMETRES,
                GaugeTable.AWG,
                RingAim.Convention.INNER,
                RingJobData.Winding.TURNED,
                "saw",
                0.3,
                5,
                25,
                40,
                1);
    }

    void check() {
        Checks.within("kerfMm", kerfMm, 0, 2, "mm", "Usual blades take 0.2 to 0.5.");
        Checks.within("sparePercent", sparePercent, 0, 100, "%", "Five is usual.");
        new CoilAllowances(leadMm, tailMm, spoiltTurnsPerEnd, 100, CoilAllowances.CARRIED_FEED_MM);
        new toroid.server.ring.CutData(cutMethod, kerfMm, null, null).toCore(1);
    }
}
