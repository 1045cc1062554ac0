package toroid.core.weave.circle;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/**
 * The linking number of two circles, exact: the signed crossings of one through the other's disc. 0 unlinked; ±1 linked, the
 * sign by the two normals' right-hand rule (Rolfsen, Knots and Links, 1976, §5.D).
 */
public final class Linking {
    private Linking() {}

    public static int number(Circle a, Circle b) {
        int sum = 0;
        for (Crossing crossing : crossings(a, b)) {
            sum += crossing.sign();
        }
        return sum;
    }

    /**
     * Where a circle goes through another's disc.
     *
     * @param place on both circle and disc
     * @param sign +1 with the disc's normal, −1 against it, the circle followed anticlockwise about its own normal
     */
    public record Crossing(Vector3D place, int sign) {}

    /** None, one or two. */
    public static List<Crossing> crossings(Circle a, Circle b) {
        Vector3D u = a.across();
        Vector3D v = Vectors.cross(a.normal(), u);
        double rise = a.radius() * Vectors.dot(u, b.normal());
        double sway = a.radius() * Vectors.dot(v, b.normal());
        double offset = Vectors.dot(a.centre().subtract(b.centre()), b.normal());
        double reach = Math.sqrt(rise * rise + sway * sway);
        if (reach <= Math.abs(offset)) {
            return List.of(); // it stays on one side of the other's plane
        }
        double middle = Math.atan2(sway, rise);
        double half = Math.acos(-offset / reach);
        var found = new ArrayList<Crossing>(2);
        for (double angle : new double[] {middle - half, middle + half}) {
            Vector3D place = a.at(angle).subtract(b.centre());
            double square = place.getNormSq() - Math.pow(Vectors.dot(place, b.normal()), 2);
            if (square < b.radius() * b.radius()) {
                double slope = -rise * Math.sin(angle) + sway * Math.cos(angle);
                found.add(new Crossing(a.at(angle), slope > 0 ? 1 : -1));
            }
        }
        return found;
    }
}
