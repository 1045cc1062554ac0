package toroid.core.weave;

import static toroid.core.quantity.Figure.Basis.EXACT;
import static toroid.core.quantity.Figure.Basis.GIVEN;
import static toroid.core.quantity.Figure.Basis.PRACTICE;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Figure;
import toroid.core.ring.Spare;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.patch.Colouring;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchExtent;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.Pose;

/**
 * What a patch takes: rings, closed and open, spare, wire, weight, and how it lies.
 *
 * @param ringCount rings of each size class, spare left out
 * @param spare rings of each size class on top ({@link Spare})
 * @param preClosed three numbers
 * @param opened rings opened in the order given here
 * @param taut room it takes pulled taut, mm; a sheet at rest; null where rings do not fit
 * @param rest room it takes at rest, mm; null where rings do not fit
 * @param wireMm wire in the rings of each size class, spare left out, cuts not counted
 * @param massG of the patch
 * @param links in it
 */
public record PatchWork(
        List<Integer> ringCount,
        List<Integer> spare,
        PreClosed preClosed,
        int opened,
        PatchExtent taut,
        PatchExtent rest,
        List<Double> wireMm,
        double massG,
        int links) {
    /**
     * @param colouring spare is told for each colour by itself
     * @param tautPose in mm, null when the rings do not fit
     * @param restPose in mm, null when the rings do not fit
     * @param sparePercent 0 to 100
     * @param density g/cm³
     */
    public static PatchWork of(
            Patch patch,
            Colouring colouring,
            WeaveRings rings,
            PreClosed preClosed,
            Pose tautPose,
            Pose restPose,
            double sparePercent,
            double density) {
        List<Integer> counts = Arrays.stream(patch.countByClass()).boxed().toList();
        var wire = new ArrayList<Double>();
        double mass = 0;
        for (int size = 0; size < counts.size(); size++) {
            wire.add(counts.get(size) * rings.ring(size).wireLengthMm());
            mass += counts.get(size) * rings.ring(size).massGrams(density);
        }
        return new PatchWork(
                counts,
                Spare.ofSizes(colouring.counts(patch), sparePercent),
                preClosed,
                patch.size() - preClosed.inHand(),
                tautPose == null ? null : PatchExtent.of(patch, tautPose, rings.wireMm()),
                restPose == null ? null : PatchExtent.of(patch, restPose, rings.wireMm()),
                wire,
                mass,
                patch.linkCount());
    }

    /**
     * The fewest cells of a chain or tube that come out at least that long, outside to outside.
     *
     * @param pose in mm, as the length is measured
     * @param lengthMm above 0
     */
    public static int cellsFor(WeavePattern pattern, Pose pose, double wireMm, double lengthMm) {
        Checks.within("lengthMm", lengthMm, 0.1, 100_000, Unit.MM, Remedy.GIVE_THE_LENGTH_OF_THE_PATCH);
        if (pose.pitch() <= 0) {
            return 1;
        }
        double one = PatchExtent.of(Patch.of(pattern, new PatchShape.Cells(1)), pose, wireMm)
                .lengthMm();
        double two = PatchExtent.of(Patch.of(pattern, new PatchShape.Cells(2)), pose, wireMm)
                .lengthMm();
        double more = Math.ceil((lengthMm - one) / (two - one) - 1e-9);
        return (int) Checks.within(
                "cells", Math.max(0, more) + 1, 1, PatchShape.MOST_CELLS, Unit.UNITS, Remedy.GIVE_A_SHORTER_LENGTH);
    }

    /**
     * The fewest rings in a row with which a sheet comes out at least that long, outside to outside.
     *
     * @param pose in mm, as the length is measured
     * @param lengthMm above 0
     */
    public static int columnsFor(WeavePattern pattern, Pose pose, double wireMm, int rows, double lengthMm) {
        Checks.within("lengthMm", lengthMm, 0.1, 100_000, Unit.MM, Remedy.GIVE_THE_LENGTH_OF_THE_SHEET);
        double two = sheetLength(pattern, pose, wireMm, rows, 2);
        double three = sheetLength(pattern, pose, wireMm, rows, 3);
        double more = Math.ceil((lengthMm - two) / (three - two) - 1e-9);
        return (int) Checks.within(
                "columns",
                Math.max(0, more) + 2,
                1,
                PatchShape.MOST_COLUMNS,
                Unit.RINGS_IN_A_ROW,
                Remedy.GIVE_A_SHORTER_LENGTH);
    }

    private static double sheetLength(WeavePattern pattern, Pose pose, double wireMm, int rows, int columns) {
        return PatchExtent.of(Patch.of(pattern, PatchShape.Rows.even(rows, columns)), pose, wireMm)
                .lengthMm();
    }

    /** All rings, spare left out. */
    public int total() {
        return ringCount.stream().mapToInt(Integer::intValue).sum();
    }

    /** Each number with its why. */
    public List<Figure> figures(Patch patch, WeaveRings rings, double sparePercent, double density) {
        var figures = new ArrayList<Figure>();
        figures.add(count(
                "patch-rings",
                total(),
                EXACT,
                counted(patch),
                "Counted ring by ring, ends as they are: a link is there where both its rings are."));
        figures.add(count(
                "patch-opened",
                opened,
                EXACT,
                say("%d rings − %d closed beforehand = %d", total(), preClosed.inHand(), opened),
                "In the order shown, picking up as many loose rings as you said."));
        figures.add(
                count(
                        "patch-pre-closed",
                        preClosed.inHand(),
                        EXACT,
                        say("in this order, at most %d loose rings on an open one", preClosed.hold()),
                        "A ring may be closed beforehand if nothing it links is there yet when it comes in. Four loose rings in hand: common practice."));
        figures.add(count(
                "patch-pre-closed-order",
                preClosed.thisOrder(),
                EXACT,
                "in this order, any number of loose rings on an open one",
                "As before, without the hand's limit."));
        figures.add(count(
                "patch-pre-closed-most",
                preClosed.upperBound(),
                EXACT,
                preClosed.upperBoundExact()
                        ? "the largest set of rings of which no two link"
                        : "rings − ⌈largest matching of the doubled graph / 2⌉; no order closes more",
                "Closed rings cannot be linked to each other. König 1931; Edmonds 1965; Nemhauser and Trotter 1975."));
        weights(figures, patch, rings, sparePercent, density);
        return figures;
    }

    private void weights(List<Figure> figures, Patch patch, WeaveRings rings, double sparePercent, double density) {
        int spares = spare.stream().mapToInt(Integer::intValue).sum();
        figures.add(count(
                "patch-spare",
                spares,
                PRACTICE,
                say("⌈%d × %.0f %%⌉ = %d, each size and colour by itself", total(), sparePercent, spares),
                "For rings that drop or close badly; the share is yours. Five in a hundred: common practice."));
        if (taut != null) {
            lengths(figures, patch);
        }
        double wire = wireMm.stream().mapToDouble(Double::doubleValue).sum();
        figures.add(Figure.exact(
                "patch-wire",
                wire,
                "mm",
                EXACT,
                "Σ n π (ID + d)",
                worked(rings, "%d × π (%.2f + %.2f)", wire, "mm"),
                "Wire in the rings. What cutting takes is told with the cut list."));
        figures.add(Figure.exact(
                "patch-mass",
                massG,
                "g",
                EXACT,
                "Σ n · 2π² (D/2)(d/2)² ρ",
                say("ρ = %.2f g/cm³; %.2f g", density, massG),
                "Pappus: a torus's volume is its section's area times the way of its middle."));
    }

    private void lengths(List<Figure> figures, Patch patch) {
        boolean sheet = patch.shape() instanceof PatchShape.Rows;
        figures.add(length("patch-length", sheet ? rest.lengthMm() : taut.lengthMm()));
        if (sheet) {
            figures.add(length("patch-width", rest.widthMm()));
        } else {
            figures.add(length("patch-length-rest", rest.lengthMm()));
        }
    }

    private static Figure length(String id, double mm) {
        return Figure.exact(
                id,
                mm,
                "mm",
                EXACT,
                "outermost ring to outermost ring: c ± (R √(1 − n²) + d/2)",
                say("%.2f mm over %s", mm, "all rings of the patch"),
                "Exact for rigid round rings in the pose shown.");
    }

    private static Figure count(String id, int value, Figure.Basis basis, String worked, String source) {
        return Figure.exact(id, value, "", basis, basis == GIVEN ? "as given" : "counted", worked, source);
    }

    private String counted(Patch patch) {
        if (patch.shape() instanceof PatchShape.Cells cells) {
            int end = total() - cells.cells() * perCell(patch);
            return say(
                    "%d units × %d rings%s = %d",
                    cells.cells(), perCell(patch), end > 0 ? " + " + end : end < 0 ? " − " + -end : "", total());
        }
        List<Integer> rows = ((PatchShape.Rows) patch.shape()).counts();
        return say(
                "%d rows of %d to %d places = %d rings, those that join included",
                rows.size(),
                rows.stream().mapToInt(Integer::intValue).min().orElse(0),
                rows.stream().mapToInt(Integer::intValue).max().orElse(0),
                total());
    }

    private static int perCell(Patch patch) {
        return patch.pattern().rings().size()
                * Math.max(1, patch.pattern().lattice().around());
    }

    private String worked(WeaveRings rings, String each, double sum, String unit) {
        var parts = new ArrayList<String>();
        for (int size = 0; size < ringCount.size(); size++) {
            parts.add(say(each, ringCount.get(size), rings.innerMm().get(size), rings.wireMm()));
        }
        return String.join(" + ", parts) + say(" = %.0f %s", sum, unit);
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
