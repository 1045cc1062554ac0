package toroid.core.form;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.Frame;

/** The other hand of a form: mirrored left to right, in the yz plane, so that its face stays to the eye. */
final class Mirror {
    private Mirror() {}

    /** The program's own mirror image (in xy) turned half a turn about y is its mirror image in yz. */
    static BendProgram of(BendProgram program) {
        BendProgram flat = program.mirrored();
        Frame start = flat.start();
        return flat.startingAt(new Frame(turned(start.position()), turned(start.tangent()), turned(start.normal())));
    }

    static Solid of(Solid solid) {
        Vector3D axis = new Vector3D(
                -solid.axis().getX(), solid.axis().getY(), solid.axis().getZ());
        Vector3D centre = new Vector3D(
                -solid.centre().getX(), solid.centre().getY(), solid.centre().getZ());
        return new Solid(solid.kind(), centre, axis, solid.diameterMm(), solid.lengthMm(), solid.holeMm());
    }

    private static Vector3D turned(Vector3D v) {
        return new Vector3D(-v.getX(), v.getY(), -v.getZ());
    }
}
