package toroid.core.piece;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Port;

/**
 * A part worked out: where it takes its neighbours and what is between.
 *
 * @param spec as it was asked for
 * @param name the trade's word for it
 * @param first the port its neighbour before it hangs in
 * @param last the port for its neighbour after it; the same for a ring; null for a part that only ends a row
 * @param spanMm from bearing point to bearing point, pulled; of a part that ends a row from its bearing point to its far end
 * @param massG its wire; beads are not weighed
 * @param cuts every wire that is cut for it
 * @param thickMm how far it stands off what it lies on, about: two wires or its thickest bead
 */
public record PartWork(
        PartSpec spec,
        String name,
        Port first,
        Port last,
        double spanMm,
        double massG,
        List<Cut> cuts,
        double thickMm) {
    /**
     * A length of wire.
     *
     * @param lengthMm to cut, with the tails the hand holds
     */
    public record Cut(String wire, double diameterMm, String metal, double lengthMm) {}

    public PartWork {
        cuts = List.copyOf(cuts);
    }

    public boolean isRing() {
        return spec instanceof PartSpec.OfRing;
    }

    /** Whether something can hang from it as well. */
    public boolean goesOn() {
        return last != null;
    }

    /** The way a pull goes through it, from its first port to its last; along the ring's plane for a ring. Unit vector. */
    private Vector3D pull() {
        Vector3D along = last.centre().subtract(first.centre());
        return along.getNorm() < 1e-9 ? first.axis().orthogonal() : along.normalize();
    }

    /**
     * How far the plane of its last port is turned against that of its first, about the pull, degrees, 0 up to 180: 0 for a flat link, 90 for
     * one whose ends are square to each other. Exact.
     */
    public double twistDegrees() {
        if (last == null || last == first) {
            return 0;
        }
        Vector3D pull = pull();
        Vector3D one = across(first.axis(), pull);
        Vector3D other = across(last.axis(), pull);
        if (one == null || other == null) {
            return 0; // a port square to the pull has no face along it
        }
        double turned = Math.toDegrees(Math.atan2(pull.dotProduct(one.crossProduct(other)), one.dotProduct(other)));
        double folded = turned % 180;
        return folded < -1e-9 ? folded + 180 : Math.abs(folded);
    }

    private static Vector3D across(Vector3D axis, Vector3D pull) {
        Vector3D across = axis.subtract(pull.scalarMultiply(axis.dotProduct(pull)));
        return across.getNorm() < 1e-3 ? null : across.normalize();
    }
}
