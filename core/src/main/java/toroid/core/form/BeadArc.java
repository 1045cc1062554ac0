package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Small beads threaded in an arc over a big one, in the plane of its strand, the big bead's middle at the origin.
 *
 * <p>How many: {@code ⌊π / (2 asin(s/(D + s)))⌋}, those of a half circle (the trade's rule). Where the half circle's outermost would lie in the
 * neighbouring big beads or in the strand they bow out: the outermost rest in the valleys and the rest stand on the one arc through them
 * that keeps each touching the next, {@code sin((n − 1)α)/sin α = c/s} for the chord c between the valleys and radius {@code s/(2 sin α)}.
 * Exact for round beads. mm.
 *
 * @param radiusMm of the arc the beads' middles stand on
 * @param centreMm how far its middle lies to the arc's side
 * @param halfTurn half the angle between the outermost beads, radians
 * @param places the beads' middles, from one side to the other, the arc to the positive y
 */
public record BeadArc(double radiusMm, double centreMm, double halfTurn, List<Vector3D> places) {
    /**
     * What lies beside the big bead on its strand.
     *
     * @param bigMm the neighbour's diameter
     * @param apartMm from middle to middle, mm
     * @param arc whether an arc of small beads lies over the neighbour on the same side: then two outermost share the valley, and no arc is
     *     wider than its own half of it, so fewer beads may go in
     */
    public record Neighbour(double bigMm, double apartMm, boolean arc) {
        /** Where a small bead that touches both big ones lies, along the strand, mm: the valley. By the law of cosines, exact. */
        private double valleyMm(double ring, double smallMm) {
            double other = (bigMm + smallMm) / 2;
            return (apartMm * apartMm + ring * ring - other * other) / (2 * apartMm);
        }

        /** Whether a small bead there, the big bead's middle at the origin, lies in the neighbour or in its half of the valley. */
        private boolean crowds(Vector3D place, double ring, double smallMm) {
            double along = Math.abs(place.getX());
            double free = Math.hypot(apartMm - along, place.getY()) - (bigMm + smallMm) / 2;
            return free < -TOUCH_MM || along > roomMm(ring, smallMm) + TOUCH_MM;
        }

        /**
         * How far along the strand a small bead may lie: in the valley, or, where the neighbour's arc takes its half, so that they touch;
         * never nearer to the neighbour's middle than a small bead of an arc beyond it.
         */
        private double roomMm(double ring, double smallMm) {
            return (arc ? valleyMm(ring, smallMm) : apartMm) - smallMm / 2;
        }
    }

    private static final double TOUCH_MM = 1e-6;

    /**
     * @param bigMm the big bead's diameter D
     * @param smallMm the small beads' diameter s, below D
     * @param strandMm the strand's diameter: no small bead lies in it either
     * @param neighbours what lies beside it; the arc is as wide to either side as the narrower valley lets it be
     * @return none where not one small bead lies over it free of its neighbours
     */
    public static Optional<BeadArc> over(double bigMm, double smallMm, double strandMm, List<Neighbour> neighbours) {
        double ring = (bigMm + smallMm) / 2;
        int count = Math.max(1, (int) Math.floor(Math.PI / (2 * Math.asin(smallMm / (2 * ring))) + 1e-9));
        double valleyAngle = Math.acos(Math.min(1, (strandMm + smallMm) / (2 * ring)));
        for (Neighbour one : neighbours) {
            double wide = Math.min(one.valleyMm(ring, smallMm), one.roomMm(ring, smallMm));
            valleyAngle = Math.min(valleyAngle, Math.asin(Math.min(1, Math.max(0, wide / ring))));
        }
        BeadArc arc = fitted(ring, smallMm, valleyAngle, count);
        while (arc.crowds(neighbours, ring, smallMm)) {
            count--;
            if (count == 0) {
                return Optional.empty();
            }
            arc = fitted(ring, smallMm, valleyAngle, count);
        }
        return Optional.of(arc);
    }

    /** Whether it closes on itself, or lies in what is beside it. */
    private boolean crowds(List<Neighbour> neighbours, double ring, double smallMm) {
        boolean closed =
                places.size() > 1 && places.get(0).distance(places.get(places.size() - 1)) < smallMm - TOUCH_MM;
        return closed
                || neighbours.stream()
                        .anyMatch(one -> places.stream().anyMatch(place -> one.crowds(place, ring, smallMm)));
    }

    private static BeadArc fitted(double ring, double smallMm, double valleyAngle, int count) {
        double touching = (count - 1) * Math.asin(smallMm / (2 * ring));
        if (touching <= valleyAngle) {
            return of(ring, 0, Math.min(Math.PI / 2 - Math.PI / (2 * count), valleyAngle), count);
        }
        if (count == 2) {
            // two that cannot lie side by side between the neighbours: one
            return of(ring, 0, 0, 1);
        }
        double gaps = count - 1.0;
        double chord = 2 * ring * Math.sin(valleyAngle);
        double alpha = new BrentSolver(1e-12)
                .solve(200, a -> Math.sin(gaps * a) / Math.sin(a) - chord / smallMm, 1e-6, Math.PI / gaps);
        double radius = smallMm / (2 * Math.sin(alpha));
        return of(radius, ring * Math.cos(valleyAngle) - radius * Math.cos(gaps * alpha), gaps * alpha, count);
    }

    private static BeadArc of(double radius, double centre, double half, int count) {
        var places = new ArrayList<Vector3D>();
        for (int i = 0; i < count; i++) {
            double angle = count == 1 ? 0 : half * (2.0 * i / (count - 1) - 1);
            places.add(new Vector3D(radius * Math.sin(angle), centre + radius * Math.cos(angle), 0));
        }
        return new BeadArc(radius, centre, half, List.copyOf(places));
    }
}
