package toroid.core.bend.program;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/**
 * Ways for a wire from where it is to a place and a direction, as corners to be rounded: out along its own tangent, across, and in along the
 * other's.
 *
 * @param first the first corner
 * @param second the second corner
 * @param radiusMm both are rounded on
 */
record Way(Vector3D first, Vector3D second, double radiusMm) {
    private static final int ROUNDS = 60;
    private static final double TOLERANCE_MM = 1e-9;

    /**
     * The biarc's corners lie wherever its arcs ask; where those are too sharp, two arcs of the sharpest allowed radius r and a straight
     * between do it, each corner {@code r tan(θ/2)} from where its arc begins for a turn of θ. Found by repetition.
     *
     * @return null where there is no room for it, or where the wire would turn back on itself
     */
    static Way rounded(Frame from, Vector3D place, Vector3D direction, double radiusMm) {
        Vector3D end = direction.normalize();
        double a = radiusMm;
        double b = radiusMm;
        for (int i = 0; i < ROUNDS; i++) {
            Vector3D first = Vectors.sum(1, from.position(), a, from.tangent());
            Vector3D second = Vectors.sum(1, place, -b, end);
            Vector3D across = second.subtract(first);
            if (across.getNorm() < TOLERANCE_MM) {
                return null;
            }
            double nextA = radiusMm * Math.tan(Vector3D.angle(from.tangent(), across) / 2);
            double nextB = radiusMm * Math.tan(Vector3D.angle(across, end) / 2);
            boolean still = Math.abs(nextA - a) + Math.abs(nextB - b) < TOLERANCE_MM;
            if (still) {
                return across.getNorm() > a + b ? new Way(first, second, radiusMm) : null;
            }
            a = (a + nextA) / 2;
            b = (b + nextB) / 2;
        }
        return null;
    }

    /** Where the first arc ends and the straight begins. */
    Vector3D afterFirst(Frame from) {
        double length = first.distance(from.position());
        return Vectors.sum(1, first, length, second.subtract(first).normalize());
    }

    /** Where the straight ends and the second arc begins. */
    Vector3D beforeSecond(Vector3D place) {
        double length = second.distance(place);
        return Vectors.sum(1, second, -length, second.subtract(first).normalize());
    }
}
