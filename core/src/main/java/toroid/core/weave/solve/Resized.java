package toroid.core.weave.solve;

import java.util.ArrayList;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;

/**
 * The same weave in rings of other sizes: every ring grown or shrunk a little at a time, the gaps opened again after each, so
 * that no ring passes through another on the way.
 */
final class Resized {
    private static final double LARGEST_CHANGE = 0.04;
    private static final double ROUGH = 1e-4;

    private Resized() {}

    /**
     * @param pose in the sizes it was written down in
     * @param radii wished, one for each ring of the cell
     */
    static Pose to(Pose pose, double[] radii) {
        Pose now = pose;
        int rounds = (int) Math.ceil(largestChange(pose, radii) / LARGEST_CHANGE);
        for (int round = 1; round <= rounds; round++) {
            var rings = new ArrayList<Circle>();
            for (int k = 0; k < radii.length; k++) {
                Circle ring = now.rings().get(k);
                double from = pose.rings().get(k).radius();
                double radius = from * Math.pow(radii[k] / from, (double) round / rounds);
                rings.add(new Circle(ring.centre(), ring.normal(), radius));
            }
            now = Tightest.solve(
                            new Pose(now.lattice(), rings, now.pitch(), now.across(), now.turn()), false, false, ROUGH)
                    .pose();
        }
        return now;
    }

    private static double largestChange(Pose pose, double[] radii) {
        double most = 0;
        for (int k = 0; k < radii.length; k++) {
            most = Math.max(
                    most, Math.abs(Math.log(radii[k] / pose.rings().get(k).radius())));
        }
        return most;
    }

    /** The middle of the cell's rings. */
    static Vector3D middle(Pose pose) {
        Vector3D sum = Vector3D.ZERO;
        for (Circle ring : pose.rings()) {
            sum = sum.add(ring.centre());
        }
        return sum.scalarMultiply(1.0 / pose.rings().size());
    }
}
