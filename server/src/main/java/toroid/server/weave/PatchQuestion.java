package toroid.server.weave;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.weave.assembly.Way;

/** A patch in these rings; what is not said takes its usual value. See {@link PatchSpec} and {@link WeaveJobData}. Lengths mm. */
public record PatchQuestion(
        @NotNull double wireDiameterMm,
        @NotNull List<@NotNull Double> innerDiameterMm,
        String metal,
        Double lengthMm,
        Integer units,
        Integer rows,
        Integer columns,
        List<@NotNull Integer> rowCounts,
        PatchSpec.Outline outline,
        Way.Sheet sheet,
        Way.Doubling doubling,
        Integer hold,
        Double sparePercent,
        @Valid ColourSpec colours) {
    PatchSpec spec() {
        return new PatchSpec(lengthMm, units, rows, columns, rowCounts, outline, sheet, doubling, hold, sparePercent);
    }
}
