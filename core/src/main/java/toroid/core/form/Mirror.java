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
        return new Solid(
                solid.kind(),
                across(solid.centre()),
                across(solid.axis()),
                solid.diameterMm(),
                solid.lengthMm(),
                solid.holeMm());
    }

    static Port of(Port port) {
        return port.at(across(port.centre()), across(port.axis()));
    }

    private static Vector3D across(Vector3D v) {
        return new Vector3D(-v.getX(), v.getY(), v.getZ());
    }

    private static Vector3D turned(Vector3D v) {
        return new Vector3D(-v.getX(), v.getY(), -v.getZ());
    }
}
