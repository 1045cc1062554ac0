package toroid.server.work;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.Rows;
import toroid.server.wire.Spools;

/** What is in hand, of every kind: read, never worked out. */
@RestController
class BenchController {
    private final JobRepository jobs;
    private final RunRepository runs;
    private final Spools spools;
    private final WorkJson json;

    BenchController(JobRepository jobs, RunRepository runs, Spools spools, WorkJson json) {
        this.jobs = jobs;
        this.runs = runs;
        this.spools = spools;
        this.json = json;
    }

    /**
     * A job in hand.
     *
     * @param forName what it was laid out for; null for a job of its own
     * @param runId the latest run, open or finished; null when none was begun
     * @param glance told as it was kept: of that run, or of the job as it would be planned now; null while it is being looked at
     * @param shortMm wire its lots lack for what is left to do; 0 when enough or not known
     */
    record InHand(
            @NotNull UUID jobId,
            @NotNull String kind,
            @NotNull String name,
            String forName,
            UUID runId,
            @NotNull boolean finished,
            @NotNull Instant touchedAt,

            @JsonRawValue @Schema(implementation = Glance.class)
            String glance,

            @NotNull double shortMm) {}

    /** Those touched last first. */
    @GetMapping("/api/bench")
    @Transactional(readOnly = true)
    public List<InHand> bench() {
        Map<UUID, RunRepository.Row> latest = runs.latest().stream()
                .collect(Collectors.toMap(RunRepository.Row::jobId, Function.identity(), (one, other) -> one));
        Map<String, Double> left = spools.left();
        List<JobRepository.Row> all = jobs.rows();
        Map<UUID, String> names =
                all.stream().collect(Collectors.toMap(JobRepository.Row::id, JobRepository.Row::name));
        return Rows.each(
                        all,
                        job -> inHand(job, names.get(job.parentId()), latest.get(job.id()), left),
                        (job, reason) -> row(
                                job,
                                names.get(job.parentId()),
                                latest.get(job.id()),
                                json.write(Glance.refused(null, reason)),
                                0))
                .stream()
                .sorted(Comparator.comparing(InHand::touchedAt).reversed())
                .toList();
    }

    private InHand inHand(JobRepository.Row job, String parent, RunRepository.Row run, Map<String, Double> left) {
        String kept = run == null ? job.glance() : run.glance();
        boolean finished = run != null && run.finishedAt() != null;
        Glance glance = kept == null ? null : json.glance(kept); // read, so that what cannot be is not told on
        Map<String, Double> wanted = glance == null || finished ? Map.of() : glance.toDrawMm();
        double lacks = wanted.entrySet().stream()
                .mapToDouble(draw ->
                        left.containsKey(draw.getKey()) ? Math.max(0, draw.getValue() - left.get(draw.getKey())) : 0)
                .sum();
        return row(job, parent, run, kept, lacks);
    }

    private static InHand row(
            JobRepository.Row job, String parent, RunRepository.Row run, String glance, double shortMm) {
        boolean later = run != null && run.updatedAt().isAfter(job.updatedAt());
        return new InHand(
                job.id(),
                job.kind(),
                job.name(),
                parent,
                run == null ? null : run.id(),
                run != null && run.finishedAt() != null,
                later ? run.updatedAt() : job.updatedAt(),
                glance,
                shortMm);
    }
}
