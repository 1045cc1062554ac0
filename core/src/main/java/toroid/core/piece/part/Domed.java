package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Flat;
import toroid.core.form.FormedWire;
import toroid.core.form.Port;
import toroid.core.form.Solid;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

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
        Vector3D across = axis.subtract(along.scalarMultiply(Vectors.dot(axis, along)));
        Vector3D out = across.getNorm() < SQUARE ? along.orthogonal() : across.normalize();
        return new Domed((insideMm + ends[0].wireMm()) / 2, from.add(to).scalarMultiply(0.5), along, out);
    }

    private static final double SQUARE = 1e-6;

    private double angle(Vector3D place) {
        return Vectors.dot(place.subtract(middle), along) / radiusMm;
    }

    Vector3D place(Vector3D flat) {
        double angle = angle(flat);
        Vector3D from = flat.subtract(middle);
        double high = Vectors.dot(from, out);
        Vector3D beside =
                from.subtract(along.scalarMultiply(Vectors.dot(from, along))).subtract(out.scalarMultiply(high));
        double reach = radiusMm + high;
        return middle.add(beside).add(reach * Math.sin(angle), along).add(reach * Math.cos(angle) - radiusMm, out);
    }

    /** A direction at a place, turned with it. */
    private Vector3D way(Vector3D flat, Vector3D way) {
        double angle = angle(flat);
        var turned = new Rotation(Vectors.cross(out, along), angle, RotationConvention.VECTOR_OPERATOR);
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
                flat.tubes().stream().map(this::tube).toList(),
                flat.solids().stream().map(this::solid).toList());
    }

    private Body.Tube tube(Body.Tube flat) {
        var points = new ArrayList<Vector3D>();
        var sections = new ArrayList<Flat.Section>();
        for (Fine fine : fine(flat)) {
            points.add(place(fine.place()));
            if (fine.section() != null) {
                Flat.Section section = fine.section();
                sections.add(new Flat.Section(
                        way(fine.place(), section.across()), section.halfWideMm(), section.halfThickMm()));
            }
        }
        return new Body.Tube(
                flat.metal(),
                flat.diameterMm(),
                points,
                flat.closed(),
                sections,
                flat.holes().stream()
                        .map(hole -> new FormedWire.Hole(
                                place(hole.centre()),
                                way(hole.centre(), hole.axis()),
                                hole.diameterMm(),
                                hole.thickMm()))
                        .toList());
    }

    /** A place of a wire as it is flat, and its section there; null where it is round all along. */
    private record Fine(Vector3D place, Flat.Section section) {}

    /** A straight stretch becomes an arc: no piece of it turns by more than {@value #STEP} about the rod. */
    private List<Fine> fine(Body.Tube tube) {
        var fine = new ArrayList<Fine>();
        for (int i = 0; i < tube.points().size(); i++) {
            Vector3D to = tube.points().get(i);
            Flat.Section section =
                    tube.sections().isEmpty() ? null : tube.sections().get(i);
            Vector3D from = i == 0 ? to : tube.points().get(i - 1);
            int pieces = (int) Math.ceil(Math.abs(angle(to) - angle(from)) / STEP);
            for (int piece = 1; piece < pieces; piece++) {
                fine.add(new Fine(from.add((double) piece / pieces, to.subtract(from)), section));
            }
            fine.add(new Fine(to, section));
        }
        return fine;
    }

    private static final double STEP = 0.05;

    /** Which way and how far its middle stands out beyond the line between its bearing points, mm: {@code R (1 − cos L/2R)}. */
    Vector3D bow(Port[] ends) {
        Vector3D bearing = ends[1].bearing(along);
        return out.scalarMultiply(radiusMm * (1 - Math.cos(angle(bearing))));
    }

    List<Port> ports(List<Port> flat) {
        return flat.stream().map(this::port).toList();
    }
}
