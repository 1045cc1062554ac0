package toroid.core.bend.program;

import toroid.core.numeric.Checks;

/**
 * A coil by its centre line.
 *
 * @param radiusMm to the wire's middle
 * @param pitchMm from turn to turn along the axis, zero or more
 * @param turns whole and part, 0 to 5000
 * @param rightHanded which way it climbs
 */
public record CoilSize(double radiusMm, double pitchMm, double turns, boolean rightHanded) {
    public CoilSize {
        Checks.within("radiusMm", radiusMm, 0.01, 500, "mm", "Coil it on another rod.");
        Checks.within("pitchMm", pitchMm, 0, 500, "mm", "Stretch it less.");
        Checks.within("turns", turns, 0, 5000, "turns", "Make several coils.");
    }

    /** A coil of wire d on a core c, close-wound: radius (c + d)/2, pitch d. */
    public static CoilSize closeOn(double coreDiameterMm, double wireDiameterMm, double turns, boolean rightHanded) {
        return new CoilSize((coreDiameterMm + wireDiameterMm) / 2, wireDiameterMm, turns, rightHanded);
    }
}
