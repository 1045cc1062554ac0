package toroid.server.stock;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/**
 * One move of a lot.
 *
 * @param amount so much more, or less, in the unit of its measure
 * @param runId what used it; null where no run did
 * @param operation of that run's plan; null where older books did not say
 * @param jobId it was cut for; null where it was for none
 * @param undoes the move it takes back; null for all others
 * @param undone whether another took it back
 * @param byHand whether it is taken back here: what a run or a cut took is given back there
 */
public record MoveView(
        @NotNull UUID id,
        @NotNull Instant movedAt,
        @NotNull double amount,
        @NotNull StockMove.Why why,
        UUID runId,
        String operation,
        UUID jobId,
        @NotNull String note,
        UUID undoes,
        @NotNull boolean undone,
        @NotNull boolean byHand) {}
