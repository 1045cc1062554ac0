package toroid.core.weave.assembly;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchRing;
import toroid.core.weave.solve.Pose;

/**
 * How a ring lies as it comes in, seen from the front (+z), its angles counted anticlockwise from its right.
 *
 * @param circle the ring, its normal towards the maker
 * @param right unit vector in its plane, towards the maker's right as far as may be
 * @param up unit vector in its plane, square to that, so that from right to up is anticlockwise seen from the front
 */
public record Lie(Circle circle, Vector3D right, Vector3D up) {
    static Lie of(Circle circle) {
        Circle seen = facing(circle);
        Vector3D flat = Vector3D.PLUS_I.subtract(
                seen.normal().scalarMultiply(seen.normal().getX()));
        Vector3D right = flat.getNorm() < 1e-6 ? seen.normal().orthogonal() : flat.normalize();
        return new Lie(seen, right, Vectors.cross(seen.normal(), right));
    }

    /** The same circle with its normal towards the maker. */
    static Circle facing(Circle circle) {
        return circle.normal().getZ() < 0
                ? new Circle(circle.centre(), circle.normal().negate(), circle.radius())
                : circle;
    }

    /** Degrees between its plane and the maker's: 0 facing, 90 on edge. */
    public double leanDegrees() {
        return Math.toDegrees(Math.acos(Math.min(1, Math.abs(circle.normal().getZ()))));
    }

    /**
     * What a step looks like.
     *
     * @param passages through each ring it links, anticlockwise from the opening
     * @param openingAngle where the ring is best opened: the middle of its longest free stretch, radians
     * @param leanDegrees 0 facing the maker, 90 on edge
     */
    public record Seen(List<Passage> passages, double openingAngle, double leanDegrees) {}

    /** @param pose in any unit; the patch's cells as they lie when the ring comes in */
    public static Seen seen(Patch patch, Pose pose, AssemblyStep step) {
        return seen(n -> image(patch, pose, n), step);
    }

    /** @param laid every ring by its place, as it lies when the ring comes in */
    public static Seen seen(IntFunction<Circle> laid, AssemblyStep step) {
        Lie lie = of(laid.apply(step.ring()));
        var passages = new ArrayList<Passage>();
        for (List<Integer> some : List.of(step.through(), step.pickUp())) {
            for (int other : some) {
                Passage passage = Passage.of(lie, laid.apply(other), other);
                if (passage != null) {
                    passages.add(passage);
                }
            }
        }
        double opening = opening(passages);
        passages.sort(Comparator.comparingDouble(passage -> (passage.angle() - opening + 4 * Math.PI) % (2 * Math.PI)));
        return new Seen(passages, opening, lie.leanDegrees());
    }

    private static double opening(List<Passage> passages) {
        if (passages.isEmpty()) {
            return Math.PI / 2;
        }
        double[] angles = passages.stream().mapToDouble(Passage::angle).sorted().toArray();
        double widest = -1;
        double at = 0;
        for (int k = 0; k < angles.length; k++) {
            double next = k + 1 < angles.length ? angles[k + 1] : angles[0] + 2 * Math.PI;
            if (next - angles[k] > widest) {
                widest = next - angles[k];
                at = (angles[k] + next) / 2;
            }
        }
        return at % (2 * Math.PI);
    }

    private static Circle image(Patch patch, Pose pose, int n) {
        PatchRing ring = patch.rings().get(n);
        return pose.image(ring.ring(), ring.i(), ring.j());
    }
}
