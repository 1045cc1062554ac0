package toroid.server.export;

import java.util.List;
import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Extent;
import toroid.core.form.FlatFace;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Solid;

/** A form's face at true size: every wire one path as wide as the wire, a 50 mm line to check the printer by. SVG 1.1, mm. */
final class FormSvg {
    private static final double MARGIN = 10;
    private static final double CHECK = 50;
    private static final double SAGITTA = 0.005;

    private FormSvg() {}

    static String of(FormWork work) {
        Extent extent = Extent.of(work);
        double width = Math.max(CHECK, extent.size().getX()) + 2 * MARGIN;
        double height = extent.size().getY() + 3 * MARGIN;
        double left = MARGIN - extent.least().getX();
        double top = MARGIN + extent.most().getY();
        var svg = new StringBuilder();
        svg.append(say(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"%.3fmm\" height=\"%.3fmm\""
                        + " viewBox=\"0 0 %.3f %.3f\">%n<title>%s</title>%n",
                width, height, width, height, work.info().name()));
        svg.append(say("<g id=\"form\" transform=\"translate(%.4f %.4f)\" fill=\"none\">%n", left, top));
        for (Solid solid : work.solids()) {
            if (!solid.isRound()) {
                svg.append(say(
                        "<path class=\"%s\" stroke=\"#535c63\" stroke-width=\"0.15\" d=\"%sZ\"/>%n",
                        solid.kind().name().toLowerCase(Locale.ROOT), line(solid.outline())));
                continue;
            }
            svg.append(say(
                    "<circle class=\"%s\" cx=\"%.4f\" cy=\"%.4f\" r=\"%.4f\" stroke=\"#535c63\" stroke-width=\"0.15\"/>%n",
                    solid.kind().name().toLowerCase(Locale.ROOT),
                    solid.centre().getX(),
                    -solid.centre().getY(),
                    solid.diameterMm() / 2));
        }
        for (FormedWire wire : work.wires()) {
            svg.append(say(
                    "<path class=\"wire\" data-length-mm=\"%.4f\" stroke=\"#1d2227\" stroke-opacity=\"0.75\" stroke-width=\"%.4f\" d=\"%s\"/>%n",
                    wire.program().lengthMm(), wire.diameterMm(), path(wire)));
            hammered(svg, FlatFace.of(wire));
        }
        svg.append("</g>\n");
        svg.append(say(
                "<path id=\"check\" fill=\"none\" stroke=\"#1d2227\" stroke-width=\"0.2\" d=\"M%.3f %.3fh%.3fm0 -1.5v3m-%.3f 0v-3\"/>%n",
                MARGIN, height - MARGIN, CHECK, CHECK));
        svg.append(say(
                "<text x=\"%.3f\" y=\"%.3f\" font-size=\"3\" font-family=\"sans-serif\">50 mm</text>%n</svg>%n",
                MARGIN, height - MARGIN + 4.5));
        return svg.toString();
    }

    private static void hammered(StringBuilder svg, FlatFace face) {
        for (List<Vector3D> outline : face.outlines()) {
            svg.append(
                    say("<path class=\"flat\" stroke=\"#1d2227\" stroke-width=\"0.15\" d=\"%sZ\"/>%n", line(outline)));
        }
        for (FormedWire.Hole hole : face.holes()) {
            svg.append(say(
                    "<circle class=\"hole\" cx=\"%.4f\" cy=\"%.4f\" r=\"%.4f\" fill=\"#ffffff\" stroke=\"#1d2227\" stroke-width=\"0.15\"/>%n",
                    hole.centre().getX(), -hole.centre().getY(), hole.diameterMm() / 2));
        }
    }

    private static String path(FormedWire wire) {
        return line(wire.program().sampled(SAGITTA * wire.diameterMm(), 1000).stream()
                .map(point -> point.frame().position())
                .toList());
    }

    private static String line(List<Vector3D> places) {
        return SvgPath.through(places, 4);
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
