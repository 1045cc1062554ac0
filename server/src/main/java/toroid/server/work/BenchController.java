package toroid.server.work;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.stock.Measure;
import toroid.server.stock.Lots;
import toroid.server.stock.Reservations;
import toroid.server.store.Rows;

/** What is in hand, of every kind: read, never worked out. */
@RestController
class BenchController {
    private final JobRepository jobs;
    private final RunRepository runs;
    private final Lots lots;
    private final Reservations reservations;
    private final WorkJson json;

    BenchController(JobRepository jobs, RunRepository runs, Lots lots, Reservations reservations, WorkJson json) {
        this.jobs = jobs;
        this.runs = runs;
        this.lots = lots;
        this.reservations = reservations;
        this.json = json;
    }

    /**
     * A job in hand.
     *
     * @param forName what it was laid out for; null for a job of its own
     * @param runId the latest run, open or finished; null when none was begun
     * @param glance told as it was kept: of that run, or of the job as it would be planned now; null while it is being looked at
     * @param lacks what its lots lack of what it has put by; none when there is enough, or it is not known
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

            @NotNull List<Lack> lacks) {}

    /**
     * What a lot lacks.
     *
     * @param lot its name
     * @param amount in its measure's unit
     */
    record Lack(
            @NotNull UUID lotId,
            @NotNull String lot,
            @NotNull String kind,
            @NotNull Measure measure,
            @NotNull double amount) {}

    /** Those touched last first; all of it as it stood at one moment, so that what is told of a job goes with what it has put by. */
    @GetMapping("/api/bench")
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public List<InHand> bench() {
        Map<UUID, RunRepository.Row> latest = runs.latest().stream()
                .collect(Collectors.toMap(RunRepository.Row::jobId, Function.identity(), (one, other) -> one));
        Map<UUID, Lots.Brief> shelf = lots.briefs();
        Map<UUID, Map<UUID, Double>> putBy = reservations.byJob();
        List<JobRepository.Row> all = jobs.rows();
        Map<UUID, String> names =
                all.stream().collect(Collectors.toMap(JobRepository.Row::id, JobRepository.Row::name));
        return Rows.each(
                        all,
                        job -> inHand(
                                job,
                                names.get(job.parentId()),
                                latest.get(job.id()),
                                lacks(putBy.getOrDefault(job.id(), Map.of()), shelf)),
                        (job, reason) -> row(
                                job,
                                names.get(job.parentId()),
                                latest.get(job.id()),
                                json.write(Glance.refused(null, reason)),
                                List.of()))
                .stream()
                .sorted(Comparator.comparing(InHand::touchedAt).reversed())
                .toList();
    }

    private InHand inHand(JobRepository.Row job, String parent, RunRepository.Row run, List<Lack> lacks) {
        String kept = run == null ? job.glance() : run.glance();
        if (kept != null) {
            json.glance(kept); // read, so that what cannot be is not told on
        }
        return row(job, parent, run, kept, lacks);
    }

    private static List<Lack> lacks(Map<UUID, Double> wanted, Map<UUID, Lots.Brief> shelf) {
        var lacks = new ArrayList<Lack>();
        wanted.forEach((lotId, amount) -> {
            Lots.Brief lot = shelf.get(lotId);
            if (lot != null && lot.left() != null && amount - lot.left() > CRUMB) {
                String kind = lot.kind().id();
                lacks.add(new Lack(lotId, lot.name(), kind, lot.kind().measure(), amount - lot.left()));
            }
        });
        return lacks;
    }

    /** Sums of moves end in such crumbs, in any unit. */
    private static final double CRUMB = 1e-6;

    private static InHand row(
            JobRepository.Row job, String parent, RunRepository.Row run, String glance, List<Lack> lacks) {
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
                lacks);
    }
}
