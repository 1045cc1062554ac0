package toroid.core.weave.circle;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

/**
 * The centre circle of a ring.
 *
 * @param centre its middle
 * @param normal unit vector square to its plane
 * @param radius to the middle of the wire, above zero
 */
public record Circle(Vector3D centre, Vector3D normal, double radius) {
    private static final double UNIT = 1e-6;

    public Circle {
        Checks.within("radius", radius, 1e-6, 1e6, Unit.NONE, Remedy.GIVE_THE_RING_A_SIZE);
        if (!Double.isFinite(centre.getNorm()) || Math.abs(normal.getNorm() - 1) > UNIT) {
            throw new IllegalArgumentException("a ring needs a place and a unit normal: " + centre + ", " + normal);
        }
    }

    /** A unit vector in its plane. */
    Vector3D across() {
        return normal.orthogonal();
    }

    /** The place at that angle, radians, anticlockwise about the normal from {@link #across}. */
    public Vector3D at(double angle) {
        Vector3D u = across();
        Vector3D v = Vectors.cross(normal, u);
        return Vectors.sum(1, centre, radius * Math.cos(angle), u, radius * Math.sin(angle), v);
    }
}
