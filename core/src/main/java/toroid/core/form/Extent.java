package toroid.core.form;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.WirePoint;

/**
 * How large a form is over all, wire and beads included, mm: along x, y (its face) and z. Found on points that stray from the
 * wire by at most a hundredth of its diameter.
 */
public record Extent(Vector3D least, Vector3D most) {
    public static Extent of(FormWork work) {
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (FormedWire wire : work.wires()) {
            List<WirePoint> points = wire.program().sampled(0.01 * wire.diameterMm(), 10 * wire.diameterMm());
            for (WirePoint point : points) {
                Vector3D t = point.frame().tangent();
                Vector3D p = point.frame().position();
                double r = wire.diameterMm() / 2;
                stretch(low, high, p, new double[] {reach(r, t.getX()), reach(r, t.getY()), reach(r, t.getZ())});
            }
        }
        for (Solid solid : work.solids()) {
            if (solid.kind() != Solid.Kind.CORD) {
                double r = solid.diameterMm() / 2;
                stretch(low, high, solid.centre(), new double[] {r, r, r});
            }
        }
        return new Extent(new Vector3D(low[0], low[1], low[2]), new Vector3D(high[0], high[1], high[2]));
    }

    /** How far the wire's round section reaches along an axis. */
    private static double reach(double radius, double along) {
        return radius * Math.sqrt(Math.max(0, 1 - along * along));
    }

    private static void stretch(double[] low, double[] high, Vector3D p, double[] by) {
        double[] at = p.toArray();
        for (int i = 0; i < 3; i++) {
            low[i] = Math.min(low[i], at[i] - by[i]);
            high[i] = Math.max(high[i], at[i] + by[i]);
        }
    }

    public Vector3D size() {
        return most.subtract(least);
    }
}
