package toroid.core.bend.program;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Whether wires touch without passing through themselves, one another or what stands in the way.
 *
 * <p>Round wire of diameter d, as chords of the centre line: two chords far apart along the wire (more than half a turn of the
 * tightest bend, {@code π d/2}) must be d apart. At a cut end the wire is a flat face: a place s before
 * the end reaches {@code s cos θ + (d/2) sin θ} in a direction θ off the wire, at most d/2 (support of the end's disc). The chords stray from the centre line by less than
 * {@value #CHORD_SHARE} d, and a close coil of pitch d lies up to 3 % of d inside itself because its turns lean; both are
 * allowed for by {@link #TOUCH_SHARE}.
 */
public final class WireContact {
    /** Nearer than {@code d (1 − this)} is a fault. */
    public static final double TOUCH_SHARE = 0.045;

    private static final double CHORD_SHARE = 0.01;

    private WireContact() {}

    /** One wire as points; made once, asked often. */
    public record Tube(List<WirePoint> points, double diameterMm) {
        /** Samples a wire closely enough for {@link WireContact}. */
        public static Tube of(BendProgram program, double diameterMm) {
            return new Tube(program.sampled(CHORD_SHARE * diameterMm, 2 * diameterMm), diameterMm);
        }

        /** Whether the two ends meet face to face, as a closed link's do. */
        boolean butted() {
            Frame first = points.get(0).frame();
            Frame last = points.get(points.size() - 1).frame();
            return first.position().distance(last.position()) < diameterMm / 2
                    && first.tangent().dotProduct(last.tangent()) > 0.9;
        }

        boolean nearBothEnds(int i, int j) {
            return points.get(i).alongMm() < diameterMm
                    && lengthMm() - points.get(j + 1).alongMm() < diameterMm;
        }

        double lengthMm() {
            return points.get(points.size() - 1).alongMm();
        }
    }

    /** The worst place where the wire passes through itself, or null. */
    public static Contact within(Tube tube) {
        return worst(tube, tube, true);
    }

    /** The worst place where two wires pass through each other, or null. */
    public static Contact between(Tube first, Tube second) {
        return worst(first, second, false);
    }

    private static Contact worst(Tube a, Tube b, boolean same) {
        double cell = Math.max(1e-3, 3 * Math.max(a.diameterMm(), b.diameterMm()));
        Map<Long, List<Integer>> grid = grid(b, cell);
        Contact worst = null;
        for (int i = 0; i + 1 < a.points().size(); i++) {
            for (int j : near(a, i, grid, cell)) {
                if (!same || farAlong(a, i, j)) {
                    Contact contact = chords(a, i, b, j);
                    worst = contact != null && (worst == null || contact.depthMm() > worst.depthMm()) ? contact : worst;
                }
            }
        }
        return worst;
    }

    private static boolean farAlong(Tube tube, int i, int j) {
        double gap = tube.points().get(j).alongMm() - tube.points().get(i + 1).alongMm();
        return j > i && gap > Math.PI / 2 * tube.diameterMm() && !(tube.butted() && tube.nearBothEnds(i, j));
    }

    private static Contact chords(Tube a, int i, Tube b, int j) {
        Vector3D p = position(a, i);
        Vector3D u = position(a, i + 1).subtract(p);
        Vector3D q = position(b, j);
        Vector3D v = position(b, j + 1).subtract(q);
        double[] at = Chords.closest(p, u, q, v);
        Vector3D onA = new Vector3D(1, p, at[0], u);
        Vector3D onB = new Vector3D(1, q, at[1], v);
        double first = along(a, i, at[0]);
        double second = along(b, j, at[1]);
        Vector3D apart = onB.subtract(onA);
        double distance = apart.getNorm();
        double needed = half(a, first, u, apart) + half(b, second, v, apart.negate());
        double slack = TOUCH_SHARE * Math.max(a.diameterMm(), b.diameterMm());
        return distance >= needed - slack
                ? null
                : new Contact(first, second, needed - distance, new Vector3D(0.5, onA, 0.5, onB));
    }

    /** How far the wire's skin reaches in that direction: its radius, or less towards a cut end nearer than that. */
    private static double half(Tube tube, double along, Vector3D chord, Vector3D apart) {
        double radius = tube.diameterMm() / 2;
        double toEnd = Math.min(along, tube.lengthMm() - along);
        if (toEnd >= radius || apart.getNorm() < 1e-12) {
            return radius;
        }
        double ahead = apart.dotProduct(chord) / (apart.getNorm() * chord.getNorm());
        double cos = along > tube.lengthMm() / 2 ? ahead : -ahead;
        return cos <= 0 ? radius : Math.min(radius, toEnd * cos + radius * Math.sqrt(Math.max(0, 1 - cos * cos)));
    }

    private static double along(Tube tube, int i, double share) {
        double from = tube.points().get(i).alongMm();
        return from + share * (tube.points().get(i + 1).alongMm() - from);
    }

    private static Vector3D position(Tube tube, int i) {
        return tube.points().get(i).frame().position();
    }

    private static Map<Long, List<Integer>> grid(Tube tube, double cell) {
        var grid = new HashMap<Long, List<Integer>>();
        for (int i = 0; i + 1 < tube.points().size(); i++) {
            Vector3D middle = new Vector3D(0.5, position(tube, i), 0.5, position(tube, i + 1));
            grid.computeIfAbsent(key(middle, cell, 0, 0, 0), k -> new ArrayList<>(4))
                    .add(i);
        }
        return grid;
    }

    private static List<Integer> near(Tube tube, int i, Map<Long, List<Integer>> grid, double cell) {
        Vector3D middle = new Vector3D(0.5, position(tube, i), 0.5, position(tube, i + 1));
        var found = new ArrayList<Integer>();
        for (int n = 0; n < 27; n++) {
            List<Integer> here = grid.get(key(middle, cell, n % 3 - 1, n / 3 % 3 - 1, n / 9 - 1));
            if (here != null) {
                found.addAll(here);
            }
        }
        return found;
    }

    private static long key(Vector3D p, double cell, int dx, int dy, int dz) {
        long x = (long) Math.floor(p.getX() / cell) + dx + (1 << 20);
        long y = (long) Math.floor(p.getY() / cell) + dy + (1 << 20);
        long z = (long) Math.floor(p.getZ() / cell) + dz + (1 << 20);
        return (x << 42) | (y << 21) | z;
    }
}
