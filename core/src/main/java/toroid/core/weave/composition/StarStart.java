package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.Linking;

/**
 * Where a star is solved from: arms about larger rings of many sizes, turned about themselves more and less, ties laid between them in
 * many ways; of all that are linked as told the roomiest. A search over what is tried here: nothing found is no proof that there is
 * nothing.
 */
final class StarStart {
    private static final double FIRST_RADIUS = 0.5;
    private static final double RADIUS_STEP = 0.15;
    private static final double FURTHER = 4;

    /** Rings lean and overlap: so much narrower an arm may lie, to each side. */
    private static final double LEANING = 1.2;

    private static final double[] SPINS = {0, 0.4, -0.4, 0.8, -0.8};
    private static final double[] OFFSETS = {0, 0.3, -0.3, 0.6};
    private static final double[] HUB_HEIGHTS = {0.1, 0.25};
    private static final double TIE_FROM = -0.4;
    private static final double TIE_TO = 1.6;
    private static final double TIE_STEP = 0.2;
    private static final double[] TIE_HEIGHTS = {0, 0.3, -0.3};
    private static final double LEAST_GAP = 1e-3;
    private static final double APART = 0.4;

    private final Sector sector;
    private final int hubs;
    private final double thickness;

    private StarStart(Sector sector, int hubs, double thickness) {
        this.sector = sector;
        this.hubs = hubs;
        this.thickness = thickness;
    }

    /**
     * @param most how many to find
     * @return the roomiest first, each with another size or turn; none where none was found
     */
    static List<Star> of(Sector sector, int hubs, double thickness, int most) {
        var search = new StarStart(sector, hubs, thickness);
        var found = new ArrayList<Found>();
        double wide = sector.arm().rings().stream()
                .mapToDouble(ring -> Math.abs(ring.centre().getY()))
                .max()
                .orElse(0);
        // arms so wide do not come nearer to the middle, and further out their ties do not reach
        double least = Math.max(FIRST_RADIUS, (wide - LEANING) / Math.tan(Math.PI / sector.arms()));
        double last = FIRST_RADIUS + (1 + wide) / Math.tan(Math.PI / sector.arms()) + FURTHER;
        for (double radius = least; radius < last; radius += RADIUS_STEP) {
            Effort.check();
            for (double spin : SPINS) {
                for (double offset : OFFSETS) {
                    Found one = search.at(radius, spin, offset);
                    if (one != null) {
                        found.add(one);
                    }
                }
            }
        }
        found.sort(Comparator.comparingDouble(one -> -one.gap));
        var kept = new ArrayList<Found>();
        for (Found one : found) {
            boolean other = kept.stream()
                    .allMatch(before -> before.spin != one.spin || Math.abs(before.radius - one.radius) > APART);
            if (other && kept.size() < most) {
                kept.add(one);
            }
        }
        return kept.stream().map(one -> one.star).toList();
    }

    private record Found(Star star, double gap, double radius, double spin) {}

    /** The roomiest with that radius and turn; null where none is linked as told. */
    private Found at(double radius, double spin, double offset) {
        List<Circle> arm = sector.arm().spun(spin).stream()
                .map(ring -> new Circle(
                        ring.centre().add(new Vector3D(radius + offset, 0, 0)), ring.normal(), ring.radius()))
                .toList();
        Star best = null;
        double most = LEAST_GAP;
        for (double height : hubs == 1 ? new double[] {0} : HUB_HEIGHTS) {
            double[] heights = hubs == 1 ? new double[] {0} : new double[] {height, -height};
            var larger = new Star.Hubs(radius, heights, thickness, Star.Held.NOTHING);
            Star star = new Star(sector.arms(), arm, arm.size(), larger);
            if (!sector.isThrough(star) || star.smallest(1, LEAST_GAP) < LEAST_GAP || !sector.holds(star)) {
                continue;
            }
            Star whole = sector.isTied() ? tied(star) : star;
            double gap = whole == null ? 0 : Math.min(1, whole.smallest(1, most));
            if (gap > most) {
                most = gap;
                best = whole;
            }
        }
        return best == null ? null : new Found(best, most, radius, spin);
    }

    private Star tied(Star star) {
        double half = Math.PI / sector.arms();
        var out = new Vector3D(Math.cos(half), Math.sin(half), 0);
        var round = new Vector3D(-Math.sin(half), Math.cos(half), 0);
        double beside = sector.towards().stream()
                .mapToDouble(ring -> Vectors.dot(star.rings().get(ring).centre(), out))
                .average()
                .orElseThrow();
        Star best = null;
        double most = LEAST_GAP;
        for (double step = TIE_FROM; step <= TIE_TO; step += TIE_STEP) {
            for (double height : TIE_HEIGHTS) {
                Vector3D centre = out.scalarMultiply(beside + step).add(new Vector3D(0, 0, height));
                for (Vector3D normal : ways(out, round)) {
                    var tie = new Circle(centre, normal, 1);
                    if (!links(star, tie)) {
                        continue;
                    }
                    Star whole = new Star(
                            star.arms(),
                            Sector.with(star.rings(), tie),
                            star.rings().size() + 1,
                            star.hubs());
                    double gap = whole.smallest(1, most);
                    if (gap > most && sector.holds(whole)) {
                        most = gap;
                        best = whole;
                    }
                }
            }
        }
        return best;
    }

    /** Whether it goes through what the tie shall go through, on both sides; the rest is looked at later. */
    private boolean links(Star star, Circle tie) {
        return sector.towards().stream()
                        .allMatch(ring -> Linking.number(star.rings().get(ring), tie) != 0)
                && sector.back().stream().allMatch(ring -> Linking.number(star.image(ring, 1), tie) != 0);
    }

    /** Normals of a ring in any of the ways it may stand. */
    static List<Vector3D> ways(Vector3D out, Vector3D round) {
        var ways = new ArrayList<Vector3D>();
        for (int x = -1; x <= 1; x++) {
            for (int y = -1; y <= 1; y++) {
                for (int z = 0; z <= 1; z++) {
                    boolean once = z > 0 || x > 0 || (x == 0 && y > 0);
                    if (once) {
                        ways.add(Vectors.sum(x, out, y, round, z, Vector3D.PLUS_K)
                                .normalize());
                    }
                }
            }
        }
        return ways;
    }
}
