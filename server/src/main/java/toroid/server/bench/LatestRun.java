package toroid.server.bench;

import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import toroid.server.store.Kept;

/** Jobs with the latest run of each, those touched last first. */
final class LatestRun {
    private LatestRun() {}

    /** @param run null when none was begun */
    record Of<J, R>(Kept<J> job, RunKeeper.Row<R> run) {
        private Instant touched() {
            return run == null || run.updatedAt().isBefore(job.updatedAt()) ? job.updatedAt() : run.updatedAt();
        }
    }

    /** @param runs newest first */
    static <J, R> List<Of<J, R>> each(List<Kept<J>> jobs, List<RunKeeper.Row<R>> runs) {
        Map<UUID, RunKeeper.Row<R>> latest = new LinkedHashMap<>();
        runs.forEach(run -> latest.putIfAbsent(run.jobId(), run));
        return jobs.stream()
                .map(job -> new Of<>(job, latest.get(job.id())))
                .sorted(Comparator.<Of<J, R>, Instant>comparing(Of::touched).reversed())
                .toList();
    }
}
