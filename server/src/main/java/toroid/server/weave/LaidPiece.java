package toroid.server.weave;

import java.util.ArrayList;
import java.util.List;
import toroid.core.ring.Spare;
import toroid.core.weave.WeaveRings;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.piece.Colouring;
import toroid.core.weave.piece.Piece;
import toroid.core.weave.solve.Pose;

/**
 * A piece as it lies at rest, mm, and its counts by size and colour.
 *
 * @param rings every ring's middle
 * @param colours place in the palette of each
 * @param palette metals, or colours as #rrggbb
 * @param rows for each size and colour that is there
 */
public record LaidPiece(
        String weaveId, double wireMm, List<Circle> rings, int[] colours, List<String> palette, List<Row> rows) {

    /** Rings of one size and colour. */
    public record Row(String size, String colour, double innerMm, int rings, int spare, int preClosed) {}

    static LaidPiece of(
            Piece piece, Assembly assembly, Pose pose, WeaveRings rings, ColourSpec spec, double sparePercent) {
        Colouring colouring = spec.toCore();
        var circles = new ArrayList<Circle>(piece.size());
        int[] colours = new int[piece.size()];
        for (int n = 0; n < piece.size(); n++) {
            var ring = piece.rings().get(n);
            circles.add(pose.image(ring.ring(), ring.i(), ring.j()));
            colours[n] = colouring.of(piece, n);
        }
        return new LaidPiece(
                piece.pattern().id(),
                rings.wireMm(),
                circles,
                colours,
                spec.palette(),
                rows(piece, assembly, rings, spec, colours, sparePercent));
    }

    private static List<Row> rows(
            Piece piece, Assembly assembly, WeaveRings rings, ColourSpec spec, int[] colours, double sparePercent) {
        List<WeavePattern.RingClass> sizes = piece.pattern().classes();
        int[][] counts = new int[sizes.size()][spec.palette().size()];
        int[][] closed = new int[sizes.size()][spec.palette().size()];
        for (int n = 0; n < piece.size(); n++) {
            counts[piece.sizeClassOf(n)][colours[n]]++;
            closed[piece.sizeClassOf(n)][colours[n]]++;
        }
        for (AssemblyStep step : assembly.steps()) {
            if (!step.closed()) {
                closed[piece.sizeClassOf(step.ring())][colours[step.ring()]]--;
            }
        }
        var rows = new ArrayList<Row>();
        for (int size = 0; size < sizes.size(); size++) {
            for (int colour = 0; colour < spec.palette().size(); colour++) {
                if (counts[size][colour] > 0) {
                    rows.add(new Row(
                            sizes.get(size).name(),
                            spec.palette().get(colour),
                            rings.innerMm().get(size),
                            counts[size][colour],
                            Spare.of(counts[size][colour], sparePercent),
                            closed[size][colour]));
                }
            }
        }
        return rows;
    }
}
