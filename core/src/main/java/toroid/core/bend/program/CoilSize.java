package toroid.core.bend.program;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

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
        Checks.within("radiusMm", radiusMm, 0.01, 500, Unit.MM, Remedy.COIL_IT_ON_ANOTHER_ROD);
        Checks.within("pitchMm", pitchMm, 0, 500, Unit.MM, Remedy.STRETCH_IT_LESS);
        Checks.within("turns", turns, 0, 5000, Unit.TURNS, Remedy.MAKE_SEVERAL_COILS);
    }

    /** A coil of wire d on a core c, close-wound: radius (c + d)/2, pitch d. */
    public static CoilSize closeOn(double coreDiameterMm, double wireDiameterMm, double turns, boolean rightHanded) {
        return new CoilSize((coreDiameterMm + wireDiameterMm) / 2, wireDiameterMm, turns, rightHanded);
    }
}
