package toroid.server.wire;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/**
 * One move of a lot.
 *
 * @param lengthMm so much more, or less
 * @param why counted anew, or used
 * @param runId what used it; null where it was counted
 * @param operation of that run's plan; null where older books did not say
 */
public record MoveView(
        @NotNull Instant movedAt,
        @NotNull double lengthMm,
        @NotNull StockMove.Why why,
        UUID runId,
        String operation) {}
