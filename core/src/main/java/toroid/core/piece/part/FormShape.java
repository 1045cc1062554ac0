package toroid.core.piece.part;

import java.util.List;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.form.Solid;
import toroid.core.numeric.Vectors;

/**
 * A form as a body that hangs: its wires, all or those of one half, and what is threaded on them.
 *
 * @param solids its beads and caps
 */
record FormShape(FormWork work, List<FormedWire> wires, List<Solid> solids) {
    /** Glass, g/cm³: what beads are weighed as while nothing is known of them. From memory: soda-lime 2.5. */
    static final double GLASS = 2.5;

    /** The two ports furthest apart, in the order the form tells them; the second null where there is but one. */
    static Port[] ends(List<Port> ports) {
        Port[] ends = {ports.get(0), null};
        double most = 0;
        for (int a = 0; a < ports.size(); a++) {
            for (int b = a + 1; b < ports.size(); b++) {
                double span = spanMm(ports.get(a), ports.get(b));
                if (span > most) {
                    most = span;
                    ends = new Port[] {ports.get(a), ports.get(b)};
                }
            }
        }
        return ends;
    }

    /** Whether all its wire lies round that port, within a few wires of it: such a link holds its neighbours on either side, as a ring does. */
    boolean isRingAbout(Port port) {
        if (port.opens() == Opening.MOUTH || port.opens() == Opening.WORN) {
            return false;
        }
        for (FormedWire wire : wires) {
            double most = port.insideMm() / 2 + RING_WIRES * wire.diameterMm();
            for (var point : wire.program().sampled(0.05 * wire.diameterMm(), wire.diameterMm())) {
                if (point.frame().position().distance(port.centre()) > most) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Turns beyond these about a hole make it a spiral that hangs, no ring. Our own. */
    private static final double RING_WIRES = 5;

    /** From bearing point to bearing point along the line through both middles. Exact. */
    static double spanMm(Port first, Port last) {
        Vector3D along = last.centre().subtract(first.centre());
        return first.bearing(along.negate()).distance(last.bearing(along));
    }

    /** Where the rest of it is, seen from its only port. Unit vector. */
    Vector3D down(Port port) {
        return direction(centreOfMass().subtract(port.centre()), port);
    }

    /** From one port to the other. Unit vector. */
    static Vector3D along(Port first, Port last) {
        return direction(last.centre().subtract(first.centre()), first);
    }

    private static Vector3D direction(Vector3D way, Port port) {
        return way.getNorm() < SAME_MM ? port.axis().orthogonal() : way.normalize();
    }

    /** Places nearer than this are one, mm. */
    private static final double SAME_MM = 1e-9;

    /** From the bearing point down to the lowest of it, hung so that its centre of mass is below its port; what is threaded included. */
    double hangsMm(Port port, Vector3D down) {
        Vector3D bearing = port.bearing(down.negate());
        double lowest = 0;
        for (FormedWire wire : wires) {
            for (var point : wire.program().sampled(0.01 * wire.diameterMm(), wire.diameterMm())) {
                double low = Vectors.dot(point.frame().position().subtract(bearing), down);
                lowest = Math.max(lowest, low + wire.diameterMm() / 2);
            }
        }
        for (Solid solid : solids) {
            double low = Vectors.dot(solid.centre().subtract(bearing), down);
            lowest = Math.max(lowest, low + solid.reachMm(down));
        }
        return lowest;
    }

    /** Its wire as it lies in the form, and its beads as {@value #GLASS} g/cm³. */
    double massG() {
        double beads = solids.stream().mapToDouble(FormShape::beadG).sum();
        if (wires.size() == work.wires().size()) {
            return work.wireMassG() + beads;
        }
        return wires.stream().mapToDouble(this::wireG).sum() + beads;
    }

    private double wireG(FormedWire wire) {
        double d = wire.diameterMm();
        double density = work.request().metalOf(wire.name()).densityGramsPerCubicCentimetre();
        return Math.PI / 4 * d * d * wire.program().lengthMm() / 1000 * density;
    }

    static boolean isBead(Solid solid) {
        return solid.kind() == Solid.Kind.BEAD || solid.kind() == Solid.Kind.LAID_BEAD;
    }

    /** A bead as the ellipsoid it fills less its hole; a cap is wire and weighed with it. */
    private static double beadG(Solid solid) {
        if (!isBead(solid)) {
            return 0;
        }
        double whole = Math.PI / 6 * solid.diameterMm() * solid.diameterMm() * solid.lengthMm();
        double hole = Math.PI / 4 * solid.holeMm() * solid.holeMm() * solid.lengthMm();
        return Math.max(0, whole - hole) / 1000 * GLASS;
    }

    /** Wires by length and section, beads in their middle. */
    Vector3D centreOfMass() {
        return centreOfMass(UnaryOperator.identity());
    }

    /** @param laid where each place of it comes to lie */
    Vector3D centreOfMass(UnaryOperator<Vector3D> laid) {
        Vector3D sum = Vector3D.ZERO;
        double all = 0;
        for (FormedWire wire : wires) {
            double length = wire.program().lengthMm();
            int parts = (int) Math.ceil(length / wire.diameterMm());
            double weight = wireG(wire) / parts;
            for (int i = 0; i < parts; i++) {
                Vector3D place = wire.program().at((i + 0.5) * length / parts).position();
                sum = Vectors.sum(1, sum, weight, laid.apply(place));
                all += weight;
            }
        }
        for (Solid solid : solids) {
            double weight = beadG(solid);
            sum = Vectors.sum(1, sum, weight, laid.apply(solid.centre()));
            all += weight;
        }
        return sum.scalarMultiply(1 / all);
    }

    double thickMm() {
        double bead = solids.stream()
                .filter(FormShape::isBead)
                .mapToDouble(Solid::diameterMm)
                .max()
                .orElse(0);
        return Math.max(bead, 2 * work.request().wireDiameterMm());
    }
}
