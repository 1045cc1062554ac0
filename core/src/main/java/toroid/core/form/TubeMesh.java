package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

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
            Frame frame = points.get(i).frame();
            var at = new Skinned(frame.position(), frame.tangent(), normal);
            ring(corners, at, wire.sectionAt(points.get(i)), sides);
        }
        var triangles = new ArrayList<int[]>();
        for (int i = 0; i + 1 < points.size(); i++) {
            wall(triangles, i * sides, (i + 1) * sides, sides);
        }
        cap(corners, triangles, points.get(0).frame().position(), 0, sides, false);
        int last = points.size() - 1;
        cap(corners, triangles, points.get(last).frame().position(), last * sides, sides, true);
        return new TubeMesh(corners, triangles);
    }

    /**
     * A wire along straight stretches, each ring of corners square to the mean way of its two neighbours.
     *
     * @param line its middle line, mm; places that follow on themselves count once; 2 at least, 3 where it is closed
     * @param sections at each of its places, where it is hammered; none for one that is round all along
     * @param closed whether its last place is followed by its first
     * @param sides corners of a ring, 3 up
     */
    public static TubeMesh along(
            List<Vector3D> line, List<Flat.Section> sections, double diameterMm, boolean closed, int sides) {
        List<Integer> kept = apart(line, closed);
        List<Vector3D> places = kept.stream().map(line::get).toList();
        int n = places.size();
        var ways = new ArrayList<Vector3D>();
        for (int i = 0; i < n; i++) {
            Vector3D before = places.get(closed ? (i + n - 1) % n : Math.max(0, i - 1));
            Vector3D after = places.get(closed ? (i + 1) % n : Math.min(n - 1, i + 1));
            ways.add(
                    after.distance(before) < SAME_MM
                            ? ways.get(i - 1)
                            : after.subtract(before).normalize());
        }
        var normals = new ArrayList<Vector3D>();
        normals.add(ways.get(0).orthogonal());
        for (int i = 1; i < n; i++) {
            normals.add(carried(places, ways, i - 1, i, normals.get(i - 1)));
        }
        double twist =
                closed ? twist(normals.get(0), carried(places, ways, n - 1, 0, normals.get(n - 1)), ways.get(0)) : 0;
        var corners = new ArrayList<Vector3D>();
        for (int i = 0; i < n; i++) {
            Vector3D side = Vectors.cross(ways.get(i), normals.get(i));
            Vector3D first = Vectors.sum(Math.cos(-twist * i / n), normals.get(i), Math.sin(-twist * i / n), side);
            Flat.Section section = sections.isEmpty()
                    ? new Flat.Section(first, diameterMm / 2, diameterMm / 2)
                    : sections.get(kept.get(i));
            ring(corners, new Skinned(places.get(i), ways.get(i), first), section, sides);
        }
        var triangles = new ArrayList<int[]>();
        for (int i = 0; i + 1 < n; i++) {
            wall(triangles, i * sides, (i + 1) * sides, sides);
        }
        if (closed) {
            wall(triangles, (n - 1) * sides, 0, sides);
        } else {
            cap(corners, triangles, places.get(0), 0, sides, false);
            cap(corners, triangles, places.get(n - 1), (n - 1) * sides, sides, true);
        }
        return new TubeMesh(corners, triangles);
    }

    private static final double SAME_MM = 1e-9;

    /** Which places do not follow on themselves. */
    private static List<Integer> apart(List<Vector3D> line, boolean closed) {
        var kept = new ArrayList<Integer>();
        for (int i = 0; i < line.size(); i++) {
            if (kept.isEmpty() || line.get(i).distance(line.get(kept.get(kept.size() - 1))) > SAME_MM) {
                kept.add(i);
            }
        }
        int last = kept.size() - 1;
        if (closed && last > 0 && line.get(kept.get(0)).distance(line.get(kept.get(last))) <= SAME_MM) {
            kept.remove(last);
        }
        return kept;
    }

    /** Where a ring of corners stands: square to the wire's way, the first corner along a normal. */
    private record Skinned(Vector3D place, Vector3D way, Vector3D normal) {}

    /** How far round the wire a normal has come when it is back at its beginning, radians. */
    private static double twist(Vector3D normal, Vector3D back, Vector3D way) {
        return Math.atan2(Vectors.dot(way, Vectors.cross(normal, back)), Vectors.dot(normal, back));
    }

    private static Vector3D carried(List<Vector3D> places, List<Vector3D> ways, int from, int to, Vector3D normal) {
        return carried(places.get(from), ways.get(from), places.get(to), ways.get(to), normal);
    }

    private static Vector3D carried(WirePoint from, WirePoint to, Vector3D normal) {
        return carried(
                from.frame().position(),
                from.frame().tangent(),
                to.frame().position(),
                to.frame().tangent(),
                normal);
    }

    private static Vector3D carried(Vector3D from, Vector3D fromWay, Vector3D to, Vector3D toWay, Vector3D normal) {
        Vector3D chord = to.subtract(from);
        double square = chord.getNormSq();
        if (square < 1e-18) {
            return normal;
        }
        Vector3D r = reflected(normal, chord, square);
        Vector3D t = reflected(fromWay, chord, square);
        Vector3D second = toWay.subtract(t);
        double secondSquare = second.getNormSq();
        return secondSquare < 1e-18 ? r : reflected(r, second, secondSquare);
    }

    private static Vector3D reflected(Vector3D v, Vector3D mirror, double square) {
        return Vectors.sum(1, v, -2 * Vectors.dot(v, mirror) / square, mirror);
    }

    /** Round wire's corners lie on its circle; hammered wire's on a superellipse of order 4, boxy with rounded edges. */
    private static void ring(List<Vector3D> corners, Skinned at, Flat.Section section, int sides) {
        Vector3D side = Vectors.cross(at.way(), at.normal());
        Vector3D through = Vectors.cross(at.way(), section.across());
        boolean round = section.halfWideMm() - section.halfThickMm() < 1e-9;
        for (int k = 0; k < sides; k++) {
            double angle = 2 * Math.PI * k / sides;
            Vector3D out = Vectors.sum(Math.cos(angle), at.normal(), Math.sin(angle), side);
            double u = Vectors.dot(out, section.across());
            double v = Vectors.dot(out, through);
            corners.add(Vectors.sum(
                    1,
                    at.place(),
                    section.halfWideMm() * (round ? u : boxy(u)),
                    section.across(),
                    section.halfThickMm() * (round ? v : boxy(v)),
                    through));
        }
    }

    private static double boxy(double x) {
        return Math.signum(x) * Math.sqrt(Math.abs(x));
    }

    static void wall(List<int[]> triangles, int first, int second, int sides) {
        for (int k = 0; k < sides; k++) {
            int next = (k + 1) % sides;
            triangles.add(new int[] {first + k, first + next, second + k});
            triangles.add(new int[] {first + next, second + next, second + k});
        }
    }

    static void cap(List<Vector3D> corners, List<int[]> triangles, Vector3D at, int first, int sides, boolean last) {
        int middle = corners.size();
        corners.add(at);
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
            six += Vectors.dot(corners.get(t[0]), Vectors.cross(corners.get(t[1]), corners.get(t[2])));
        }
        return six / 6;
    }
}
