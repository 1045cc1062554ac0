package toroid.server.bench;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;

/**
 * A run of a weave job as it stands.
 *
 * @param beforehand steps before the first ring comes in
 * @param step steps done, and so the index of the current one; all of them when finished
 * @param steps how many there are
 * @param counts how often a counted step has been done, by step index
 */
public record WeaveRunData(
        @NotNull UUID jobId,
        @NotNull WeaveRunPlan plan,
        @NotNull int beforehand,
        @NotNull int step,
        @NotNull int steps,
        @NotNull Map<Integer, Integer> counts,
        @NotNull Instant startedAt,
        Instant finishedAt,
        @NotNull String note) {}
