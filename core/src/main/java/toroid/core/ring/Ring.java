package toroid.core.ring;

import toroid.core.bend.Springback;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.wire.Wire;

/**
 * A round ring of round wire, closed: wire diameter and inner diameter in mm. Everything else follows exactly.
 */
public record Ring(double wireDiameterMm, double innerDiameterMm) {
    public static final double SMALLEST_INNER_MM = 0.1;
    public static final double LARGEST_INNER_MM = Springback.LARGEST_SPRUNG_MM;

    public Ring {
        Wire.checkDiameter(wireDiameterMm);
        Checks.within(
                "innerDiameterMm",
                innerDiameterMm,
                SMALLEST_INNER_MM,
                LARGEST_INNER_MM,
                Unit.MM,
                Remedy.CHECK_WHICH_DIAMETER_WAS_MEANT);
    }

    /** {@code OD = ID + 2d}, mm. */
    public double outerDiameterMm() {
        return innerDiameterMm + 2 * wireDiameterMm;
    }

    /** {@code D = ID + d}, mm: through the middle of the wire. */
    public double meanDiameterMm() {
        return innerDiameterMm + wireDiameterMm;
    }

    /** {@code AR = ID/d}, pure number. */
    public double aspectRatio() {
        return innerDiameterMm / wireDiameterMm;
    }

    /** {@code ℓ = π (ID + d)}, mm: the circle through the wire's middle. */
    public double wireLengthMm() {
        return Math.PI * meanDiameterMm();
    }

    /** {@code ℓ_turn = √((πD)² + d²)}, mm: one turn of a close-wound coil, a helix of pitch d. */
    public double turnLengthMm() {
        return Math.hypot(Math.PI * meanDiameterMm(), wireDiameterMm);
    }

    /** {@code V = 2π² (D/2)(d/2)²}, mm³: the torus. */
    public double volumeMm3() {
        double wireRadius = wireDiameterMm / 2;
        return 2 * Math.PI * Math.PI * meanDiameterMm() / 2 * wireRadius * wireRadius;
    }

    /** Mass in grams at that density in g/cm³. */
    public double massGrams(double densityGramsPerCubicCentimetre) {
        return volumeMm3() / 1000 * densityGramsPerCubicCentimetre;
    }
}
