package toroid.core.bend;

import toroid.core.metal.Temper;

/**
 * Strain at the outer fibre of wire bent to a ring: {@code ε = d/D = 1/(AR + 1)}, engineering bending strain, pure number.
 * Below about AR 3 hard wire cracks (common practice), so hard tempers are warned above a strain of 1/4.
 */
public final class BendingStrain {
    /** Strain at AR 3. Common practice. */
    public static final double HARD_WIRE_CRACKS = 0.25;
    /** Strain at AR 2: half-hard wire is better annealed first. Common practice, our own round figure. */
    public static final double HALF_HARD_BETTER_ANNEALED = 1.0 / 3.0;

    private BendingStrain() {}

    /** @param innerDiameterMm of the bend, mm; must be positive as the wire diameter must */
    public static double atOuterFibre(double wireDiameterMm, double innerDiameterMm) {
        return wireDiameterMm / (innerDiameterMm + wireDiameterMm);
    }

    /** Whether wire of this temper should be annealed before this bend. */
    public static boolean shouldBeAnnealed(Temper temper, double strain) {
        return switch (temper) {
            case DEAD_SOFT -> false;
            case HALF_HARD -> strain > HALF_HARD_BETTER_ANNEALED;
            case HARD, SPRING -> strain > HARD_WIRE_CRACKS;
        };
    }
}
