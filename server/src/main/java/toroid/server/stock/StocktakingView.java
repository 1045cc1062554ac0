package toroid.server.stock;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A stocktaking as it was: what differed from the books.
 *
 * @param counted how many lots were counted
 * @param differences of those that differed, in the order they were counted
 * @param worth what all differences are worth together; null where a price is missing
 * @param undone whether it was taken back
 */
record StocktakingView(
        @NotNull UUID id,
        @NotNull Instant takenAt,
        @NotNull String note,
        @NotNull int counted,
        @NotNull List<Difference> differences,
        Double worth,
        @NotNull boolean undone) {
    /**
     * One lot that was otherwise than the books said.
     *
     * @param more so much more, or less, in its unit
     * @param worth of that; null without a price
     */
    record Difference(
            @NotNull UUID lot,
            @NotNull String name,
            @NotNull String kind,
            @NotNull double more,
            Double worth) {}
}
