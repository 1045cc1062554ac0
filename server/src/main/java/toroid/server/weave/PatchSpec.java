package toroid.server.weave;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;
import toroid.core.ring.Spare;
import toroid.core.weave.PatchWork;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.Pose;
import toroid.server.store.ServerCode;

/**
 * How much of a weave, and how the maker goes about it. A chain or tube is told by its length, outside to outside and pulled taut,
 * or by its units; a sheet by its rows. What is left out takes its usual value.
 *
 * @param lengthMm of a chain or tube; of a sheet at rest, instead of its columns
 * @param units cells, instead of a length
 * @param rows of a sheet
 * @param columns rings in a row; in the first row of one that grows
 * @param rowCounts rings in each row, instead of rows and columns
 * @param outline how rows follow each other
 * @param sheet rows or strips
 * @param doubling when doubles come in
 * @param hold loose closed rings picked up at a time
 * @param sparePercent on top
 */
public record PatchSpec(
        Double lengthMm,
        Integer units,
        Integer rows,
        Integer columns,
        List<@NotNull Integer> rowCounts,
        Outline outline,
        Way.Sheet sheet,
        Way.Doubling doubling,
        Integer hold,
        Double sparePercent) {
    private static final double USUAL_SPARE = 5;

    /** How the rows of a sheet follow each other. */
    public enum Outline {
        /** All alike. */
        EVEN,
        /** Each one ring more. */
        GROWING,
        /** One ring more up to the widest, then one fewer. */
        DIAMOND
    }

    /** What the maker does where nothing else is said. */
    Way way() {
        return new Way(
                sheet == null ? Way.USUAL.sheet() : sheet,
                doubling == null ? Way.USUAL.doubling() : doubling,
                hold == null ? Way.USUAL.hold() : hold);
    }

    double spare() {
        return sparePercent == null
                ? USUAL_SPARE
                : Checks.within(
                        "sparePercent",
                        sparePercent,
                        0,
                        Spare.MOST_PERCENT,
                        Unit.PERCENT,
                        Usual.about(5, Unit.PERCENT));
    }

    /** What can be checked without solving. */
    void check() {
        way();
        spare();
        if (rowCounts != null && !rowCounts.isEmpty()) {
            new PatchShape.Rows(rowCounts);
        }
        if (lengthMm != null) {
            Checks.within("lengthMm", lengthMm, 0.1, 100_000, Unit.MM, Remedy.GIVE_THE_LENGTH_OF_THE_PATCH);
        }
        if (units != null) {
            new PatchShape.Cells(units);
        }
    }

    /**
     * @param poses taut and at rest, mm; asked for only where a length is given
     * @throws Refusal when it says too little
     */
    PatchShape shape(WeavePattern pattern, double wireMm, Poses poses) {
        return switch (pattern.lattice().kind()) {
            case FINITE -> new PatchShape.Cells(1);
            case CHAIN, TUBE -> cells(pattern, wireMm, poses);
            case SHEET -> sheet(pattern, wireMm, poses);
        };
    }

    /** The patch's cell, taut and at rest. */
    interface Poses {
        Pose taut();

        Pose rest();
    }

    private PatchShape cells(WeavePattern pattern, double wireMm, Poses poses) {
        if (units != null) {
            return new PatchShape.Cells(units);
        }
        if (lengthMm == null) {
            throw Refusal.of(ServerCode.NO_LENGTH, "lengthMm", null);
        }
        return new PatchShape.Cells(PatchWork.cellsFor(pattern, needed(poses.taut()), wireMm, lengthMm));
    }

    private PatchShape sheet(WeavePattern pattern, double wireMm, Poses poses) {
        if (rowCounts != null && !rowCounts.isEmpty()) {
            return new PatchShape.Rows(rowCounts);
        }
        if (rows == null || (columns == null && lengthMm == null)) {
            throw Refusal.of(ServerCode.NO_SHEET_SIZE, "rows", null);
        }
        Checks.within("rows", rows, 1, PatchShape.MOST_ROWS, Unit.ROWS, Remedy.SPLIT_THE_SHEET);
        int wide =
                columns != null ? columns : PatchWork.columnsFor(pattern, needed(poses.rest()), wireMm, rows, lengthMm);
        return switch (outline == null ? Outline.EVEN : outline) {
            case EVEN -> PatchShape.Rows.even(rows, wide);
            case GROWING -> PatchShape.Rows.growing(wide, wide + rows - 1);
            case DIAMOND -> PatchShape.Rows.growingAndShrinking(wide, wide + rows - 1);
        };
    }

    private static Pose needed(Pose pose) {
        if (pose == null) {
            throw Refusal.of(ServerCode.RINGS_DO_NOT_FIT, "lengthMm", null);
        }
        return pose;
    }
}
