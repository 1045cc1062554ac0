package toroid.core.weave.solve;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.CircleDistance;

/**
 * Every near place where two rings of a pose could touch: its distance, and how that changes as the rings move. The slope is the
 * unit vector between the two places against the motion of each (envelope theorem; the places' own sliding counts only at second
 * order).
 */
final class Contacts {
    private final GapList gaps = new GapList();
    private final Pose pose;
    private final Freedom freedom;

    private Contacts(Pose pose, Freedom freedom) {
        this.pose = pose;
        this.freedom = freedom;
    }

    /** All minima not further than {@code reach}. */
    static Movable.Gaps of(Pose pose, Freedom freedom, Neighbours neighbours, double reach) {
        var contacts = new Contacts(pose, freedom);
        for (int[] pair : neighbours.pairs()) {
            Circle a = pose.rings().get(pair[0]);
            Circle b = pose.image(pair[1], pair[2], pair[3]);
            CircleDistance.minima(a, b, reach, (distance, onA, onB) -> contacts.add(pair, b, distance, onA, onB));
        }
        return contacts.gaps;
    }

    /** The smallest distance between any two rings; infinite when none is within {@code reach}. */
    static double smallest(Pose pose, Neighbours neighbours, double reach) {
        double least = Double.POSITIVE_INFINITY;
        for (int[] pair : neighbours.pairs()) {
            least = Math.min(
                    least,
                    CircleDistance.smallest(
                            pose.rings().get(pair[0]), pose.image(pair[1], pair[2], pair[3]), Math.min(reach, least)));
        }
        return least;
    }

    /** The same, looked at once more and more closely. */
    static double smallestFine(Pose pose, Neighbours neighbours, double reach) {
        double least = Double.POSITIVE_INFINITY;
        for (int[] pair : neighbours.pairs()) {
            least = Math.min(
                    least,
                    CircleDistance.smallestFine(
                            pose.rings().get(pair[0]), pose.image(pair[1], pair[2], pair[3]), Math.min(reach, least)));
        }
        return least;
    }

    private void add(int[] pair, Circle b, double distance, Vector3D onA, Vector3D onB) {
        Vector3D apart = onA.subtract(onB);
        if (apart.getNorm() < 1e-12) {
            return; // the rings cross: no direction to part them in
        }
        Vector3D n = apart.normalize();
        double[] row = new double[freedom.columns()];
        Circle a = pose.rings().get(pair[0]);
        RingMotion.push(row, pair[0], a, n, onA.subtract(a.centre()));
        double back = -pose.turnOf(pair[2], pair[3]);
        RingMotion.push(
                row,
                pair[1],
                pose.rings().get(pair[1]),
                Pose.turned(n, back).negate(),
                Pose.turned(onB.subtract(b.centre()), back));
        if (freedom.pitch() >= 0) {
            row[freedom.pitch()] -= Vectors.dot(n, pose.alongOf(pair[2], pair[3]));
        }
        if (freedom.across() >= 0) {
            row[freedom.across()] -= pair[3] * n.getY();
        }
        if (freedom.turn() >= 0) {
            row[freedom.turn()] -= pair[2] * Vectors.dot(n, Vectors.cross(Vector3D.PLUS_I, onB));
        }
        gaps.add(distance, row);
    }
}
