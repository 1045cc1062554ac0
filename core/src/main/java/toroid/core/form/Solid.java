package toroid.core.form;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * What stands with the wire: a bead with its hole, a ball on an end, a cord, a core rod.
 *
 * @param axis unit vector along the hole or the rod
 * @param diameterMm across the axis
 * @param lengthMm along the axis; the diameter for a ball
 * @param holeMm of the hole; 0 for none
 */
public record Solid(Kind kind, Vector3D centre, Vector3D axis, double diameterMm, double lengthMm, double holeMm) {
    /** What it is. */
    public enum Kind {
        BEAD,
        BALL,
        /** Placed by a rule of the trade beside others; it bows out where they are in its way, so it is not checked. */
        LAID_BEAD,
        CORD
    }

    /** How far a place is outside it, mm; negative inside. Places in the hole count as outside. */
    double outsideMm(Vector3D place) {
        Vector3D from = place.subtract(centre);
        double along = from.dotProduct(axis);
        double aside = Math.sqrt(Math.max(0, from.getNormSq() - along * along));
        if (kind == Kind.CORD) {
            return Math.max(aside - diameterMm / 2, Math.abs(along) - lengthMm / 2);
        }
        return aside <= holeMm / 2 ? Double.MAX_VALUE : from.getNorm() - diameterMm / 2;
    }
}
