package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Vectors;

/**
 * Where one petal of a fanned coil passes over the next, seen from the face (xy): the place furthest from the coil's middle, found
 * on chords that stray from the wire by at most {@value #SAGITTA_MM} mm.
 *
 * @param place midway between the two wires' middles, mm
 * @param apartMm how far apart those are, along z
 * @param onward unit vector in the face that halves the angle the two wires make
 * @param outward unit vector in the face square to it
 */
public record Crossing(Vector3D place, double apartMm, Vector3D onward, Vector3D outward) {
    private static final double SAGITTA_MM = 0.01;

    /** One crossing for every petal with its neighbour, the last with the first; a petal is two runs of the program. */
    public static List<Crossing> ofPetals(BendProgram coil, int petals) {
        double[] at = coil.beginningsMm();
        List<WirePoint> all = between(coil.sampled(SAGITTA_MM, 1), 0, at[2 * petals]);
        Vector3D middle = all.stream()
                .map(point -> point.frame().position())
                .reduce(Vector3D.ZERO, Vector3D::add)
                .scalarMultiply(1.0 / all.size());
        var crossings = new ArrayList<Crossing>();
        for (int i = 0; i < petals; i++) {
            int next = (i + 1) % petals;
            Crossing crossing = furthest(
                    between(all, at[2 * i], at[2 * i + 2]), between(all, at[2 * next], at[2 * next + 2]), middle);
            if (crossing != null) {
                crossings.add(crossing);
            }
        }
        return crossings;
    }

    private static List<WirePoint> between(List<WirePoint> points, double from, double to) {
        return points.stream()
                .filter(point -> point.alongMm() >= from && point.alongMm() <= to)
                .toList();
    }

    private static Crossing furthest(List<WirePoint> a, List<WirePoint> b, Vector3D middle) {
        Crossing best = null;
        double most = -1;
        for (int i = 0; i + 1 < a.size(); i++) {
            for (int j = 0; j + 1 < b.size(); j++) {
                double[] shares = crossed(a.get(i), a.get(i + 1), b.get(j), b.get(j + 1));
                if (shares != null) {
                    Crossing here = of(a.get(i), a.get(i + 1), b.get(j), b.get(j + 1), shares);
                    double far = Math.hypot(here.place.getX() - middle.getX(), here.place.getY() - middle.getY());
                    if (far > most) {
                        most = far;
                        best = here;
                    }
                }
            }
        }
        return best;
    }

    /** How far along each chord the two cross in the face, 0 to 1; null when they do not. */
    private static double[] crossed(WirePoint a0, WirePoint a1, WirePoint b0, WirePoint b1) {
        Vector3D p = a0.frame().position();
        Vector3D q = b0.frame().position();
        Vector3D u = a1.frame().position().subtract(p);
        Vector3D v = b1.frame().position().subtract(q);
        Vector3D w = q.subtract(p);
        double det = u.getX() * v.getY() - u.getY() * v.getX();
        if (Math.abs(det) < 1e-12) {
            return null;
        }
        double s = (w.getX() * v.getY() - w.getY() * v.getX()) / det;
        double t = (w.getX() * u.getY() - w.getY() * u.getX()) / det;
        return s >= 0 && s <= 1 && t >= 0 && t <= 1 ? new double[] {s, t} : null;
    }

    private static Crossing of(WirePoint a0, WirePoint a1, WirePoint b0, WirePoint b1, double[] shares) {
        Vector3D p = between(a0, a1, shares[0]);
        Vector3D q = between(b0, b1, shares[1]);
        Vector3D first = flat(a0.frame().tangent());
        Vector3D second = flat(b0.frame().tangent());
        Vector3D sum = first.add(second.scalarMultiply(Math.signum(Vectors.dot(first, second))));
        Vector3D onward = sum.normalize();
        return new Crossing(
                Vectors.sum(0.5, p, 0.5, q),
                Math.abs(p.getZ() - q.getZ()),
                onward,
                Vectors.cross(Vector3D.PLUS_K, onward));
    }

    private static Vector3D between(WirePoint from, WirePoint to, double share) {
        return Vectors.sum(1 - share, from.frame().position(), share, to.frame().position());
    }

    private static Vector3D flat(Vector3D v) {
        return new Vector3D(v.getX(), v.getY(), 0).normalize();
    }

    /**
     * Where binding wire begins to go round the crossing, about that axis: on the side, going up.
     *
     * @param radiusMm of its corners, to its middle
     * @param climbMm along the axis from the crossing
     */
    public Frame lashing(Vector3D axis, double radiusMm, double climbMm) {
        Vector3D top = Vectors.sum(1, place, apartMm / 2, Vector3D.PLUS_K, climbMm, axis);
        Vector3D inward = Vectors.cross(axis, Vector3D.PLUS_K);
        return new Frame(Vectors.sum(1, top, -radiusMm, inward), Vector3D.PLUS_K, inward);
    }

    /** Where the binding's own first end lies: below where it begins to go round. */
    public Frame before(Vector3D axis, double radiusMm, double fineMm) {
        Frame start = lashing(axis, radiusMm, -2 * fineMm);
        return new Frame(
                start.position().subtract(start.tangent().scalarMultiply(apartMm + 2 * fineMm)),
                start.tangent(),
                start.normal());
    }
}
