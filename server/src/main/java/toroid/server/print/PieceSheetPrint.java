package toroid.server.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Solid;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceWork;
import toroid.core.piece.finish.Finish;
import toroid.core.piece.finish.FinishWork;
import toroid.core.piece.part.PartWork;
import toroid.server.piece.LaidPiece;
import toroid.server.piece.PieceJobData;

/** A piece on paper: true size, what it takes, in which order it goes together. */
public final class PieceSheetPrint {
    private static final float CHECK_LINE_MM = 50;
    private static final double OUTLINE_MM = 0.2;

    private PieceSheetPrint() {}

    /**
     * One PDF. A piece wider or taller than the sheet is drawn from its left edge on, and said to be cut off.
     *
     * @param finishes what is done to it besides, in order
     */
    public static byte[] print(PieceJobData job, LaidPiece piece, List<FinishWork> finishes) throws IOException {
        try (Paper paper = new Paper(job.name())) {
            PieceWork work = piece.work();
            paper.line(job.name(), 20);
            paper.line(
                    say(
                            "%s, %d parts%s: %.1f mm from end to end, %.2f g%s",
                            piece.metal().name(),
                            work.parts().size(),
                            piece.piece().pair() ? ", made twice, the second the mirror image" : "",
                            work.lengthMm(),
                            work.massG(),
                            piece.piece().pair() ? " each" : ""),
                    11);
            if (!work.canBeMade()) {
                paper.line("As it stands it cannot be joined; see its page.", 11);
            }
            drawn(paper, piece);
            paper.checkLine(CHECK_LINE_MM);
            paper.line("This line is 50 mm long when printed at true size.", 9);
            takes(paper, piece.lists());
            order(paper, work, finishes);
            paper.down(4, 20);
            paper.line(
                    "Glasses for cutting: ends fly. Torch and pickle with air and goggles. Local rules and the maker's data sheets come first.",
                    9);
            return paper.bytes();
        }
    }

    static void drawn(Paper paper, LaidPiece piece) throws IOException {
        var lines = new ArrayList<Strand>();
        for (LaidPiece.Wire wire : piece.wires()) {
            var points = new ArrayList<>(wire.points());
            if (wire.closed()) {
                points.add(points.get(0));
            }
            lines.add(new Strand(points, wire.diameterMm()));
        }
        for (Solid solid : piece.solids()) {
            var outline = new ArrayList<>(solid.outline());
            outline.add(outline.get(0));
            lines.add(new Strand(outline, OUTLINE_MM));
        }
        LaidPiece.Box box = piece.box();
        var corner = new Vector3D(box.left(), box.low(), 0);
        List<Paper.Line> flat = lines.stream().map(line -> line.from(corner)).toList();
        if (!paper.drawn(flat, (float) box.width(), (float) box.height())) {
            paper.line("Larger than this sheet: the drawing is cut off. Take the SVG for a larger one.", 9);
        }
    }

    private record Strand(List<Vector3D> points, double widthMm) {
        Paper.Line from(Vector3D corner) {
            float[] flat = new float[points.size() * 2];
            for (int i = 0; i < points.size(); i++) {
                flat[2 * i] = (float) (points.get(i).getX() - corner.getX());
                flat[2 * i + 1] = (float) (points.get(i).getY() - corner.getY());
            }
            return new Paper.Line(flat, (float) widthMm);
        }
    }

    private static void takes(Paper paper, PieceLists lists) throws IOException {
        for (PieceLists.Rings row : lists.rings()) {
            paper.columns(
                    10,
                    List.of(
                            row.count() + " + " + row.spare(),
                            say(
                                    "rings, %.2f mm inside, %.2f mm wire%s%s%s; %s",
                                    row.ring().innerDiameterMm(),
                                    row.ring().wireDiameterMm(),
                                    row.turns() > 1 ? ", " + row.turns() + " turns" : "",
                                    row.hammeredMm() == null ? "" : say(", hammered to %.2f mm", row.hammeredMm()),
                                    row.soldered() ? ", soldered" : "",
                                    say("%d closed first, %d opened", row.preClosed(), row.count() - row.preClosed()))),
                    0,
                    30);
        }
        for (PieceLists.Lengths row : lists.cuts()) {
            paper.columns(
                    10,
                    List.of(
                            say("%d × %.1f mm", row.count(), row.cut().lengthMm()),
                            say("%.2f mm wire for the %s", row.cut().diameterMm(), row.form())),
                    0,
                    30);
        }
        for (PartWork.Bought row : lists.bought()) {
            String amount = row.kind().byLength() ? say("%.0f mm", row.amount()) : say("%.0f", row.amount());
            String sizes = String.join(
                    " / ", row.sizesMm().stream().map(size -> say("%.2f", size)).toList());
            paper.columns(10, List.of(amount, row.name() + (sizes.isEmpty() ? "" : ", " + sizes + " mm")), 0, 30);
        }
        paper.down(4, 20);
    }

    private static void order(Paper paper, PieceWork work, List<FinishWork> finishes) throws IOException {
        List<AssemblyStep> joining = work.joining();
        for (int joined = 0; joined <= joining.size(); joined++) {
            for (FinishWork finish : finishes) {
                if (finish.joined() == joined) {
                    paper.columns(10, List.of("", words(finish)), 0, 10);
                }
            }
            if (joined < joining.size()) {
                paper.columns(10, List.of(joined + 1 + "", words(work, joining.get(joined))), 0, 10);
            }
        }
    }

    private static String words(FinishWork finish) {
        String what = switch (finish.finish()) {
            case COLOUR -> "colour it in a warm sulphur bath, rinse, neutralise, dry";
            case RUB_BACK -> "rub its raised places back with a fine pad";
            case TUMBLE -> say("tumble it with steel shot, about %.0f min", Finish.TUMBLED_MINUTES);
            case SEAL -> "wax it thinly, buff it";
        };
        return finish.whole() ? what : what + "; what is joined and made by now, nothing threaded on yet";
    }

    private static String words(PieceWork work, AssemblyStep step) {
        String part = named(work, step.part());
        String others = step.joints().stream()
                .map(at -> work.joints().get(at))
                .map(joint -> named(work, joint.a() == step.part() ? joint.b() : joint.a()))
                .distinct()
                .collect(Collectors.joining(", "));
        return switch (step.act()) {
            case MAKE -> say("make %s", part);
            case CLOSE_BEFORE -> say("close %s beforehand", part);
            case OPEN_AND_CLOSE -> say("open %s, hang in %s, close it", part, others);
            case SOLDER_ROUND -> say("close %s round %s, solder it there with easy solder", part, others);
            case FORM_ROUND -> say("form the end of %s round %s", part, others);
            case HOOK -> say("hook %s into %s", part, others);
        };
    }

    private static String named(PieceWork work, int part) {
        return say("%s %d", work.parts().get(part).name(), part + 1);
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
