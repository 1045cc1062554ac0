package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Port;
import toroid.core.form.Solid;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A finished form bent over a rod, so that it lies on a body: what lies along the pull goes round the rod, its middle plane keeping its length. A
 * place s along the pull from the middle and h outward goes to {@code (R + h) (sin s/R, cos s/R) − R}. Beads and cross wires keep their shape.
 * Exact for thin wire; loops and wraps hardly follow a rod, they only tilt.
 *
 * @param radiusMm R, to the middle of its wire
 * @param middle half way between its bearing points
 * @param along unit vector of the pull
 * @param out unit vector square to it, away from the body
 */
record Domed(double radiusMm, Vector3D middle, Vector3D along, Vector3D out) {
    /** The name of the value: the inside diameter of the curve, mm. */
    static final String ID = "domed";

    private static final double WIDEST_MM = 400;

    /**
     * @param insideMm diameter of the curve
     * @param ends its two ports
     * @throws toroid.core.numeric.Refusal for a curve that would go more than half round
     */
    static Domed of(double insideMm, Port[] ends) {
        Vector3D along = FormShape.along(ends[0], ends[1]);
        Vector3D from = ends[0].bearing(along.negate());
        Vector3D to = ends[1].bearing(along);
        double least = 2 * from.distance(to) / Math.PI;
        Checks.within(ID, insideMm, least, WIDEST_MM, Unit.MM, Remedy.TAKE_A_WIDER_CURVE);
        Vector3D axis = ends[0].axis();
        Vector3D across = axis.subtract(along.scalarMultiply(axis.dotProduct(along)));
        Vector3D out = across.getNorm() < SQUARE ? along.orthogonal() : across.normalize();
        return new Domed((insideMm + ends[0].wireMm()) / 2, from.add(to).scalarMultiply(0.5), along, out);
    }

    private static final double SQUARE = 1e-6;

    private double angle(Vector3D place) {
        return place.subtract(middle).dotProduct(along) / radiusMm;
    }

    Vector3D place(Vector3D flat) {
        double angle = angle(flat);
        Vector3D from = flat.subtract(middle);
        double high = from.dotProduct(out);
        Vector3D beside =
                from.subtract(along.scalarMultiply(from.dotProduct(along))).subtract(out.scalarMultiply(high));
        double reach = radiusMm + high;
        return middle.add(beside).add(reach * Math.sin(angle), along).add(reach * Math.cos(angle) - radiusMm, out);
    }

    /** A direction at a place, turned with it. */
    private Vector3D way(Vector3D flat, Vector3D way) {
        double angle = angle(flat);
        var turned = new Rotation(out.crossProduct(along), angle, RotationConvention.VECTOR_OPERATOR);
        return turned.applyTo(way);
    }

    Port port(Port flat) {
        return new Port(
                flat.part(),
                flat.wire(),
                place(flat.centre()),
                way(flat.centre(), flat.axis()),
                flat.insideMm(),
                flat.wireMm(),
                flat.carriesMm(),
                flat.opens());
    }

    Solid solid(Solid flat) {
        return flat.at(place(flat.centre()), way(flat.centre(), flat.axis()));
    }

    Body body(Body flat) {
        return new Body(
                flat.tubes().stream()
                        .map(tube -> new Body.Tube(
                                tube.metal(),
                                tube.diameterMm(),
                                fine(tube.points()).stream().map(this::place).toList(),
                                tube.closed()))
                        .toList(),
                flat.solids().stream().map(this::solid).toList());
    }

    /** A straight stretch becomes an arc: no piece of it turns by more than {@value #STEP} about the rod. */
    private List<Vector3D> fine(List<Vector3D> points) {
        var fine = new ArrayList<Vector3D>(List.of(points.get(0)));
        for (int i = 1; i < points.size(); i++) {
            Vector3D from = points.get(i - 1);
            Vector3D to = points.get(i);
            int pieces = (int) Math.ceil(Math.abs(angle(to) - angle(from)) / STEP);
            for (int piece = 1; piece < pieces; piece++) {
                fine.add(from.add((double) piece / pieces, to.subtract(from)));
            }
            fine.add(to);
        }
        return fine;
    }

    private static final double STEP = 0.05;

    /** How far its middle stands out beyond the line between its bearing points, mm: {@code R (1 − cos L/2R)}. */
    double bowMm(Port[] ends) {
        Vector3D bearing = ends[1].bearing(along);
        return radiusMm * (1 - Math.cos(angle(bearing)));
    }

    List<Port> ports(List<Port> flat) {
        return flat.stream().map(this::port).toList();
    }
}
