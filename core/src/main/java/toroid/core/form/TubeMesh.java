package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A wire as a closed skin of triangles, for other programs to look at or print. Its rings of corners are carried along without
 * twist (double reflection; Wang, Jüttler, Zheng and Liu, Computation of rotation minimizing frames, ACM Trans. Graphics 27, 2008).
 * Corners lie on the wire's surface, so the mesh is a little thin: its volume falls short by {@code 1 − sin(2π/n)/(2π/n)}. No
 * length or mass is ever taken from it.
 *
 * @param corners mm
 * @param triangles three places in {@code corners} each, anticlockwise from outside
 */
public record TubeMesh(List<Vector3D> corners, List<int[]> triangles) {
    private static final double SAGITTA_SHARE = 0.01;
    private static final double LONGEST_SHARE = 8;

    /** Corners all of a form's skins have together, at most. */
    private static final double MOST_CORNERS = 400_000;

    private static final int FINE_SIDES = 20;
    private static final int LEAST_SIDES = 8;

    /**
     * How many corners a ring of the skin may have so that all these wires together stay within {@value #MOST_CORNERS}.
     *
     * @throws toroid.core.numeric.Refusal when even {@value #LEAST_SIDES} would be too many
     */
    public static int sidesFor(List<FormedWire> wires) {
        double points = wires.stream()
                .mapToDouble(wire -> wire.program()
                        .pointsSampled(SAGITTA_SHARE * wire.diameterMm(), LONGEST_SHARE * wire.diameterMm()))
                .sum();
        Checks.within("length", points, 0, MOST_CORNERS / LEAST_SIDES, Unit.POINTS, Remedy.TAKE_SVG_OR_DXF);
        return (int) Math.max(LEAST_SIDES, Math.min(FINE_SIDES, MOST_CORNERS / points));
    }

    /** @param sides corners of a ring, 3 up */
    public static TubeMesh of(FormedWire wire, int sides) {
        List<WirePoint> points = wire.sampled(SAGITTA_SHARE * wire.diameterMm(), LONGEST_SHARE * wire.diameterMm());
        var corners = new ArrayList<Vector3D>();
        Vector3D normal = points.get(0).frame().normal();
        for (int i = 0; i < points.size(); i++) {
            if (i > 0) {
                normal = carried(points.get(i - 1), points.get(i), normal);
            }
            ring(corners, points.get(i), normal, wire.sectionAt(points.get(i)), sides);
        }
        var triangles = new ArrayList<int[]>();
        for (int i = 0; i + 1 < points.size(); i++) {
            wall(triangles, i * sides, sides);
        }
        cap(corners, triangles, points.get(0), 0, sides, false);
        cap(corners, triangles, points.get(points.size() - 1), (points.size() - 1) * sides, sides, true);
        return new TubeMesh(corners, triangles);
    }

    private static Vector3D carried(WirePoint from, WirePoint to, Vector3D normal) {
        Vector3D chord = to.frame().position().subtract(from.frame().position());
        double square = chord.getNormSq();
        if (square < 1e-18) {
            return normal;
        }
        Vector3D r = reflected(normal, chord, square);
        Vector3D t = reflected(from.frame().tangent(), chord, square);
        Vector3D second = to.frame().tangent().subtract(t);
        double secondSquare = second.getNormSq();
        return secondSquare < 1e-18 ? r : reflected(r, second, secondSquare);
    }

    private static Vector3D reflected(Vector3D v, Vector3D mirror, double square) {
        return new Vector3D(1, v, -2 * v.dotProduct(mirror) / square, mirror);
    }

    /** Round wire's corners lie on its circle; hammered wire's on a superellipse of order 4, boxy with rounded edges. */
    private static void ring(List<Vector3D> corners, WirePoint at, Vector3D normal, Flat.Section section, int sides) {
        Vector3D side = at.frame().tangent().crossProduct(normal);
        Vector3D through = section.through(at.frame());
        boolean round = section.halfWideMm() - section.halfThickMm() < 1e-9;
        for (int k = 0; k < sides; k++) {
            double angle = 2 * Math.PI * k / sides;
            Vector3D out = new Vector3D(Math.cos(angle), normal, Math.sin(angle), side);
            double u = out.dotProduct(section.across());
            double v = out.dotProduct(through);
            corners.add(new Vector3D(
                    1,
                    at.frame().position(),
                    section.halfWideMm() * (round ? u : boxy(u)),
                    section.across(),
                    section.halfThickMm() * (round ? v : boxy(v)),
                    through));
        }
    }

    private static double boxy(double x) {
        return Math.signum(x) * Math.sqrt(Math.abs(x));
    }

    private static void wall(List<int[]> triangles, int first, int sides) {
        for (int k = 0; k < sides; k++) {
            int next = (k + 1) % sides;
            triangles.add(new int[] {first + k, first + next, first + sides + k});
            triangles.add(new int[] {first + next, first + sides + next, first + sides + k});
        }
    }

    private static void cap(
            List<Vector3D> corners, List<int[]> triangles, WirePoint at, int first, int sides, boolean last) {
        int middle = corners.size();
        corners.add(at.frame().position());
        for (int k = 0; k < sides; k++) {
            int a = first + k;
            int b = first + (k + 1) % sides;
            triangles.add(last ? new int[] {middle, a, b} : new int[] {middle, b, a});
        }
    }

    /** Volume enclosed, mm³, by the divergence theorem. */
    public double volumeMm3() {
        double six = 0;
        for (int[] t : triangles) {
            six += corners.get(t[0]).dotProduct(corners.get(t[1]).crossProduct(corners.get(t[2])));
        }
        return six / 6;
    }
}
