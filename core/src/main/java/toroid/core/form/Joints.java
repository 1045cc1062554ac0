package toroid.core.form;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Vectors;

/** Where a cut end's face lies against wire: what solder can join. By chords, exact to a hundredth of the wire. */
final class Joints {
    private static final double SAGITTA_SHARE = 0.002;

    /** Solder fills no wider gap. */
    private static final double MOST_GAP_MM = 0.08;

    private static final int CORNERS = 16;

    /** So far along its own wire, in wires, an end meets itself only by coming back. */
    private static final double AWAY = 2;

    private Joints() {}

    /** How many ends meet wire; two ends face to face are one joint. */
    static int of(List<FormedWire> wires) {
        List<List<WirePoint>> points = sampled(wires);
        int joints = 0;
        for (FormedWire wire : wires) {
            if (butted(wire)) {
                joints++;
                continue;
            }
            for (boolean last : new boolean[] {false, true}) {
                joints += endOf(wire, last) != EndState.BALLED && meets(wire, last, wires, points) ? 1 : 0;
            }
        }
        return joints;
    }

    /** Whether an end is cut and lies free, where a file reaches it. */
    static boolean hasFreeCutEnd(FormedWire wire, List<FormedWire> wires) {
        List<List<WirePoint>> points = sampled(wires);
        return !butted(wire)
                && (endOf(wire, false) == EndState.FLUSH && !meets(wire, false, wires, points)
                        || endOf(wire, true) == EndState.FLUSH && !meets(wire, true, wires, points));
    }

    private static EndState endOf(FormedWire wire, boolean last) {
        return wire.ends().get(last ? 1 : 0);
    }

    private static List<List<WirePoint>> sampled(List<FormedWire> wires) {
        return wires.stream()
                .map(wire -> wire.program().sampled(SAGITTA_SHARE * wire.diameterMm(), wire.diameterMm()))
                .toList();
    }

    private static boolean butted(FormedWire wire) {
        Frame first = wire.program().at(0);
        Frame last = wire.program().at(wire.program().lengthMm());
        return first.position().distance(last.position()) < wire.diameterMm() / 2
                && Vectors.dot(first.tangent(), last.tangent()) > 0.9;
    }

    private static boolean meets(FormedWire wire, boolean last, List<FormedWire> wires, List<List<WirePoint>> all) {
        double at = last ? wire.program().lengthMm() : 0;
        Frame end = wire.program().at(at);
        for (int k = 0; k < wires.size(); k++) {
            FormedWire other = wires.get(k);
            List<WirePoint> points = all.get(k);
            Effort.check();
            for (int i = 1; i < points.size(); i++) {
                boolean own = other == wire
                        && Math.min(
                                        Math.abs(points.get(i).alongMm() - at),
                                        Math.abs(points.get(i - 1).alongMm() - at))
                                < AWAY * wire.diameterMm();
                if (!own
                        && gap(
                                        end,
                                        wire.diameterMm(),
                                        points.get(i - 1).frame().position(),
                                        points.get(i).frame().position())
                                < other.diameterMm() / 2 + MOST_GAP_MM) {
                    return true;
                }
            }
        }
        return false;
    }

    /** From the end's face to a chord. */
    private static double gap(Frame end, double wireMm, Vector3D a, Vector3D b) {
        if (a.distance(end.position()) > 4 * wireMm + a.distance(b)) {
            return Double.MAX_VALUE;
        }
        Vector3D across = Vectors.cross(end.tangent(), end.normal());
        double nearest = Closing.away(end.position(), a, b);
        for (int k = 0; k < CORNERS; k++) {
            double angle = 2 * Math.PI * k / CORNERS;
            Vector3D corner = Vectors.sum(
                    1,
                    end.position(),
                    wireMm / 2 * Math.cos(angle),
                    end.normal(),
                    wireMm / 2 * Math.sin(angle),
                    across);
            nearest = Math.min(nearest, Closing.away(corner, a, b));
        }
        return nearest;
    }
}
