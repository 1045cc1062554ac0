package toroid.core.weave.solve;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;

/**
 * A chain whose cell half a turn about the chain's axis brings onto itself, each ring onto another. Solved by one ring of every such
 * two, the other always its image, it lies evenly about its axis: straight, as a chain hangs. Set free, the widest pose of some weaves
 * is a little wavy (a byzantine's, by 3 % of its smallest aspect ratio).
 */
final class HalfTurn {
    /** How near, in ring radii, a turned ring has to lie to another to be taken for it. */
    private static final double SAME = 1;

    private final Lattice whole;
    private final int[] onto;

    private HalfTurn(Lattice whole, int[] onto) {
        this.whole = whole;
        this.onto = onto;
    }

    /** @return null for what is no chain, or where half a turn leaves a ring where it is or brings one onto none */
    static HalfTurn of(Pose pose) {
        int[] onto = pose.lattice().kind() == Lattice.Kind.CHAIN ? onto(pose, Math.PI) : null;
        boolean pairs =
                onto != null && IntStream.range(0, onto.length).allMatch(k -> onto[k] != k && onto[onto[k]] == k);
        return pairs ? new HalfTurn(pose.lattice(), onto) : null;
    }

    /** One ring of every two; the others are cell (0, 1). */
    Pose half(Pose pose) {
        var half = new Lattice(
                Lattice.Kind.TUBE, whole.pitch(), whole.turn(), whole.turnFree(), 0, Vector3D.ZERO, Math.PI, 2);
        List<Circle> rings = IntStream.range(0, onto.length)
                .filter(k -> onto[k] > k)
                .mapToObj(pose.rings()::get)
                .toList();
        return new Pose(half, rings, pose.pitch(), 0, pose.turn());
    }

    /** All rings, in the places they had. */
    Pose whole(Pose half) {
        var rings = new Circle[onto.length];
        int at = 0;
        for (int k = 0; k < onto.length; k++) {
            if (onto[k] > k) {
                rings[k] = half.image(at, 0, 0);
                rings[onto[k]] = half.image(at, 0, 1);
                at++;
            }
        }
        return new Pose(whole, List.of(rings), half.pitch(), 0, half.turn());
    }

    /** Which ring of the cell each comes to lie on when all are turned about x; null when one comes to lie on none. */
    static int[] onto(Pose pose, double angle) {
        List<Circle> rings = pose.rings();
        int[] onto = IntStream.range(0, rings.size())
                .map(k -> IntStream.range(0, rings.size())
                        .boxed()
                        .min(Comparator.comparingDouble(other -> apart(rings.get(other), rings.get(k), angle)))
                        .orElseThrow())
                .toArray();
        boolean near =
                IntStream.range(0, onto.length).allMatch(k -> apart(rings.get(onto[k]), rings.get(k), angle) < SAME);
        return near && IntStream.of(onto).distinct().count() == onto.length ? onto : null;
    }

    /** How far a ring lies from another turned, place and tilt together, in ring radii. */
    private static double apart(Circle ring, Circle other, double turnedBy) {
        Vector3D normal = Pose.turned(other.normal(), turnedBy);
        return (Math.abs(ring.radius() - other.radius())
                                + ring.centre().distance(Pose.turned(other.centre(), turnedBy)))
                        / ring.radius()
                + Vectors.cross(ring.normal(), normal).getNorm();
    }
}
