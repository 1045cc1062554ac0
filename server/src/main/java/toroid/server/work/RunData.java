package toroid.server.work;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import toroid.core.work.Plan;

/**
 * A run as it stands.
 *
 * @param lotId what it is made from; null for wire not in stock
 * @param facts what its kind shows beside the operations, as it stood when the run began
 * @param done over how many copies an operation is done, by its id
 * @param counts how often a counted operation was done, over all copies, by its id
 * @param more copies beyond those planned; less than 0 where some are given up
 * @param spoilt what came to nothing, in turn
 * @param skipped what was passed by, in turn
 * @param drawn what was taken from stock so far, by lot, each in its unit
 */
public record RunData(
        @NotNull UUID jobId,
        @NotNull String kind,
        @NotNull String name,
        UUID lotId,
        @NotNull Object facts,
        @NotNull Plan plan,
        @NotNull Map<String, Integer> done,
        @NotNull Map<String, Integer> counts,
        @NotNull int more,
        @NotNull List<RunProgress.SpoiltAt> spoilt,
        @NotNull List<RunProgress.SkippedAt> skipped,
        @NotNull Map<String, Double> drawn,
        @NotNull Instant startedAt,
        Instant finishedAt,
        @NotNull String note) {}
