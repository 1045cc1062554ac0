package toroid.server.export;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Solid;
import toroid.core.form.SolidMesh;
import toroid.core.form.TubeMesh;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.PieceLists;
import toroid.core.piece.part.Body;
import toroid.core.piece.part.PartWork;
import toroid.server.piece.LaidPiece;

/** A whole piece in open formats. Lengths mm. */
final class PieceExports {
    private static String how(PieceLists.Rings row) {
        if (row.hammeredMm() != null) {
            return say("hammered to %.2f mm", row.hammeredMm());
        }
        return row.turns() > 1 ? row.turns() + " turns" : "";
    }

    private static final int TRIANGLES = 1_600_000;
    private static final int FINE_SIDES = 16;
    private static final int LEAST_SIDES = 6;
    private static final double MARGIN = 10;
    private static final double CHECK = 50;
    private static final double LINE = 0.12;

    private PieceExports() {}

    /** Corners round a wire so that this many places along wires stay within the triangles a file may have. */
    private static int sides(long places) {
        Checks.within("length", places, 0, TRIANGLES / 2 / LEAST_SIDES, Unit.POINTS, Remedy.MAKE_IT_IN_PARTS);
        return (int) Math.min(FINE_SIDES, TRIANGLES / 2 / Math.max(1, places));
    }

    private static long places(Body body) {
        return body.tubes().stream().mapToInt(tube -> tube.points().size()).sum();
    }

    /** Every wire a closed skin where it is; beads, stones and cord are left out: it is for casting and printing metal. */
    static byte[] stl(LaidPiece piece) {
        List<LaidPiece.Wire> wires =
                piece.wires().stream().filter(PieceExports::isMetal).toList();
        int sides = sides(wires.stream().mapToInt(wire -> wire.points().size()).sum());
        List<TubeMesh> skins = wires.stream()
                .map(wire -> TubeMesh.along(wire.points(), wire.sections(), wire.diameterMm(), wire.closed(), sides))
                .toList();
        int triangles = skins.stream().mapToInt(skin -> skin.triangles().size()).sum();
        return Stl.of("piece", triangles, skins.stream());
    }

    private static boolean isMetal(LaidPiece.Wire wire) {
        return !wire.metal().equals(CORD);
    }

    private static final String CORD = "cord";

    /** One mesh for each wire and bead of each different part, one node for each that is there. */
    static String gltf(LaidPiece piece) {
        var gltf = new Gltf();
        int sides =
                sides(piece.bodies().stream().mapToLong(PieceExports::places).sum());
        List<List<Integer>> meshes = new ArrayList<>();
        for (int body = 0; body < piece.bodies().size(); body++) {
            List<Integer> own = new ArrayList<>();
            String name = "part " + (body + 1);
            for (Body.Tube tube : piece.bodies().get(body).tubes()) {
                String metal = tube.metal() == null ? piece.metal().id() : tube.metal();
                own.add(gltf.mesh(
                        name + ", wire " + say("%.4f mm", tube.diameterMm()),
                        TubeMesh.along(tube.points(), tube.sections(), tube.diameterMm(), tube.closed(), sides),
                        metal.equals(CORD) ? gltf.matt(CORD) : gltf.metal(metal)));
            }
            for (Solid solid : piece.bodies().get(body).solids()) {
                boolean metal = solid.kind() == Solid.Kind.BALL
                        || solid.kind() == Solid.Kind.SPACER
                        || solid.kind() == Solid.Kind.CAP;
                own.add(gltf.mesh(
                        name + ", " + solid.kind().name().toLowerCase(Locale.ROOT),
                        SolidMesh.of(solid),
                        metal ? gltf.metal(piece.metal().id()) : gltf.matt("bead")));
            }
            meshes.add(own);
        }
        int number = 1;
        for (LaidPiece.Placed part : piece.parts()) {
            for (int mesh : meshes.get(part.body())) {
                gltf.placed(number + " " + part.name(), mesh, part.at(), part.turn());
            }
            number++;
        }
        return gltf.written();
    }

    /** A stretch of wire or the outline of a bead, at its depth. */
    private record Mark(double depth, String text) {}

