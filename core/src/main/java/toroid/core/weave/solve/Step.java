package toroid.core.weave.solve;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

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
        return RingMotion.move(by, ring);
    }

    /** Rotation vector, in the ring's own plane. */
    Vector3D tilt(int ring) {
        return RingMotion.tilt(by, ring, from.rings().get(ring));
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
            most = Math.max(most, RingMotion.furthest(by, k, from.rings().get(k)));
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
