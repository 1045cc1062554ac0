package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Solid;

/**
 * What a part looks like, mm, where its ports are told.
 *
 * @param tubes its wires
 * @param solids beads, stones, cord
 */
public record Body(List<Tube> tubes, List<Solid> solids) {
    /**
     * A wire along its middle line.
     *
     * @param metal its own; null for the piece's; {@code cord} for what is none
     * @param closed whether its end meets its beginning
     */
    public record Tube(String metal, double diameterMm, List<Vector3D> points, boolean closed) {
        public Tube {
            points = List.copyOf(points);
        }
    }

    public Body {
        tubes = List.copyOf(tubes);
        solids = List.copyOf(solids);
    }

    /** So many straight pieces draw a circle smoothly. */
    private static final int CIRCLE = 48;

    /** A ring in the plane square to an axis. */
    static Tube ring(Vector3D centre, Vector3D axis, double meanRadiusMm, double wireMm) {
        return ring(centre, axis, meanRadiusMm, wireMm, CIRCLE);
    }

    /** @param pieces straight ones that draw it */
    static Tube ring(Vector3D centre, Vector3D axis, double meanRadiusMm, double wireMm, int pieces) {
        return oval(centre, axis, axis.orthogonal(), new double[] {meanRadiusMm, meanRadiusMm}, wireMm, pieces);
    }

    /** An oval whose longer half lies along a direction. */
    static Tube oval(Vector3D centre, Vector3D axis, Vector3D along, double halfMm, double acrossMm, double wireMm) {
        return oval(centre, axis, along, new double[] {halfMm, acrossMm}, wireMm, CIRCLE);
    }

    private static Tube oval(
            Vector3D centre, Vector3D axis, Vector3D along, double[] halves, double wireMm, int pieces) {
        Vector3D across = axis.crossProduct(along);
        var points = new ArrayList<Vector3D>();
        for (int i = 0; i < pieces; i++) {
            double angle = 2 * Math.PI * i / pieces;
            points.add(
                    new Vector3D(1, centre, halves[0] * Math.cos(angle), along, halves[1] * Math.sin(angle), across));
        }
        return new Tube(null, wireMm, points, true);
    }

    /** Straight between two places. */
    static Tube rod(Vector3D from, Vector3D to, double wireMm) {
        return new Tube(null, wireMm, List.of(from, to), false);
    }
}
