package toroid.server.weave;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Note;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.patch.PatchExtent;

/**
 * What a patch takes.
 *
 * @param ringCount of each size class, spare left out
 * @param total all of them
 * @param preClosed three numbers: no order closes more than the bound; in the order shown; in it with hands that hold so many
 * @param opened in the order shown
 * @param spare of each size class, on top
 * @param units cells of a chain or tube; null of a sheet
 * @param rowCounts rings in each row of a sheet; null otherwise
 * @param taut room it takes pulled taut; null where rings do not fit
 * @param rest room it takes at rest
 * @param doubles whether rings take one another's path
 */
public record PatchCount(
        @NotNull String weaveId,
        @NotNull List<Integer> ringCount,
        @NotNull int total,
        @NotNull PreClosed preClosed,
        @NotNull int opened,
        @NotNull List<Integer> spare,
        Integer units,
        List<Integer> rowCounts,
        PatchExtent taut,
        PatchExtent rest,
        @NotNull List<Double> wireMm,
        @NotNull double massG,
        @NotNull boolean doubles,
        @NotNull List<ColourCount> colours,
        @NotNull List<Figure> figures,
        @NotNull List<Note> notes) {}
