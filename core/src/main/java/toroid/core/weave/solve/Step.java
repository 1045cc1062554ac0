package toroid.core.weave.solve;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;

/** A small change of a pose, as the columns of {@link Freedom}. */
final class Step {
    private final Pose from;
    private final Freedom freedom;
    private final double[] by;

    Step(Pose from, Freedom freedom, double[] by) {
        this.from = from;
        this.freedom = freedom;
        this.by = by;
    }

    Vector3D move(int ring) {
        int at = Freedom.PER_RING * ring;
        return new Vector3D(by[at], by[at + 1], by[at + 2]);
    }

    /** Rotation vector, in the ring's own plane. */
    Vector3D tilt(int ring) {
        int at = Freedom.PER_RING * ring;
        Vector3D normal = from.rings().get(ring).normal();
        Vector3D u = normal.orthogonal();
        return new Vector3D(by[at + 3], u, by[at + 4], normal.crossProduct(u));
    }

    double pitch() {
        return freedom.pitch() < 0 ? 0 : by[freedom.pitch()];
    }

    double across() {
        return freedom.across() < 0 ? 0 : by[freedom.across()];
    }

    double turn() {
        return freedom.turn() < 0 ? 0 : by[freedom.turn()];
    }

    /** The furthest any ring moves against its neighbours in the same or the next cells, at most. */
    double furthest(int cellsReached) {
        double most = 0;
        for (int k = 0; k < from.rings().size(); k++) {
            Circle ring = from.rings().get(k);
            most = Math.max(most, move(k).getNorm() + ring.radius() * tilt(k).getNorm());
        }
        double wide = from.rings().stream()
                .mapToDouble(
                        ring -> Math.hypot(ring.centre().getY(), ring.centre().getZ()) + ring.radius())
                .max()
                .orElse(0);
        double lattice = Math.abs(pitch()) + Math.abs(across()) + wide * Math.abs(turn());
        return most + cellsReached * lattice / 2;
    }
}
