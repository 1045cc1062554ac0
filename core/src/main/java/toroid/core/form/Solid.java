package toroid.core.form;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/**
 * What stands with the wire: a bead with its hole, a ball on an end, a cord, a core rod.
 *
 * @param axis unit vector along the hole or the rod; of a cap, towards its bead
 * @param diameterMm across the axis
 * @param lengthMm along the axis; the diameter for a ball or a round bead
 * @param holeMm of the hole; 0 for none
 */
public record Solid(Kind kind, Vector3D centre, Vector3D axis, double diameterMm, double lengthMm, double holeMm) {
    /** What it is. */
    public enum Kind {
        BEAD,
        BALL,
        /** Placed by a rule of the trade beside others; it bows out where they are in its way, so it is not checked. */
        LAID_BEAD,
        CORD,
        /** A disc or a tube, round, with flat faces. */
        SPACER,
        /** A cup beside a bead, open towards it. */
        CAP
    }

    /** The same somewhere else, turned. */
    public Solid at(Vector3D where, Vector3D along) {
        return new Solid(kind, where, along, diameterMm, lengthMm, holeMm);
    }

    boolean hasFlatFaces() {
        return kind == Kind.CORD || kind == Kind.SPACER || kind == Kind.CAP;
    }

    /**
     * How far a place is outside it, mm; negative inside. Places in the hole count as outside. Exact for round beads and flat faces; for
     * others the distance to first order, {@code k(k − 1)/|∇k|} of the ellipsoid's k: exact at its skin.
     */
    double outsideMm(Vector3D place) {
        Vector3D from = place.subtract(centre);
        double along = Vectors.dot(from, axis);
        double aside = Math.sqrt(Math.max(0, from.getNormSq() - along * along));
        if (holeMm > 0 && aside <= holeMm / 2) {
            return Double.MAX_VALUE;
        }
        if (hasFlatFaces()) {
            return Math.max(aside - diameterMm / 2, Math.abs(along) - lengthMm / 2);
        }
        double r = diameterMm / 2;
        double half = lengthMm / 2;
        double scaled = Math.hypot(aside / r, along / half);
        double steep = Math.hypot(aside / (r * r), along / (half * half));
        return steep == 0 ? -Math.min(r, half) : scaled * (scaled - 1) / steep;
    }

    /** How far it reaches from its middle in that direction, mm. */
    public double reachMm(Vector3D direction) {
        double along = Math.abs(Vectors.dot(direction, axis));
        double across = Math.sqrt(Math.max(0, 1 - along * along));
        return hasFlatFaces()
                ? across * diameterMm / 2 + along * lengthMm / 2
                : Math.hypot(across * diameterMm / 2, along * lengthMm / 2);
    }

    /** The place on its skin furthest in that direction, a unit vector. */
    private Vector3D outermost(Vector3D direction) {
        double along = Vectors.dot(direction, axis);
        Vector3D across = direction.subtract(axis.scalarMultiply(along));
        double r = diameterMm / 2;
        double half = lengthMm / 2;
        if (hasFlatFaces()) {
            double side = across.getNorm() < 1e-12 ? 0 : r / across.getNorm();
            return Vectors.sum(1, centre, side, across, Math.signum(along) * half, axis);
        }
        double reach = reachMm(direction);
        return Vectors.sum(1, centre, r * r / reach, across, half * half / reach * along, axis);
    }

    private static final int CORNERS = 72;

    /** Its outline seen from its face (along z), closed, mm: corners on its skin, {@value #CORNERS} of them; a round bead within 0.1 %. */
    public List<Vector3D> outline() {
        return IntStream.range(0, CORNERS)
                .mapToDouble(i -> 2 * Math.PI * i / CORNERS)
                .mapToObj(angle -> outermost(new Vector3D(Math.cos(angle), Math.sin(angle), 0)))
                .toList();
    }

    /** Whether it is a ball, seen as a circle from everywhere. */
    public boolean isRound() {
        return !hasFlatFaces() && Math.abs(diameterMm - lengthMm) < 1e-9;
    }
}
