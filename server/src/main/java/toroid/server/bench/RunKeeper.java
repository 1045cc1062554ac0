package toroid.server.bench;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.server.store.ChangedElsewhere;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;
import toroid.server.store.Rows;
import toroid.server.store.Words;
import toroid.server.wire.Spools;

/**
 * Keeps runs. One open run a job; wire leaves the spool as it is used, and comes back if that is undone.
 *
 * @param <R> the run as stored
 * @param <P> its plan, frozen when it began
 * @param <D> the run as told
 */
@Transactional
public abstract class RunKeeper<R extends StoredRun, P extends RunKeeper.Plan, D> {
    private final RunRepository<R> repository;
    private final Class<P> planType;
    private final Spools spools;
    private final RunJson json;
    private final Clock clock;

    RunKeeper(RunRepository<R> repository, Class<P> planType, Spools spools, RunJson json, Clock clock) {
        this.repository = repository;
        this.planType = planType;
        this.spools = spools;
        this.json = json;
        this.clock = clock;
    }

    /** What a run needs to know of its plan. */
    protected interface Plan {
        /** How many steps there are to do in all. */
        int length();

        /** Wire of the job's own spool used once that many steps are done, mm. */
        double wireUsedMm(int stepsDone);

        /** The spool; null for wire not in stock. */
        UUID spool();
    }

    protected abstract R blank();

    /** The plan a run of that job would have now. */
    protected abstract P plan(UUID jobId);

    protected abstract D told(R run, P plan, Map<Integer, Integer> counts);

    /**
     * The job's open run, or a new one planned as the job stands now. No connection is held while it is planned; of two that begin
     * in the same moment the first counts for both.
     */
    @Transactional(propagation = Propagation.SUPPORTS)
    public Kept<D> start(UUID jobId) {
        Kept<D> run = open(jobId).orElseGet(() -> begin(jobId, json.write(plan(jobId))));
        freeze(run);
        return run;
    }

    /** Keeps beside the plan what is shown of it at the bench, where that is more than the plan. */
    protected void freeze(Kept<D> run) {}

    private Kept<D> begin(UUID jobId, String plan) {
        R run = blank();
        run.start(UUID.randomUUID(), jobId, plan, now());
        try {
            return kept(repository.saveAndFlush(run));
        } catch (DataIntegrityViolationException another) {
            return open(jobId).orElseThrow(() -> another);
        }
    }

    private Optional<Kept<D>> open(UUID jobId) {
        return repository
                .findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(jobId)
                .map(this::kept);
    }

    @Transactional(readOnly = true)
    public Kept<D> get(UUID id) {
        return kept(find(id));
    }

    /**
     * A run in a list; one whose plan cannot be read is there all the same.
     *
     * @param run null when it cannot be read
     */
    public record Row<D>(UUID id, UUID jobId, Instant updatedAt, Kept<D> run) {
        /** @throws Refusal when it cannot be read */
        public Kept<D> read() {
            if (run == null) {
                throw Refusal.of(
                        "unreadable-plan",
                        "plan",
                        null,
                        "The plan this run began with cannot be read.",
                        "./toroid logs says why; the job itself is whole.");
            }
            return run;
        }
    }

    /** Newest first, those taken away left out. */
    @Transactional(readOnly = true)
    public List<Row<D>> all() {
        return Rows.each(
                repository.findByDeletedAtIsNullOrderByCreatedAtDesc(),
                run -> new Row<>(run.id(), run.jobId(), run.updatedAt(), kept(run)),
                (run, unreadable) -> new Row<>(run.id(), run.jobId(), run.updatedAt(), null));
    }

    /**
     * Notes where the maker is. Sent twice it counts once. The plan, which never changes, is not told again.
     *
     * @throws ChangedElsewhere when another tab went on meanwhile
     */
    public Kept<RunProgress> progress(UUID id, Edit<RunProgress> edit) {
        R run = find(id);
        P plan = json.read(run.plan(), planType);
        RunProgress progress = edit.data();
        check(progress, plan);
        var counts = new TreeMap<>(progress.counts());
        if (run.step() == progress.step()
                && json.counts(run.counts()).equals(counts)
                && run.note().equals(progress.note())) {
            return progressOf(run);
        }
        if (edit.version() == null || edit.version() != run.version()) {
            throw new ChangedElsewhere(progressOf(run));
        }
        double used = plan.wireUsedMm(progress.step());
        if (plan.spool() != null && used != run.wireUsedMm()) {
            spools.take(plan.spool(), used - run.wireUsedMm());
        }
        boolean done = progress.step() == plan.length();
        Instant finished = !done ? null : run.finishedAt() != null ? run.finishedAt() : now();
        run.progress(progress.step(), json.write(counts), used, progress.note(), finished, now());
        return progressOf(repository.saveAndFlush(run));
    }

    private void check(RunProgress progress, P plan) {
        Checks.within("step", progress.step(), 0, plan.length(), "steps", "Reload the run.");
        Words.checkNote(progress.note());
        for (Map.Entry<Integer, Integer> count : progress.counts().entrySet()) {
            Checks.within("counts", count.getKey(), 0, plan.length() - 1, "steps", "Reload the run.");
            Checks.within("counts", count.getValue(), 0, 1_000_000, "times", "Reload the run.");
        }
    }

    private Kept<RunProgress> progressOf(R run) {
        return Kept.of(run, new RunProgress(run.step(), json.counts(run.counts()), run.note()));
    }

    private R find(UUID id) {
        return repository.findById(id).orElseThrow(() -> new NotKept("run", id));
    }

    private Kept<D> kept(R run) {
        return Kept.of(run, told(run, json.read(run.plan(), planType), json.counts(run.counts())));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
