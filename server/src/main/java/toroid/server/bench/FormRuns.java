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
import toroid.core.numeric.Checks;
import toroid.server.form.FormAnswer;
import toroid.server.form.FormJobData;
import toroid.server.form.FormJobs;
import toroid.server.form.FormWorkshop;
import toroid.server.store.ChangedElsewhere;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;
import toroid.server.store.Words;
import toroid.server.wire.Spools;

/** Runs of form jobs. One open run a job; wire leaves the spool as it is cut, and comes back if that is undone. */
@Service
@Transactional
public class FormRuns {
    private final FormRunRepository repository;
    private final FormJobs jobs;
    private final FormWorkshop workshop;
    private final Spools spools;
    private final RunJson json;
    private final Clock clock;

    FormRuns(
            FormRunRepository repository,
            FormJobs jobs,
            FormWorkshop workshop,
            Spools spools,
            RunJson json,
            Clock clock) {
        this.repository = repository;
        this.jobs = jobs;
        this.workshop = workshop;
        this.spools = spools;
        this.json = json;
        this.clock = clock;
    }

    /** The job's open run, or a new one planned as the job stands now. */
    public Kept<FormRunData> start(UUID jobId) {
        FormJobData job = jobs.get(jobId).data();
        Optional<FormRun> open = repository.findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(jobId);
        if (open.isPresent()) {
            return kept(open.get());
        }
        FormRun run = new FormRun();
        run.start(UUID.randomUUID(), jobId, json.write(planFor(job)), now());
        return kept(repository.saveAndFlush(run));
    }

    /** The plan a run of that job would have now. */
    @Transactional(readOnly = true)
    public FormRunPlan planFor(FormJobData job) {
        FormAnswer answer = workshop.answer(job.formId(), job.question());
        int perGroup = switch (job.rhythm()) {
            case BATCH -> job.pieces();
            case TANDEM -> Math.min(2, job.pieces());
            case ONE_BY_ONE -> 1;
        };
        List<FormRunPlan.Cut> wires = answer.wires().stream()
                .map(w -> new FormRunPlan.Cut(
                        w.name(),
                        w.diameterMm(),
                        w.lengthInPieceMm(),
                        w.lengthToCutMm(),
                        (w.firstTailMm() + w.secondTailMm()) / job.tailFactor()))
                .toList();
        return new FormRunPlan(
                job, answer.name(), answer.metal(), answer.wireDiameterMm(), answer.steps(), wires, perGroup);
    }

    @Transactional(readOnly = true)
    public Kept<FormRunData> get(UUID id) {
        return kept(find(id));
    }

    /** Newest first, those taken away left out. */
    @Transactional(readOnly = true)
    public List<Kept<FormRunData>> all() {
        return repository.findByDeletedAtIsNullOrderByCreatedAtDesc().stream()
                .map(this::kept)
                .toList();
    }

    /**
     * Notes where the maker is. Sent twice it counts once.
     *
     * @throws ChangedElsewhere when another tab went on meanwhile
     */
    public Kept<FormRunData> progress(UUID id, Edit<RunProgress> edit) {
        FormRun run = find(id);
        FormRunData before = dataOf(run);
        RunProgress progress = edit.data();
        check(progress, before);
        Map<Integer, Integer> counts = new TreeMap<>(progress.counts());
        if (before.place() == progress.step()
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
        boolean done = progress.step() == before.places();
        Instant finished = !done ? null : before.finishedAt() != null ? before.finishedAt() : now();
        run.progress(progress.step(), json.write(counts), used, progress.note(), finished, now());
        return kept(repository.saveAndFlush(run));
    }

    private static void check(RunProgress progress, FormRunData run) {
        Checks.within("step", progress.step(), 0, run.places(), "steps", "Reload the run.");
        Words.checkNote(progress.note());
        for (Map.Entry<Integer, Integer> count : progress.counts().entrySet()) {
            Checks.within("counts", count.getKey(), 0, run.places() - 1, "steps", "Reload the run.");
            Checks.within("counts", count.getValue(), 0, 1_000_000, "times", "Reload the run.");
        }
    }

    private FormRun find(UUID id) {
        return repository.findById(id).orElseThrow(() -> new NotKept("run", id));
    }

    private Kept<FormRunData> kept(FormRun run) {
        return Kept.of(run, dataOf(run));
    }

    private FormRunData dataOf(FormRun run) {
        FormRunPlan plan = json.read(run.plan(), FormRunPlan.class);
        return new FormRunData(
                run.jobId(),
                plan,
                run.place(),
                plan.rhythm().places(),
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
