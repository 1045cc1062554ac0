package toroid.server.cutting;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import toroid.server.stock.CutStrip;

/**
 * What jobs have cut, wire by wire, the thickest first.
 *
 * @param without jobs that take no wire of their own, or cannot be made as they stand
 */
record CutLists(@NotNull List<WireToCut> wires, @NotNull List<UUID> without) {
    /**
     * One wire.
     *
     * @param id of it here: metal and diameter
     * @param spools of it on the shelf
     * @param nearMm wires there are that would stand for it, were near sizes allowed
     * @param cuts strips already cut with lengths of these, the newest first
     */
    record WireToCut(
            @NotNull String id,
            @NotNull String metal,
            @NotNull double diameterMm,
            @NotNull double lengthMm,
            @NotNull List<LengthToCut> lengths,
            @NotNull List<SpoolToCut> spools,
            @NotNull List<Double> nearMm,
            @NotNull List<CutStrip> cuts) {}

    /**
     * A length to cut in one piece.
     *
     * @param id of it, the same as long as the job is
     * @param name what it becomes; empty for a coil
     * @param rings in a coil; 0 for what is none
     * @param cut how many of them are cut, here or in the job's run, since it was last made
     */
    record LengthToCut(
            @NotNull String id,
            @NotNull UUID job,
            @NotNull String jobName,
            @NotNull String name,
            @NotNull int rings,
            @NotNull double lengthMm,
            @NotNull int count,
            @NotNull int cut) {}

    /**
     * A strip on the shelf: a whole lot, or one of a lot of straight lengths.
     *
     * @param id of it here, the same as long as the lot is
     * @param lot it is of
     * @param lengthMm null where it is not known
     * @param offcut whether it was cut off before
     */
    record SpoolToCut(
            @NotNull String id,
            @NotNull UUID lot,
            @NotNull String name,
            Double lengthMm,
            @NotNull boolean offcut) {}
}
