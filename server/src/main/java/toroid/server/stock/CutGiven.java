package toroid.server.stock;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;

/**
 * A strip cut up.
 *
 * @param id made once by whoever sends it: sent twice, it is cut once
 * @param strip of the lot: its id where it is one strip, the lot's id and a number where it is one of many lengths
 * @param heldMm as long as the strip was before
 * @param kerfMm each cut took
 * @param usefulMm what is left from this length on is kept
 */
public record CutGiven(
        @NotNull UUID id,
        @NotNull UUID lotId,
        @NotNull @Size(min = 1, max = 80) String strip,
        @NotNull double heldMm,
        @NotNull double kerfMm,
        @NotNull double usefulMm,
        @NotNull @Size(min = 1, max = 2000) List<@NotNull @Valid LengthCut> lengths) {
    /**
     * @param id of the length in the job's cut list
     * @param count how many were cut of it
     */
    public record LengthCut(
            @NotNull @Size(min = 1, max = 80) String id,
            @NotNull UUID jobId,
            @NotNull double lengthMm,
            @NotNull int count) {
        double allMm() {
            return lengthMm * count;
        }
    }
}
