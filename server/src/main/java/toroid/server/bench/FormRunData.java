package toroid.server.bench;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;

/**
 * A run of a form job as it stands.
 *
 * @param place places done, and so the current one: group × steps + step; all of them when finished
 * @param places how many there are
 * @param counts how often the step at a place has been done, by place
 */
public record FormRunData(
        @NotNull UUID jobId,
        @NotNull FormRunPlan plan,
        @NotNull int place,
        @NotNull int places,
        @NotNull Map<Integer, Integer> counts,
        @NotNull double wireUsedMm,
        @NotNull Instant startedAt,
        Instant finishedAt,
        @NotNull String note) {}