    /** From its front at true size, the far stretches first, with a line to check the printer by. SVG 1.1. */
    static String svg(LaidPiece piece) {
        var marks = new ArrayList<Mark>();
        LaidPiece.Box box = piece.box();
        for (LaidPiece.Wire wire : piece.wires()) {
            strokes(marks, wire);
        }
        for (Solid solid : piece.solids()) {
            marks.add(new Mark(
                    solid.centre().getZ(),
                    say(
                            "<path class=\"%s\" fill=\"#ffffff\" fill-opacity=\"0.8\" stroke=\"#535c63\" stroke-width=\"%.2f\" d=\"%sZ\"/>",
                            solid.kind().name().toLowerCase(Locale.ROOT), LINE, line(solid.outline()))));
        }
        marks.sort(Comparator.comparingDouble(Mark::depth));
        double width = Math.max(CHECK, box.width()) + 2 * MARGIN;
        double height = box.height() + 3 * MARGIN;
        var svg = new StringBuilder(say(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"%.3fmm\" height=\"%.3fmm\""
                        + " viewBox=\"0 0 %.3f %.3f\">%n<title>piece</title>%n"
                        + "<g id=\"piece\" transform=\"translate(%.4f %.4f)\" fill=\"none\" stroke-linejoin=\"round\">%n",
                width, height, width, height, MARGIN - box.left(), MARGIN + box.top()));
        marks.forEach(mark -> svg.append(mark.text()).append('\n'));
        return svg.append(say(
                        "</g>%n<path id=\"check\" fill=\"none\" stroke=\"#1d2227\" stroke-width=\"0.2\" d=\"M%.3f %.3fh%.3fm0 -1.5v3m-%.3f 0v-3\"/>%n"
                                + "<text x=\"%.3f\" y=\"%.3f\" font-size=\"3\" font-family=\"sans-serif\">50 mm</text>%n</svg>%n",
                        MARGIN, height - MARGIN, CHECK, CHECK, MARGIN, height - MARGIN + 4.5))
                .toString();
    }

    /** A wire in stretches, each no deeper than a quarter of it, so that it passes over itself where it does. */
    private static void strokes(List<Mark> marks, LaidPiece.Wire wire) {
        var points = new ArrayList<>(wire.points());
        if (wire.closed()) {
            points.add(points.get(0));
            points.add(points.get(1));
        }
        int from = 0;
        for (int i = 1; i < points.size(); i++) {
            boolean risen = Math.abs(points.get(i).getZ() - points.get(from).getZ()) > wire.diameterMm() / 4;
            if (risen || i == points.size() - 1) {
                String d = line(points.subList(Math.max(0, from - 1), Math.min(points.size(), i + 2)));
                double depth = points.subList(from, i + 1).stream()
                        .mapToDouble(Vector3D::getZ)
                        .average()
                        .orElseThrow();
                marks.add(new Mark(
                        depth,
                        say(
                                "<path class=\"wire\" stroke=\"#1d2227\" stroke-width=\"%.4f\" d=\"%s\"/>"
                                        + "<path stroke=\"#ffffff\" stroke-width=\"%.4f\" d=\"%s\"/>",
                                wire.diameterMm(),
                                d,
                                Math.max(wire.diameterMm() / 2, wire.diameterMm() - 2 * LINE),
                                d)));
                from = i;
            }
        }
    }

    private static String line(List<Vector3D> places) {
        return SvgPath.through(places, 3);
    }

    /** What it takes: rings, wires to cut, what is bought. RFC 4180; what does not apply is empty. */
    static String csv(LaidPiece piece) {
        var out = new StringBuilder();
        var format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "take",
                        "for",
                        "metal",
                        "wire_mm",
                        "inside_mm",
                        "length_mm",
                        "count",
                        "spare",
                        "closed_beforehand",
                        "sizes_mm")
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (PieceLists.Rings row : piece.lists().rings()) {
                csv.printRecord(
                        row.soldered() ? "soldered ring" : "ring",
                        how(row),
                        piece.metal().id(),
                        say("%.4f", row.ring().wireDiameterMm()),
                        say("%.4f", row.ring().innerDiameterMm()),
                        "",
                        row.count(),
                        row.spare(),
                        row.preClosed(),
                        "");
            }
            for (PieceLists.Lengths row : piece.lists().cuts()) {
                csv.printRecord(
                        "wire",
                        row.form() + ", " + row.cut().wire(),
                        row.cut().metal(),
                        say("%.4f", row.cut().diameterMm()),
                        "",
                        say("%.2f", row.cut().lengthMm()),
                        row.count(),
                        "",
                        "",
                        "");
            }
            for (PartWork.Bought row : piece.lists().bought()) {
                bought(csv, row);
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.toString();
    }

    private static void bought(CSVPrinter csv, PartWork.Bought row) throws IOException {
        boolean byLength = row.kind().byLength();
        csv.printRecord(
                row.kind().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                row.name(),
                "",
                "",
                "",
                byLength ? say("%.1f", row.amount()) : "",
                byLength ? "" : say("%.0f", row.amount()),
                "",
                "",
                String.join(
                        " / ",
                        row.sizesMm().stream().map(size -> say("%.2f", size)).toList()));
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
