package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Vectors;

/** Where a form takes its neighbours: what its loops and hooks say of themselves, and its drilled holes. */
final class Ports {
    private static final double SAGITTA_SHARE = 0.01;

    private Ports() {}

    static List<Port> of(FormMaker maker) {
        var all = new ArrayList<Port>();
        for (Port port : maker.ports()) {
            all.add(port.opens() == Opening.WORN ? port : port.carrying(carriesMm(port, maker.wires())));
        }
        maker.wires().forEach(wire -> all.addAll(holesOf(wire)));
        return all;
    }

    private static List<Port> holesOf(FormedWire wire) {
        var ports = new ArrayList<Port>();
        for (FormedWire.Hole hole : wire.holes()) {
            ports.add(new Port(
                    ports.isEmpty() ? "first hole" : "second hole",
                    wire.name(),
                    hole.centre(),
                    hole.axis(),
                    hole.diameterMm(),
                    hole.thickMm(),
                    0,
                    Opening.NEVER));
        }
        return ports;
    }

    /** Thickness of the wires whose middle lines go through its inside; that of its own loop stays half a wire outside. */
    private static double carriesMm(Port port, List<FormedWire> wires) {
        return wires.stream()
                .filter(wire -> goesThrough(wire, port))
                .mapToDouble(FormedWire::diameterMm)
                .sum();
    }

    private static boolean goesThrough(FormedWire wire, Port port) {
        double d = wire.diameterMm();
        for (WirePoint point : wire.program().sampled(SAGITTA_SHARE * d, d / 2)) {
            Effort.check();
            Vector3D out = point.frame().position().subtract(port.centre());
            double aside = Vectors.dot(out, port.axis());
            if (Math.abs(aside) < d
                    && out.subtract(port.axis().scalarMultiply(aside)).getNorm() < port.insideMm() / 2) {
                return true;
            }
        }
        return false;
    }
}
