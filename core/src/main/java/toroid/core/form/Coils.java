package toroid.core.form;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;

/** Coils along x. */
public final class Coils {
    private Coils() {}

    /** The frame in which a right-handed coil along x begins, its axis through (x, y, 0), the first point below the axis. */
    public static Frame beginning(double x, double y, CoilSize coil) {
        double round = 2 * Math.PI * coil.radiusMm();
        double hand = coil.rightHanded() ? 1 : -1;
        return Frame.at(
                new Vector3D(x, y - coil.radiusMm(), 0),
                new Vector3D(coil.pitchMm(), 0, -hand * round),
                Vector3D.PLUS_J);
    }

    /** One coil of the main wire on a core, both ends filed; a lead to hold at the first end and a tail at the second. */
    public static void single(FormMaker maker, String name, double coreMm, double pitchMm, double turns) {
        var coil = new CoilSize((coreMm + maker.d()) / 2, pitchMm, turns, true);
        WireMaker wire = maker.wire(name, beginning(0, 0, coil))
                .step(FormStep.Kind.COIL, "on the core")
                .coil(coil);
        if (pitchMm > maker.d() * 1.001) {
            wire.does(FormStep.Kind.STRETCH, "to its pitch");
        }
        maker.done(wire.tail(5).end(EndState.FILED), 20, EndState.FILED);
    }
}
