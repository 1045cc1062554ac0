package toroid.server.weave;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.weave.assembly.Way;

/** A piece in these rings; what is not said takes its usual value. See {@link PieceSpec} and {@link WeaveJobData}. Lengths mm. */
public record PieceQuestion(
        @NotNull double wireDiameterMm,
        @NotNull List<@NotNull Double> innerDiameterMm,
        String metal,
        Double lengthMm,
        Integer units,
        Integer rows,
        Integer columns,
        List<@NotNull Integer> rowCounts,
        PieceSpec.Outline outline,
        Way.Sheet sheet,
        Way.Doubling doubling,
        Integer hold,
        Double sparePercent,
        @Valid ColourSpec colours) {
    PieceSpec spec() {
        return new PieceSpec(lengthMm, units, rows, columns, rowCounts, outline, sheet, doubling, hold, sparePercent);
    }
}
