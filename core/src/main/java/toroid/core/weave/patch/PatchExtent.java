package toroid.core.weave.patch;

import toroid.core.weave.circle.Circle;
import toroid.core.weave.solve.Pose;

/**
 * How much room a patch takes, outside to outside, mm, with its cells as they lie in a pose. Exact for round rings: a torus of middle
 * radius R and wire d reaches {@code R √(1 − n²) + d/2} to either side along an axis its unit normal leans n towards.
 *
 * @param lengthMm along x
 * @param widthMm along y
 * @param heightMm along z
 */
public record PatchExtent(double lengthMm, double widthMm, double heightMm) {
    /** @param pose in mm */
    public static PatchExtent of(Patch patch, Pose pose, double wireMm) {
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (PatchRing ring : patch.rings()) {
            Circle circle = pose.image(ring.ring(), ring.i(), ring.j());
            double[] centre = circle.centre().toArray();
            double[] normal = circle.normal().toArray();
            for (int axis = 0; axis < 3; axis++) {
                double reach = circle.radius() * Math.sqrt(Math.max(0, 1 - normal[axis] * normal[axis])) + wireMm / 2;
                low[axis] = Math.min(low[axis], centre[axis] - reach);
                high[axis] = Math.max(high[axis], centre[axis] + reach);
            }
        }
        return new PatchExtent(high[0] - low[0], high[1] - low[1], high[2] - low[2]);
    }
}
