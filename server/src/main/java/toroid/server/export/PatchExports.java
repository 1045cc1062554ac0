package toroid.server.export;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.patch.RingMesh;
import toroid.server.store.CsvCells;
import toroid.server.weave.LaidPatch;

/** A patch of a weave at rest in open formats. Lengths mm. */
final class PatchExports {
    private static final int MOST_IN_STL = 4000;
    private static final int MOST_IN_SVG = 4000;
    private static final int TRIANGLES = 1_200_000;

    /** Corners round the wire and round the ring, the finest first. */
    private static final int[][] FINENESS = {{20, 64}, {12, 36}, {8, 18}};

    private static final int ARCS = 8;
    private static final int ARC_STEPS = 8;
    private static final double MARGIN = 10;
    private static final double CHECK = 50;
    private static final double LINE = 0.12;

    private PatchExports() {}

    /** Every ring a closed skin, as fine as their number allows. */
    static byte[] stl(LaidPatch patch) {
        Checks.within("rings", patch.rings().size(), 1, MOST_IN_STL, Unit.RINGS, Remedy.TAKE_A_SHORTER_PATCH_OR_GLTF);
        int[] fine = Arrays.stream(FINENESS)
                .filter(one -> 2 * one[0] * one[1] * patch.rings().size() <= TRIANGLES)
                .findFirst()
                .orElse(FINENESS[FINENESS.length - 1]);
        return Stl.of(
                "weave " + patch.weaveId(),
                2 * fine[0] * fine[1] * patch.rings().size(),
                IntStream.range(0, patch.rings().size())
                        .mapToObj(n -> RingMesh.of(patch.rings().get(n), patch.wireMm()[n], fine[0], fine[1])));
    }

    /** One mesh for each ring size and colour, one node for each ring. */
    static String gltf(LaidPatch patch) {
        var gltf = new Gltf();
        List<Integer> metals = patch.palette().stream()
                .map(name -> name.startsWith("#") ? gltf.coated(name) : gltf.metal(name))
                .toList();
        Map<String, Integer> meshes = new HashMap<>();
        for (int n = 0; n < patch.rings().size(); n++) {
            Circle circle = patch.rings().get(n);
            int colour = patch.colours()[n];
            double wire = patch.wireMm()[n];
            String kind = String.format(
                    Locale.ROOT,
                    "ring %.4f mm, wire %.4f mm, %s",
                    2 * circle.radius(),
                    wire,
                    patch.palette().get(colour));
            int mesh = meshes.computeIfAbsent(
                    kind,
                    any -> gltf.mesh(
                            kind,
                            RingMesh.of(new Circle(Vector3D.ZERO, Vector3D.PLUS_K, circle.radius()), wire, 20, 72),
                            metals.get(colour)));
            gltf.placed("ring " + (n + 1), mesh, circle.centre(), new Rotation(Vector3D.PLUS_K, circle.normal()));
        }
        return gltf.written();
    }

    /** Eighths of every ring, the far ones first, at true size, with a line to check the printer by. SVG 1.1. */
    static String svg(LaidPatch patch) {
        Checks.within("rings", patch.rings().size(), 1, MOST_IN_SVG, Unit.RINGS, Remedy.TAKE_A_SMALLER_PATCH);
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        var arcs = new ArrayList<Arc>();
        for (int n = 0; n < patch.rings().size(); n++) {
            Circle circle = patch.rings().get(n);
            double reach = circle.radius() + patch.wireMm()[n];
            left = Math.min(left, circle.centre().getX() - reach);
            right = Math.max(right, circle.centre().getX() + reach);
            low = Math.min(low, circle.centre().getY() - reach);
            high = Math.max(high, circle.centre().getY() + reach);
            arcs(arcs, circle, patch.wireMm()[n], patch.palette().get(patch.colours()[n]));
        }
        arcs.sort(Comparator.comparingDouble(Arc::depth));
        double width = Math.max(CHECK, right - left) + 2 * MARGIN;
        double height = high - low + 3 * MARGIN;
        var svg = new StringBuilder(say(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"%.3fmm\" height=\"%.3fmm\""
                        + " viewBox=\"0 0 %.3f %.3f\">%n<title>%s</title>%n"
                        + "<g id=\"weave\" transform=\"translate(%.4f %.4f)\" fill=\"none\" stroke-linecap=\"round\">%n",
                width, height, width, height, patch.weaveId(), MARGIN - left, MARGIN + high));
        for (Arc arc : arcs) {
            svg.append(say(
                    "<path class=\"edge\" stroke=\"#1d2227\" stroke-width=\"%.4f\" d=\"%s\"/>", arc.wireMm(), arc.d()));
            svg.append(say(
                    "<path stroke=\"%s\" stroke-width=\"%.4f\" d=\"%s\"/>%n",
                    arc.colour().startsWith("#") ? arc.colour() : "#ffffff",
                    Math.max(arc.wireMm() / 2, arc.wireMm() - 2 * LINE),
                    arc.d()));
        }
        svg.append(say(
                "</g>%n<path id=\"check\" fill=\"none\" stroke=\"#1d2227\" stroke-width=\"0.2\" d=\"M%.3f %.3fh%.3fm0 -1.5v3m-%.3f 0v-3\"/>%n"
                        + "<text x=\"%.3f\" y=\"%.3f\" font-size=\"3\" font-family=\"sans-serif\">50 mm</text>%n</svg>%n",
                MARGIN, height - MARGIN, CHECK, CHECK, MARGIN, height - MARGIN + 4.5));
        return svg.toString();
    }

    private record Arc(String d, double depth, double wireMm, String colour) {}

    private static void arcs(List<Arc> arcs, Circle circle, double wireMm, String colour) {
        for (int part = 0; part < ARCS; part++) {
            var places = new ArrayList<Vector3D>();
            double depth = 0;
            for (int s = 0; s <= ARC_STEPS; s++) {
                Vector3D at = circle.at(2 * Math.PI * (part + (double) s / ARC_STEPS) / ARCS);
                places.add(at);
                depth += at.getZ() / (ARC_STEPS + 1);
            }
            arcs.add(new Arc(SvgPath.through(places, 4), depth, wireMm, colour));
        }
    }

    /** A row for each ring size and colour. RFC 4180. */
    static String csv(LaidPatch patch) {
        var out = new StringBuilder();
        var format = CSVFormat.RFC4180
                .builder()
                .setHeader("size", "colour", "wire_mm", "inside_mm", "rings", "spare", "closed_beforehand", "opened")
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (LaidPatch.Row row : patch.rows()) {
                csv.printRecord(
                        CsvCells.harmless(row.size()),
                        row.colour(),
                        say("%.4f", row.wireMm()),
                        say("%.4f", row.innerMm()),
                        row.rings(),
                        row.spare(),
                        row.preClosed(),
                        row.rings() - row.preClosed());
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.toString();
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
