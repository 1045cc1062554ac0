package toroid.server.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import toroid.core.ring.Spare;
import toroid.core.weave.WeaveRings;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.patch.Colouring;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.RingGraph;
import toroid.core.weave.solve.Pose;

/**
 * A patch as it lies at rest, mm, and its counts by size and colour.
 *
 * @param wireMm of each ring
 * @param rings every ring's middle
 * @param colours place in the palette of each
 * @param palette metals, or colours as #rrggbb
 * @param rows for each size and colour that is there
 */
public record LaidPatch(
        String weaveId, double[] wireMm, List<Circle> rings, int[] colours, List<String> palette, List<Row> rows) {

    /** Rings of one size and colour. */
    public record Row(String size, String colour, double wireMm, double innerMm, int rings, int spare, int preClosed) {}

    static LaidPatch of(
            Patch patch, Assembly assembly, Pose pose, WeaveRings rings, ColourSpec spec, double sparePercent) {
        Colouring colouring = spec.toCore();
        var circles = new ArrayList<Circle>(patch.size());
        int[] colours = new int[patch.size()];
        for (int n = 0; n < patch.size(); n++) {
            var ring = patch.rings().get(n);
            circles.add(pose.image(ring.ring(), ring.i(), ring.j()));
            colours[n] = colouring.of(patch, n);
        }
        return new LaidPatch(
                patch.pattern().id(),
                DoubleStream.generate(rings::wireMm).limit(patch.size()).toArray(),
                circles,
                colours,
                spec.palette(),
                rows(patch, assembly, rings, spec, colours, sparePercent));
    }

    static List<Row> rows(Patch patch, Assembly assembly, WeaveRings rings, ColourSpec spec, double sparePercent) {
        Colouring colouring = spec.toCore();
        int[] colours = IntStream.range(0, patch.size())
                .map(n -> colouring.of(patch, n))
                .toArray();
        return rows(patch, assembly, rings, spec, colours, sparePercent);
    }

    private static List<Row> rows(
            Patch patch, Assembly assembly, WeaveRings rings, ColourSpec spec, int[] colours, double sparePercent) {
        List<Size> sizes = IntStream.range(0, patch.pattern().classes().size())
                .mapToObj(size -> new Size(
                        patch.pattern().classes().get(size).name(),
                        rings.wireMm(),
                        rings.innerMm().get(size)))
                .toList();
        return rows(patch, assembly, sizes, spec.palette(), colours, sparePercent);
    }

    /** A ring size: what it is called, its wire and inside, mm. */
    record Size(String name, double wireMm, double innerMm) {}

    /** A row for each size and colour that is there. */
    static List<Row> rows(
            RingGraph patch,
            Assembly assembly,
            List<Size> sizes,
            List<String> palette,
            int[] colours,
            double sparePercent) {
        int[][] counts = new int[sizes.size()][palette.size()];
        int[][] closed = new int[sizes.size()][palette.size()];
        for (int n = 0; n < patch.size(); n++) {
            counts[patch.sizeClassOf(n)][colours[n]]++;
            closed[patch.sizeClassOf(n)][colours[n]]++;
        }
        for (AssemblyStep step : assembly.steps()) {
            if (!step.closed()) {
                closed[patch.sizeClassOf(step.ring())][colours[step.ring()]]--;
            }
        }
        var rows = new ArrayList<Row>();
        for (int size = 0; size < sizes.size(); size++) {
            for (int colour = 0; colour < palette.size(); colour++) {
                if (counts[size][colour] > 0) {
                    rows.add(new Row(
                            sizes.get(size).name(),
                            palette.get(colour),
                            sizes.get(size).wireMm(),
                            sizes.get(size).innerMm(),
                            counts[size][colour],
                            Spare.of(counts[size][colour], sparePercent),
                            closed[size][colour]));
                }
            }
        }
        return rows;
    }
}
