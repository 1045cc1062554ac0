package toroid.core.weave.solve;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;

/**
 * Where the rings of one cell are and how the cell repeats. Immutable. Lengths in the unit of the circles' radii.
 *
 * @param lattice the pattern's, for its kind and fixed turns
 * @param rings of one cell
 * @param pitch p₁
 * @param across p₂
 * @param turn θ₁, radians
 */
public record Pose(Lattice lattice, List<Circle> rings, double pitch, double across, double turn) {
    public Pose {
        rings = List.copyOf(rings);
    }

    /** Ring {@code ring} of the cell (i, j) away. */
    public Circle image(int ring, int i, int j) {
        Circle own = rings.get(ring);
        if (i == 0 && j == 0) {
            return own;
        }
        double angle = turnOf(i, j);
        return new Circle(turned(own.centre(), angle).add(moved(i, j)), turned(own.normal(), angle), own.radius());
    }

    double turnOf(int i, int j) {
        return i * turn + j * lattice.acrossTurn();
    }

    /** How far image (i, j) is moved. */
    Vector3D moved(int i, int j) {
        return Vectors.sum(pitch, alongOf(i, j), across * j, Vector3D.PLUS_J);
    }

    /** What p₁ moves image (i, j) by, per unit. */
    Vector3D alongOf(int i, int j) {
        return Vectors.sum(i, Vector3D.PLUS_I, j, lattice.shared());
    }

    static Vector3D turned(Vector3D v, double angle) {
        if (angle == 0) {
            return v;
        }
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return new Vector3D(v.getX(), cos * v.getY() - sin * v.getZ(), sin * v.getY() + cos * v.getZ());
    }

    /** The larger of the rings' radii. */
    double largest() {
        return rings.stream().mapToDouble(Circle::radius).max().orElseThrow();
    }

    /** Every ring moved and tilted; see {@link Step}. */
    Pose stepped(Step step, double scale) {
        var moved = new ArrayList<Circle>(rings.size());
        for (int k = 0; k < rings.size(); k++) {
            moved.add(RingMotion.moved(
                    rings.get(k),
                    step.move(k).scalarMultiply(scale),
                    step.tilt(k).scalarMultiply(scale)));
        }
        return new Pose(
                lattice,
                moved,
                pitch + scale * step.pitch(),
                across + scale * step.across(),
                turn + scale * step.turn());
    }

    /** As much further as {@code share} times the way from {@code before} to here. */
    Pose beyond(Pose before, double share) {
        var rings2 = new ArrayList<Circle>(rings.size());
        for (int k = 0; k < rings.size(); k++) {
            rings2.add(RingMotion.beyond(before.rings.get(k), rings.get(k), share));
        }
        return new Pose(
                lattice,
                rings2,
                pitch + share * (pitch - before.pitch),
                across + share * (across - before.across),
                turn + share * (turn - before.turn));
    }

    /** How far any ring of the cell is from where it is there, at most; the cell's own stretch counted for two cells. */
    double furthestFrom(Pose other) {
        double most = 0;
        for (int k = 0; k < rings.size(); k++) {
            most = Math.max(most, RingMotion.apart(rings.get(k), other.rings.get(k)));
        }
        return most
                + 2 * Math.abs(pitch - other.pitch)
                + 2 * Math.abs(across - other.across)
                + Math.abs(turn - other.turn);
    }

    /** The cell drawn out or pushed together, its rings left where they are. */
    Pose withPitch(double other) {
        return new Pose(lattice, rings, other, across, turn);
    }

    /** Turned and moved as a whole; for finite patches, and for tests of invariance along the axis. */
    public Pose withRings(List<Circle> others) {
        return new Pose(lattice, others, pitch, across, turn);
    }

    /** Everything {@code factor} times as large. */
    public Pose scaled(double factor) {
        return new Pose(
                lattice,
                rings.stream()
                        .map(ring ->
                                new Circle(ring.centre().scalarMultiply(factor), ring.normal(), ring.radius() * factor))
                        .toList(),
                pitch * factor,
                across * factor,
                turn);
    }
}
