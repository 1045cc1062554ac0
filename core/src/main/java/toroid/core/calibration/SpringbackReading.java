package toroid.core.calibration;

import toroid.core.bend.Springback;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.ring.ClosedRing;
import toroid.core.ring.Ring;
import toroid.core.ring.RingCut;
import toroid.core.wire.Wire;

/**
 * One measurement brought to the sprung coil: wire, mandrel and sprung inner diameter, mm. A reading may lie below the mandrel
 * by no more than {@value #CALIPER_SLACK_MM} mm (soft wire read with a caliper).
 */
public record SpringbackReading(double wireDiameterMm, double mandrelDiameterMm, double sprungInnerMm) {
    public static final double CALIPER_SLACK_MM = 0.15;
    /** A coil more than this much larger than its rod is a slip of the pen or another rod. */
    public static final double MOST_OPENING = 2.0;

    /** What was put between the jaws. */
    public enum Measured {
        COIL_INNER,
        COIL_OUTER,
        RING_INNER,
        RING_OUTER
    }

    public SpringbackReading {
        Wire.checkDiameter(wireDiameterMm);
        Springback.checkMandrel(mandrelDiameterMm);
        Checks.within(
                "innerDiameterMm",
                sprungInnerMm,
                Math.max(Ring.SMALLEST_INNER_MM, mandrelDiameterMm - CALIPER_SLACK_MM),
                mandrelDiameterMm * MOST_OPENING,
                Unit.MM,
                Remedy.NO_COIL_IS_SMALLER_THAN_ITS_ROD);
    }

    /**
     * From what was measured: an outer diameter loses two wires, a closed ring gets its kerf back.
     *
     * @param turns full turns per ring; used for rings only
     */
    public static SpringbackReading of(
            Measured measured,
            double valueMm,
            double wireDiameterMm,
            double mandrelDiameterMm,
            RingCut cut,
            int turns) {
        boolean outer = measured == Measured.COIL_OUTER || measured == Measured.RING_OUTER;
        double inner = outer ? valueMm - 2 * wireDiameterMm : valueMm;
        boolean ring = measured == Measured.RING_INNER || measured == Measured.RING_OUTER;
        if (ring && inner >= Ring.SMALLEST_INNER_MM && inner <= Ring.LARGEST_INNER_MM) {
            inner = ClosedRing.before(new Ring(wireDiameterMm, inner), cut, turns)
                    .innerDiameterMm();
        }
        return new SpringbackReading(wireDiameterMm, mandrelDiameterMm, inner);
    }
}
