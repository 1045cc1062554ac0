package toroid.server.export;

import java.util.List;
import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.FlatFace;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Solid;

/**
 * A form's face for jigs: the middle of every wire as a polyline, beads as circles, one layer for each wire; what is
 * hammered as closed outlines and its holes as circles, on layers of their own. ASCII DXF of release
 * 12 (AC1009), mm, as every reader takes it.
 */
final class FormDxf {
    private static final double SAGITTA = 0.005;

    private final StringBuilder out = new StringBuilder();

    private FormDxf() {}

    static String of(FormWork work) {
        var dxf = new FormDxf();
        dxf.pair(0, "SECTION")
                .pair(2, "HEADER")
                .pair(9, "$ACADVER")
                .pair(1, "AC1009")
                .pair(0, "ENDSEC");
        dxf.pair(0, "SECTION").pair(2, "ENTITIES");
        for (FormedWire wire : work.wires()) {
            dxf.wire(wire);
        }
        for (Solid solid : work.solids()) {
            if (!solid.isRound()) {
                dxf.polyline("BEADS", true, solid.outline());
                continue;
            }
            dxf.pair(0, "CIRCLE").pair(8, "BEADS");
            dxf.place(solid.centre().getX(), solid.centre().getY()).pair(40, solid.diameterMm() / 2);
        }
        dxf.pair(0, "ENDSEC").pair(0, "EOF");
        return dxf.out.toString();
    }

    private void wire(FormedWire wire) {
        String layer = wire.name().toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]+", "_");
        polyline(
                layer,
                false,
                wire.program().sampled(SAGITTA * wire.diameterMm(), 1000).stream()
                        .map(point -> point.frame().position())
                        .toList());
        FlatFace face = FlatFace.of(wire);
        face.outlines().forEach(outline -> polyline(layer + "_FLAT", true, outline));
        for (FormedWire.Hole hole : face.holes()) {
            pair(0, "CIRCLE").pair(8, layer + "_HOLES");
            place(hole.centre().getX(), hole.centre().getY()).pair(40, hole.diameterMm() / 2);
        }
    }

    private void polyline(String layer, boolean closed, List<Vector3D> places) {
        pair(0, "POLYLINE")
                .pair(8, layer)
                .pair(66, "1")
                .pair(70, closed ? "1" : "0")
                .place(0, 0);
        for (Vector3D p : places) {
            pair(0, "VERTEX").pair(8, layer).place(p.getX(), p.getY());
        }
        pair(0, "SEQEND").pair(8, layer);
    }

    private FormDxf place(double x, double y) {
        return pair(10, x).pair(20, y).pair(30, 0.0);
    }

    private FormDxf pair(int code, double value) {
        return pair(code, String.format(Locale.ROOT, "%.5f", value));
    }

    private FormDxf pair(int code, String value) {
        out.append(code).append('\n').append(value).append('\n');
        return this;
    }
}
