package toroid.server.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Extent;
import toroid.core.form.FlatFace;
import toroid.core.form.FormStep;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Marks;

/** A form on paper: its face at true size to lay the wire on, a 50 mm line to check the printer by, cut lengths, marks, steps. */
public final class FormSheetPrint {
    private static final float CHECK_LINE_MM = 50;
    private static final double SAGITTA = 0.01;
    private static final double OUTLINE_MM = 0.2;

    private FormSheetPrint() {}

    /** One PDF. A form wider or taller than the sheet is drawn from its left edge on, and said to be cut off. */
    public static byte[] print(FormWork work) throws IOException {
        try (Paper paper = new Paper(work.info().name())) {
            paper.line(work.info().name(), 20);
            paper.line(
                    say(
                            "%.2f mm wire, %s: %.1f mm in the piece, cut %.1f mm",
                            work.request().wireDiameterMm(),
                            work.request().metal().name(),
                            work.inPiece().inMillimetres(),
                            work.toCut().inMillimetres()),
                    11);
            face(paper, work);
            paper.checkLine(CHECK_LINE_MM);
            paper.line("This line is 50 mm long when printed at true size.", 9);
            paper.down(4, 20);
            for (FormedWire wire : work.wires()) {
                paper.line(wireLine(wire), 10);
            }
            paper.down(4, 20);
            int number = 1;
            for (FormStep step : work.steps()) {
                paper.columns(
                        10,
                        List.of(number++ + "", step.kind().name().toLowerCase(Locale.ROOT), step.part(), figures(step)),
                        0,
                        8,
                        28,
                        100);
            }
            paper.down(4, 20);
            paper.line("Glasses for cutting: ends fly. Local rules and the maker's data sheets come first.", 9);
            return paper.bytes();
        }
    }

    private static void face(Paper paper, FormWork work) throws IOException {
        Extent extent = Extent.of(work);
        var lines = new ArrayList<Paper.Line>();
        for (FormedWire wire : work.wires()) {
            List<Vector3D> middle = wire.program().sampled(SAGITTA * wire.diameterMm(), 1000).stream()
                    .map(point -> point.frame().position())
                    .toList();
            lines.add(line(middle, extent, wire.diameterMm()));
            for (List<Vector3D> outline : FlatFace.of(wire).outlines()) {
                var closed = new ArrayList<>(outline);
                closed.add(outline.get(0));
                lines.add(line(closed, extent, OUTLINE_MM));
            }
        }
        if (!paper.drawn(
                lines, (float) extent.size().getX(), (float) extent.size().getY())) {
            paper.line("Larger than this sheet: the drawing is cut off. Take the SVG for a larger one.", 9);
        }
    }

    private static Paper.Line line(List<Vector3D> places, Extent extent, double widthMm) {
        float[] flat = new float[places.size() * 2];
        for (int i = 0; i < places.size(); i++) {
            Vector3D p = places.get(i).subtract(extent.least());
            flat[2 * i] = (float) p.getX();
            flat[2 * i + 1] = (float) p.getY();
        }
        return new Paper.Line(flat, (float) widthMm);
    }

    private static String wireLine(FormedWire wire) {
        var marks = new StringBuilder();
        for (Marks.Mark mark : Marks.of(wire)) {
            marks.append(marks.isEmpty() ? "" : ", ").append(say("%.1f", mark.atMm()));
        }
        return say(
                "%s, %.2f mm: cut %.1f mm; marks from the cut end at %s",
                wire.name(), wire.diameterMm(), wire.toCut().inMillimetres(), marks.isEmpty() ? "no place" : marks);
    }

    private static String figures(FormStep step) {
        if (step.toolMm() != null) {
            return say("on %.2f mm, %.0f° (held %.0f°)", step.toolMm(), step.degrees(), step.heldDegrees());
        }
        if (step.turns() != null) {
            return say("%.2f turns", step.turns());
        }
        return step.degrees() != null
                ? say("%.0f°", step.degrees())
                : step.lengthMm() > 0 ? say("%.1f mm", step.lengthMm()) : "";
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
