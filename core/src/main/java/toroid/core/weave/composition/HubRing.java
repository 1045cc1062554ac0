package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.ring.Ring;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.CircleDistance;

/**
 * The smallest larger ring whose wire runs through the hole centres of small rings set evenly round it. The small rings tilt, all the
 * same way or by turns; every distance is exact ({@link CircleDistance}), the tilt is searched (grid, then Nelder and Mead, Computer
 * Journal 7, 1965), the radius found by halving. Untilted it is {@code R = r + d / (2 sin(π/N))}: the small rings' inner wires just
 * touch. Real rings hang a little outwards from the wire, so there is some more room than told.
 *
 * @param innerDiameterMm of the larger ring
 * @param tiltDegrees how far the small rings' planes are turned out of the upright about the line from the middle
 * @param swingDegrees how far they are swung about the larger ring's axis
 * @param byTurns whether neighbours tilt opposite ways
 * @param untiltedInnerMm what it would have to be with upright small rings
 */
public record HubRing(
        double innerDiameterMm, double tiltDegrees, double swingDegrees, boolean byTurns, double untiltedInnerMm) {
    public static final int MOST_RINGS = 48;
    private static final double MOST_TILT = Math.toRadians(80);
    private static final int HALVINGS = 48;
    private static final int GRID = 8;
    private static final int MOST_TRIES = 400;
    private static final double LOOK = 1e-9;

    /**
     * @param small the small rings
     * @param count how many on the larger ring, 3 to {@value #MOST_RINGS}; by turns only where even
     * @param wireMm of the larger ring
     * @throws Refusal when that wire does not go through the small rings
     */
    public static HubRing smallest(Ring small, int count, double wireMm) {
        Checks.within("count", count, 3, MOST_RINGS, "rings", "Take fewer arms.");
        if (wireMm >= small.innerDiameterMm()) {
            throw Refusal.of(
                    "hub-too-thick",
                    "hubWireMm",
                    String.valueOf(wireMm),
                    "The larger ring's wire of %.2f mm does not go through rings of %.2f mm."
                            .formatted(wireMm, small.innerDiameterMm()),
                    "Take thinner wire or larger rings.");
        }
        HubRing best = null;
        for (boolean byTurns : count % 2 == 0 ? new boolean[] {false, true} : new boolean[] {false}) {
            HubRing found = new Search(small, count, wireMm, byTurns).found();
            if (best == null || found.innerDiameterMm() < best.innerDiameterMm() - LOOK) {
                best = found;
            }
        }
        return best;
    }

    /** The small rings' middles on a larger ring of that middle radius, the axis along z. */
    static List<Circle> laid(Ring small, int count, double radius, double tilt, double swing, boolean byTurns) {
        var rings = new ArrayList<Circle>();
        for (int k = 0; k < count; k++) {
            double at = 2 * Math.PI * k / count;
            double sign = byTurns && k % 2 == 1 ? -1 : 1;
            double facing = at + Math.PI / 2 + sign * swing;
            var normal = new Vector3D(
                    Math.cos(sign * tilt) * Math.cos(facing),
                    Math.cos(sign * tilt) * Math.sin(facing),
                    Math.sin(sign * tilt));
            rings.add(new Circle(
                    new Vector3D(radius * Math.cos(at), radius * Math.sin(at), 0), normal, small.meanDiameterMm() / 2));
        }
        return rings;
    }

    private record Search(Ring small, int count, double wireMm, boolean byTurns) {
        HubRing found() {
            double[] best = {0, 0};
            double least = radius(0, 0);
            for (int t = 0; t <= GRID; t++) {
                Effort.at(t, GRID + 1);
                for (int s = -GRID / 2; s <= GRID / 2; s++) {
                    double tilt = MOST_TILT * t / GRID;
                    double swing = MOST_TILT * s / GRID;
                    double radius = radius(tilt, swing);
                    if (radius < least - LOOK) {
                        least = radius;
                        best = new double[] {tilt, swing};
                    }
                }
            }
            var refined = new SimplexOptimizer(1e-10, 1e-10)
                    .optimize(
                            new MaxEval(MOST_TRIES),
                            new ObjectiveFunction(x -> Math.abs(x[0]) > MOST_TILT || Math.abs(x[1]) > MOST_TILT
                                    ? Double.MAX_VALUE
                                    : radius(x[0], x[1])),
                            GoalType.MINIMIZE,
                            new InitialGuess(best),
                            new NelderMeadSimplex(2, 0.05));
            double upright = small.meanDiameterMm() / 2 + small.wireDiameterMm() / (2 * Math.sin(Math.PI / count));
            double radius = Math.min(least, refined.getValue());
            double[] at = refined.getValue() <= least ? refined.getPoint() : best;
            return new HubRing(
                    2 * radius - wireMm, Math.toDegrees(at[0]), Math.toDegrees(at[1]), byTurns, 2 * upright - wireMm);
        }

        /** The smallest middle radius with those tilts; infinite where none will do. */
        double radius(double tilt, double swing) {
            double low = small.meanDiameterMm() / 4;
            double high = 4 * (small.meanDiameterMm() + count * small.wireDiameterMm());
            if (!fits(high, tilt, swing)) {
                return Double.MAX_VALUE / 4;
            }
            for (int cut = 0; cut < HALVINGS; cut++) {
                double middle = (low + high) / 2;
                if (fits(middle, tilt, swing)) {
                    high = middle;
                } else {
                    low = middle;
                }
            }
            return high;
        }

        private boolean fits(double radius, double tilt, double swing) {
            List<Circle> rings = laid(small, count, radius, tilt, swing, byTurns);
            var hub = new Circle(Vector3D.ZERO, Vector3D.PLUS_K, radius);
            double reach = 2 * small.meanDiameterMm();
            for (int own : byTurns ? new int[] {0, 1} : new int[] {0}) {
                if (CircleDistance.smallest(rings.get(own), hub, reach) < (small.wireDiameterMm() + wireMm) / 2) {
                    return false;
                }
                for (int step = 1; step <= count / 2; step++) {
                    Circle other = rings.get((own + step) % count);
                    if (CircleDistance.smallest(rings.get(own), other, reach) < small.wireDiameterMm()) {
                        return false;
                    }
                }
            }
            return true;
        }
    }
}
