package toroid.core.form;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.WirePoint;

/**
 * How large a form is over all, wire and beads included, mm: along x, y (its face) and z. Found on points that stray from the
 * wire by at most a hundredth of its diameter.
 */
public record Extent(Vector3D least, Vector3D most) {
    private static final Vector3D[] AXES = {Vector3D.PLUS_I, Vector3D.PLUS_J, Vector3D.PLUS_K};

    public static Extent of(FormWork work) {
        return of(work.wires(), work.solids());
    }

    static Extent of(List<FormedWire> wires, List<Solid> solids) {
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (FormedWire wire : wires) {
            for (WirePoint point : wire.sampled(0.01 * wire.diameterMm(), 10 * wire.diameterMm())) {
                Flat.Section section = wire.sectionAt(point);
                double[] by = new double[AXES.length];
                for (int i = 0; i < AXES.length; i++) {
                    by[i] = section.reach(point.frame(), AXES[i]);
                }
                stretch(low, high, point.frame().position(), by);
            }
        }
        for (Solid solid : solids) {
            if (solid.kind() != Solid.Kind.CORD) {
                double[] by = new double[AXES.length];
                for (int i = 0; i < AXES.length; i++) {
                    by[i] = solid.reachMm(AXES[i]);
                }
                stretch(low, high, solid.centre(), by);
            }
        }
        return new Extent(new Vector3D(low[0], low[1], low[2]), new Vector3D(high[0], high[1], high[2]));
    }

    private static void stretch(double[] low, double[] high, Vector3D p, double[] by) {
        double[] at = p.toArray();
        for (int i = 0; i < 3; i++) {
            low[i] = Math.min(low[i], at[i] - by[i]);
            high[i] = Math.max(high[i], at[i] + by[i]);
        }
    }

    /** Over all, the longer way of its face. */
    public double longMm() {
        return Math.max(size().getX(), size().getY());
    }

    public Vector3D size() {
        return most.subtract(least);
    }
}
