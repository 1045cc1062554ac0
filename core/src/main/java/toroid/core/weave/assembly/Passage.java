package toroid.core.weave.assembly;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.Linking;

/**
 * Where and which way one ring's wire goes through another, seen from the front (+z).
 *
 * @param ring the other ring's place in the patch
 * @param angle where on the ring that comes in, radians, anticlockwise seen from the front, from its right ({@link Lie})
 * @param towards whether the wire, followed anticlockwise, comes towards the maker there
 */
public record Passage(int ring, double angle, boolean towards) {
    /** Null when they are not linked. */
    static Passage of(Lie lie, Circle other, int ring) {
        List<Linking.Crossing> crossings = Linking.crossings(lie.circle(), Lie.facing(other));
        if (crossings.size() != 1) {
            return null;
        }
        Vector3D from = crossings.get(0).place().subtract(lie.circle().centre());
        double angle = Math.atan2(Vectors.dot(from, lie.up()), Vectors.dot(from, lie.right()));
        return new Passage(
                ring, angle < 0 ? angle + 2 * Math.PI : angle, crossings.get(0).sign() > 0);
    }
}
