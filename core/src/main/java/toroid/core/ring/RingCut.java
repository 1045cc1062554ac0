package toroid.core.ring;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;

/** How rings are parted from the coil; it decides the ring. */
public sealed interface RingCut {

    /** Not cut yet, or no loss: the ring keeps the coil's size. */
    record None() implements RingCut {}

    /**
     * Jeweller's saw or slitting disc: removes a kerf, leaves two flat faces; closing takes the kerf out of the
     * circumference.
     *
     * @param kerfMm 0 to 2 mm; usual blades 0.2 to 0.5
     */
    record Saw(double kerfMm) implements RingCut {
        public Saw {
            Checks.within("kerfMm", kerfMm, 0, 2, Unit.MM, Usual.between(0.2, 0.5, Unit.MM));
        }
    }

    /**
     * Side or flush cutters, one ring at a time. Flipped, the point is trimmed off the coil before the next cut: two flush
     * ends, the ring a full turn. Not flipped, each ring keeps one pointed end and a V-shaped gap, and nothing is trimmed.
     *
     * @param trimMm what is trimmed off the coil between rings, 0 to 5 mm; about half to one wire diameter
     */
    record Flush(double trimMm, boolean flipped) implements RingCut {
        public Flush {
            Checks.within("trimMm", trimMm, 0, 5, Unit.MM, Remedy.HALF_TO_ONE_WIRE_IS_USUAL);
        }

        /** The usual trim: three quarters of the wire (common practice: half to one wire diameter). */
        public static Flush usualFor(double wireDiameterMm) {
            return new Flush(0.75 * wireDiameterMm, true);
        }
    }

    /** Wire lost from the coil between two rings without taking it from the ring, mm. */
    default double coilLossPerRingMm() {
        return this instanceof Flush flush && flush.flipped() ? flush.trimMm() : 0;
    }

    /** Wire taken out of the ring itself, mm. */
    default double ringLossMm() {
        return this instanceof Saw saw ? saw.kerfMm() : 0;
    }
}
