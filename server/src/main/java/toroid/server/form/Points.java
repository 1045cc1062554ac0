package toroid.server.form;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.WirePoint;

/** Wires as points for drawing, rounded to a tenth of a micrometre. */
final class Points {
    private Points() {}

    /** @param fineness how far a chord may stray, as a share of the wire's diameter */
    static List<WirePoint> of(BendProgram program, double diameterMm, double fineness) {
        return program.sampled(fineness * diameterMm, 6 * diameterMm);
    }

    static double[] flat(List<WirePoint> points) {
        double[] flat = new double[points.size() * 3];
        for (int i = 0; i < points.size(); i++) {
            Vector3D p = points.get(i).frame().position();
            flat[3 * i] = rounded(p.getX());
            flat[3 * i + 1] = rounded(p.getY());
            flat[3 * i + 2] = rounded(p.getZ());
        }
        return flat;
    }

    static double[] along(List<WirePoint> points) {
        return points.stream().mapToDouble(p -> rounded(p.alongMm())).toArray();
    }

    static double[] of(Vector3D v) {
        return new double[] {rounded(v.getX()), rounded(v.getY()), rounded(v.getZ())};
    }

    private static double rounded(double mm) {
        return Math.rint(mm * 1e4) / 1e4;
    }
}
