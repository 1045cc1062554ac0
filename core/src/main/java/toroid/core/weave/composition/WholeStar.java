package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.Linking;
import toroid.core.weave.solve.Tightest;

/** Every ring of a star as it lies, the longer arm down, in the order of the composition. Lengths in small rings' radii. */
final class WholeStar {
    private static final double FINE = 1e-8;
    private static final double FITS = 1e-6;
    private static final double LEAST_GAP = 1e-3;
    private static final double BAIL_FROM = -0.4;
    private static final double BAIL_TO = 1.8;
    private static final double BAIL_STEP = 0.2;
    private static final double[] BAIL_HEIGHTS = {0, 0.3, -0.3};

    private WholeStar() {}

    /**
     * @param wire thickness of the small rings
     * @throws Refusal where a bail like the small rings does not go in
     */
    static List<Circle> of(Composition composition, Star star, double wire) {
        var rings = new ArrayList<Circle>();
        for (int n = 0; n < composition.size(); n++) {
            rings.add(null);
        }
        Sector sector = composition.sector();
        for (int arm = 0; arm < composition.plan().arms(); arm++) {
            int size = arm == 0 ? sector.arm().rings().size() : composition.perArm();
            for (int k = 0; k < size; k++) {
                rings.set(composition.firstOf(arm) + k, star.image(k, arm));
            }
        }
        int hub = 0;
        int tie = 0;
        int bail = -1;
        for (int n = 0; n < composition.size(); n++) {
            switch (composition.roleOf(n)) {
                case HUB -> rings.set(n, star.hubs().circle(hub++));
                case TIE -> rings.set(n, star.image(sector.tie(), tie++));
                case BAIL -> bail = n;
                case ARM -> {
                    // laid already
                }
            }
        }
        if (bail >= 0) {
            bail(composition, rings, bail, star.hubs(), wire);
        }
        return rings.stream().map(WholeStar::down).toList();
    }

    /** A quarter turn clockwise: the first arm, which is the longer, hangs down. */
    private static Circle down(Circle ring) {
        return new Circle(down(ring.centre()), down(ring.normal()), ring.radius());
    }

    private static Vector3D down(Vector3D v) {
        return new Vector3D(v.getY(), -v.getX(), v.getZ());
    }

    /** Lays the bail; the rings of its arm give way. */
    private static void bail(Composition composition, List<Circle> rings, int bail, Star.Hubs hubs, double wire) {
        int[] through = composition.neighbours(bail);
        double angle =
                2 * Math.PI * composition.plan().bailArm() / composition.plan().arms();
        var out = new Vector3D(Math.cos(angle), Math.sin(angle), 0);
        var round = new Vector3D(-Math.sin(angle), Math.cos(angle), 0);
        Vector3D end = Vector3D.ZERO;
        for (int ring : through) {
            end = end.add(1.0 / through.length, rings.get(ring).centre());
        }
        List<Integer> order = order(composition, bail);
        Star best = null;
        double most = LEAST_GAP;
        for (double step = BAIL_FROM; step <= BAIL_TO; step += BAIL_STEP) {
            for (double height : BAIL_HEIGHTS) {
                Vector3D centre = end.add(step, out).add(height, Vector3D.PLUS_K);
                for (Vector3D normal : StarStart.ways(out, round)) {
                    rings.set(bail, new Circle(centre, normal, 1));
                    if (!linked(composition, rings, bail)) {
                        continue;
                    }
                    Star one = hung(composition, rings, order, hubs);
                    double gap = one.smallest(2);
                    if (gap > most) {
                        most = gap;
                        best = one;
                    }
                }
            }
        }
        Star hung = best == null ? null : Tightest.of(best, FINE).rings();
        if (hung == null || hung.smallest(2) < wire * (1 - FITS)) {
            throw Refusal.of(RefusalCode.NO_BAIL, "bail", null);
        }
        for (int k = 0; k <= composition.perArm(); k++) {
            rings.set(order.get(k), hung.rings().get(k));
        }
    }

    /** The bail, its arm, then the other rings; the larger ones left out. */
    private static List<Integer> order(Composition composition, int bail) {
        var order = new ArrayList<Integer>(List.of(bail));
        int first = composition.firstOf(composition.plan().bailArm());
        for (int k = 0; k < composition.perArm(); k++) {
            order.add(first + k);
        }
        for (int n = 0; n < composition.size(); n++) {
            if (composition.roleOf(n) != Composition.Role.HUB && !order.contains(n)) {
                order.add(n);
            }
        }
        return order;
    }

    /** Whether it goes through what it shall and nothing else. */
    private static boolean linked(Composition composition, List<Circle> rings, int bail) {
        for (int n = 0; n < rings.size(); n++) {
            boolean linked = n != bail && Linking.number(rings.get(bail), rings.get(n)) != 0;
            if (linked != composition.areLinked(bail, n)) {
                return false;
            }
        }
        return true;
    }

    /** The bail and its arm may move, the others stay. */
    private static Star hung(Composition composition, List<Circle> rings, List<Integer> order, Star.Hubs hubs) {
        return new Star(
                1,
                order.stream().map(rings::get).toList(),
                1 + composition.perArm(),
                hubs.with(hubs.radius(), Star.Held.ALL));
    }
}
