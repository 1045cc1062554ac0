package toroid.core.weave.solve;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;

/** A ring's five numbers in a move: three of place, then a tilt about two lines in its plane. Turned about its own axis it is the same ring. */
public final class RingMotion {
    /** Numbers a ring has in a move. */
    public static final int PER_RING = 5;

    private static final double NO_TILT = 1e-15;

    private RingMotion() {}

    /** Adds to a gap's row what moving that ring does to it: pushed by {@code n} at {@code arm} from its centre. */
    public static void push(double[] row, int place, Circle ring, Vector3D n, Vector3D arm) {
        int at = PER_RING * place;
        row[at] += n.getX();
        row[at + 1] += n.getY();
        row[at + 2] += n.getZ();
        Vector3D moment = Vectors.cross(arm, n);
        Vector3D u = ring.normal().orthogonal();
        row[at + 3] += Vectors.dot(moment, u);
        row[at + 4] += Vectors.dot(moment, Vectors.cross(ring.normal(), u));
    }

    /** How the ring at that place is moved. */
    public static Vector3D move(double[] by, int place) {
        int at = PER_RING * place;
        return new Vector3D(by[at], by[at + 1], by[at + 2]);
    }

    /** Rotation vector, in the ring's own plane. */
    public static Vector3D tilt(double[] by, int place, Circle ring) {
        int at = PER_RING * place;
        Vector3D u = ring.normal().orthogonal();
        return Vectors.sum(by[at + 3], u, by[at + 4], Vectors.cross(ring.normal(), u));
    }

    /** The furthest any place of the ring is moved, at most. */
    public static double furthest(double[] by, int place, Circle ring) {
        return move(by, place).getNorm() + ring.radius() * tilt(by, place, ring).getNorm();
    }

    /** The ring moved and tilted. */
    static Circle moved(Circle ring, Vector3D move, Vector3D tilt) {
        Vector3D normal = tilt.getNorm() < NO_TILT
                ? ring.normal()
                : new Rotation(tilt, tilt.getNorm(), RotationConvention.VECTOR_OPERATOR)
                        .applyTo(ring.normal())
                        .normalize();
        return new Circle(ring.centre().add(move), normal, ring.radius());
    }

    /** The ring at that place after {@code scale} times that move. */
    public static Circle moved(Circle ring, double[] by, int place, double scale) {
        return moved(
                ring,
                move(by, place).scalarMultiply(scale),
                tilt(by, place, ring).scalarMultiply(scale));
    }

    /** As much further as {@code share} times the way from {@code before} to {@code now}. */
    public static Circle beyond(Circle before, Circle now, double share) {
        return new Circle(
                Vectors.sum(1 + share, now.centre(), -share, before.centre()),
                Vectors.sum(1 + share, now.normal(), -share, before.normal()).normalize(),
                now.radius());
    }

    /** How far apart any two places of the same ring there and here are, at most. */
    public static double apart(Circle a, Circle b) {
        return a.centre().distance(b.centre()) + a.radius() * a.normal().distance(b.normal());
    }
}
