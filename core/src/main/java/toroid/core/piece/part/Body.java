package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.WirePoint;
import toroid.core.form.Flat;
import toroid.core.form.FormedWire;
import toroid.core.form.Solid;
import toroid.core.numeric.Vectors;

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
     * @param sections at each point, where it is hammered; none for one that is round all along
     * @param holes drilled through its flats
     */
    public record Tube(
            String metal,
            double diameterMm,
            List<Vector3D> points,
            boolean closed,
            List<Flat.Section> sections,
            List<FormedWire.Hole> holes) {
        public Tube {
            points = List.copyOf(points);
            sections = List.copyOf(sections);
            holes = List.copyOf(holes);
        }

        /** Round wire. */
        public Tube(String metal, double diameterMm, List<Vector3D> points, boolean closed) {
            this(metal, diameterMm, points, closed, List.of(), List.of());
        }

        /** A wire of a form with what is hammered of it. */
        static Tube of(String metal, FormedWire wire) {
            List<WirePoint> points = wire.sampled(SAGITTA * wire.diameterMm(), LONGEST * wire.diameterMm());
            return new Tube(
                    metal,
                    wire.diameterMm(),
                    points.stream().map(point -> point.frame().position()).toList(),
                    false,
                    wire.flats().isEmpty()
                            ? List.of()
                            : points.stream().map(wire::sectionAt).toList(),
                    wire.holes());
        }

        /** How far a drawn line may be off its curve, and how long a straight piece of it is at most, in wires. */
        private static final double SAGITTA = 0.03;

        private static final double LONGEST = 4;
    }

    public Body {
        tubes = List.copyOf(tubes);
        solids = List.copyOf(solids);
    }

    /**
     * A ring hammered flat on the block: as thin along its axis as it is said, as wide across its wire as that leaves.
     *
     * @param across between its middle lines, mm
     */
    static Tube hammered(Vector3D centre, double across, double wideMm, double thickMm) {
        Tube round = ring(centre, Vector3D.PLUS_K, across / 2, wideMm);
        return new Tube(
                null,
                wideMm,
                round.points(),
                true,
                round.points().stream()
                        .map(point -> new Flat.Section(point.subtract(centre).normalize(), wideMm / 2, thickMm / 2))
                        .toList(),
                List.of());
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
        Vector3D across = Vectors.cross(axis, along);
        var points = new ArrayList<Vector3D>();
        for (int i = 0; i < pieces; i++) {
            double angle = 2 * Math.PI * i / pieces;
            points.add(Vectors.sum(1, centre, halves[0] * Math.cos(angle), along, halves[1] * Math.sin(angle), across));
        }
        return new Tube(null, wireMm, points, true);
    }

    /** Straight between two places. */
    static Tube rod(Vector3D from, Vector3D to, double wireMm) {
        return new Tube(null, wireMm, List.of(from, to), false);
    }
}
