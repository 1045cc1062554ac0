package toroid.server.bench;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;

/**
 * A run as it stands.
 *
 * @param step steps done, and so the index of the current one; the number of steps when finished
 * @param counts how often a counted step has been done, by step index
 * @param wireUsedMm taken off the spool so far
 * @param startedAt when it began
 */
public record RunData(
        @NotNull UUID jobId,
        @NotNull RunPlan plan,
        @NotNull int step,
        @NotNull Map<Integer, Integer> counts,
        @NotNull double wireUsedMm,
        @NotNull Instant startedAt,
        Instant finishedAt,
        @NotNull String note) {}
