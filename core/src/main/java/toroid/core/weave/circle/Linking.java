package toroid.core.weave.circle;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The linking number of two circles, exact: the signed crossings of one through the other's disc. 0 unlinked; ±1 linked, the
 * sign by the two normals' right-hand rule (Rolfsen, Knots and Links, 1976, §5.D).
 */
public final class Linking {
    private Linking() {}

    public static int number(Circle a, Circle b) {
        Vector3D u = a.across();
        Vector3D v = a.normal().crossProduct(u);
        double rise = a.radius() * u.dotProduct(b.normal());
        double sway = a.radius() * v.dotProduct(b.normal());
        double offset = a.centre().subtract(b.centre()).dotProduct(b.normal());
        double reach = Math.hypot(rise, sway);
        if (reach <= Math.abs(offset)) {
            return 0; // it stays on one side of the other's plane
        }
        double middle = Math.atan2(sway, rise);
        double half = Math.acos(-offset / reach);
        int number = 0;
        for (double angle : new double[] {middle - half, middle + half}) {
            Vector3D place = a.at(angle).subtract(b.centre());
            double square = place.getNormSq() - Math.pow(place.dotProduct(b.normal()), 2);
            if (square < b.radius() * b.radius()) {
                double slope = -rise * Math.sin(angle) + sway * Math.cos(angle);
                number += slope > 0 ? 1 : -1;
            }
        }
        return number;
    }
}
