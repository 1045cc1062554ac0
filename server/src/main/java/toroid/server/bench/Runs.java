package toroid.server.bench;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.bench.RingStep;
import toroid.core.bench.RingSteps;
import toroid.core.numeric.Checks;
import toroid.server.ring.RingJobData;
import toroid.server.ring.RingJobs;
import toroid.server.ring.RingSizes;
import toroid.server.ring.RingWorkshop;
import toroid.server.ring.WorkedJob;
import toroid.server.store.ChangedElsewhere;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;
import toroid.server.store.Words;
import toroid.server.wire.Spools;

/** Runs of ring jobs. One open run a job; wire leaves the spool as each coil is wound, and comes back if that is undone. */
@Service
@Transactional
public class Runs {
    private final RingRunRepository repository;
    private final RingJobs jobs;
    private final RingWorkshop workshop;
    private final Spools spools;
    private final RunJson json;
    private final Clock clock;

    Runs(RingRunRepository repository, RingJobs jobs, RingWorkshop workshop, Spools spools, RunJson json, Clock clock) {
        this.repository = repository;
        this.jobs = jobs;
        this.workshop = workshop;
        this.spools = spools;
        this.json = json;
        this.clock = clock;
    }

    /** The job's open run, or a new one planned as the job stands now. */
    public Kept<RunData> start(UUID jobId) {
        RingJobData job = jobs.get(jobId).data();
        Optional<RingRun> open = repository.findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(jobId);
        if (open.isPresent()) {
            return kept(open.get());
        }
        RingRun run = new RingRun();
        run.start(UUID.randomUUID(), jobId, json.write(planOf(workshop.work(job))), now());
        return kept(repository.saveAndFlush(run));
    }

    /** The steps a run of that job would have now. */
    @Transactional(readOnly = true)
    public RunPlan planFor(RingJobData job) {
        return planOf(workshop.work(job));
    }

    private static RunPlan planOf(WorkedJob worked) {
        var winding = worked.data().winding();
        List<RingStep> steps = RingSteps.of(
                worked.work(),
                worked.plan(),
                worked.data().temper(),
                winding == RingJobData.Winding.POWERED,
                winding == RingJobData.Winding.CARRIED);
        return new RunPlan(
                worked.data(), RingSizes.of(worked.work()), worked.plan().coils(), steps);
    }

    @Transactional(readOnly = true)
    public Kept<RunData> get(UUID id) {
        return kept(find(id));
    }

    /** Newest first, those taken away left out. */
    @Transactional(readOnly = true)
    public List<Kept<RunData>> all() {
        return repository.findByDeletedAtIsNullOrderByCreatedAtDesc().stream()
                .map(this::kept)
                .toList();
    }

    /**
     * Notes where the maker is. Sent twice it counts once.
     *
     * @throws ChangedElsewhere when another tab went on meanwhile
     */
    public Kept<RunData> progress(UUID id, Edit<RunProgress> edit) {
        RingRun run = find(id);
        RunData before = dataOf(run);
        RunProgress progress = edit.data();
        check(progress, before.plan());
        var counts = new TreeMap<>(progress.counts());
        if (before.step() == progress.step()
                && before.counts().equals(counts)
                && before.note().equals(progress.note())) {
            return kept(run);
        }
        if (edit.version() == null || edit.version() != run.version()) {
            throw new ChangedElsewhere(kept(run));
        }
        double used = before.plan().wireUsedMm(progress.step());
        UUID spool = before.plan().job().spoolId();
        if (spool != null && used != before.wireUsedMm()) {
            spools.take(spool, used - before.wireUsedMm());
        }
        boolean done = progress.step() == before.plan().steps().size();
        Instant finished = !done ? null : before.finishedAt() != null ? before.finishedAt() : now();
        run.progress(progress.step(), json.write(counts), used, progress.note(), finished, now());
        return kept(repository.saveAndFlush(run));
    }

    private static void check(RunProgress progress, RunPlan plan) {
        Checks.within("step", progress.step(), 0, plan.steps().size(), "steps", "Reload the run.");
        Words.checkNote(progress.note());
        for (Map.Entry<Integer, Integer> count : progress.counts().entrySet()) {
            Checks.within("counts", count.getKey(), 0, plan.steps().size() - 1, "steps", "Reload the run.");
            Checks.within("counts", count.getValue(), 0, 1_000_000, "times", "Reload the run.");
        }
    }

    private RingRun find(UUID id) {
        return repository.findById(id).orElseThrow(() -> new NotKept("run", id));
    }

    private Kept<RunData> kept(RingRun run) {
        return Kept.of(run, dataOf(run));
    }

    private RunData dataOf(RingRun run) {
        return new RunData(
                run.jobId(),
                json.plan(run.plan()),
                run.step(),
                json.counts(run.counts()),
                run.wireUsedMm(),
                run.createdAt(),
                run.finishedAt(),
                run.note());
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
