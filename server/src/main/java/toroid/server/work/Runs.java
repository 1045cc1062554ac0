package toroid.server.work;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.core.stock.Draw;
import toroid.core.work.Operation;
import toroid.core.work.Plan;
import toroid.core.work.Progress;
import toroid.server.stock.CutAhead;
import toroid.server.stock.Lots;
import toroid.server.stock.Reservations;
import toroid.server.store.ChangedElsewhere;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;

/** Keeps the runs. One open run a job; what an operation takes leaves its lots as it is done, and comes back if it is undone. */
@Service
@Transactional
public class Runs {
    private final RunRepository repository;
    private final Jobs jobs;
    private final JobKinds kinds;
    private final Plans plans;
    private final Lots lots;
    private final WorkJson json;
    private final RunViews views;
    private final Reservations reservations;
    private final CutAhead cutAhead;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Runs(
            RunRepository repository,
            Jobs jobs,
            JobKinds kinds,
            Plans plans,
            Lots lots,
            WorkJson json,
            RunViews views,
            Reservations reservations,
            CutAhead cutAhead,
            ApplicationEventPublisher events,
            Clock clock) {
        this.repository = repository;
        this.jobs = jobs;
        this.kinds = kinds;
        this.plans = plans;
        this.lots = lots;
        this.json = json;
        this.views = views;
        this.reservations = reservations;
        this.cutAhead = cutAhead;
        this.events = events;
        this.clock = clock;
    }

    /** The plan a run of that job would have now. */
    @Transactional(propagation = Propagation.SUPPORTS)
    public Planned<?> planned(String kind, UUID jobId) {
        Kept<JobData> job = jobs.get(kind, jobId);
        return planned(kinds.byId(kind), jobId, job.data().content());
    }

    private <C, F> Planned<F> planned(JobKind<C, F> kind, UUID jobId, Object content) {
        return plans.of(kind, jobId, kind.content().cast(content));
    }

    /**
     * The job's open run, or a new one planned as the job stands now. No connection is held while it is planned; of two that begin
     * in the same moment the first counts for both.
     */
    @Transactional(propagation = Propagation.SUPPORTS)
    public Kept<RunData> start(String kind, UUID jobId) {
        Run run = open(jobId).orElseGet(() -> begin(kinds.byId(kind), jobId));
        views.of(run);
        return kept(run);
    }

    private <C, F> Run begin(JobKind<C, F> kind, UUID jobId) {
        C content = kind.content().cast(jobs.get(kind.id(), jobId).data().content());
        Planned<F> planned = plans.of(kind, jobId, content);
        var run = new Run();
        run.start(jobId, kind.id(), kind.nameOf(content), after(repository.lastBegun(jobId)));
        run.plan(json.write(planned), kind.planVersion());
        run.see(json.write(glance(kind, content, planned, Progress.none())));
        try {
            Run begun = repository.saveAndFlush(run);
            putBy(jobId, byLot(planned.work().draws()));
            return begun;
        } catch (DataIntegrityViolationException another) {
            return open(jobId).orElseThrow(() -> another);
        }
    }

    private static <C, F> Glance glance(JobKind<C, F> kind, C content, Planned<F> planned, Progress progress) {
        boolean chosen = kind.lotOf(content) != null;
        return Glance.of(kind.sketch(content, planned.facts()), planned.work(), progress, chosen);
    }

    /** What a job will still take of each lot: what its open run has left, all of its plan where it was never begun, else nothing; nothing is told of a plan that cannot be read. */
    Map<UUID, Double> stillTakes(UUID jobId, Plan plan) {
        Optional<Run> open = open(jobId);
        if (open.isPresent()) {
            try {
                return stillTakes(open.get(), kinds.byId(open.get().kind()));
            } catch (Refusal unreadable) {
                return Map.of();
            }
        }
        return repository.existsByJobIdAndDeletedAtIsNull(jobId)
                ? Map.of()
                : byLot(Progress.none().toDraw(plan));
    }

    private <C, F> Map<UUID, Double> stillTakes(Run run, JobKind<C, F> kind) {
        Planned<F> planned = json.plan(run, kind);
        return byLot(json.progress(kind, planned.work(), run.progress()).toDraw(planned.work()));
    }

    private static Map<UUID, Double> byLot(Map<String, Double> drawn) {
        return drawn.entrySet().stream()
                .collect(Collectors.toMap(draw -> UUID.fromString(draw.getKey()), Map.Entry::getValue));
    }

    private Optional<Run> open(UUID jobId) {
        return repository.findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(jobId);
    }

    /** @throws Refusal when its plan cannot be read */
    @Transactional(readOnly = true)
    public Kept<RunData> get(UUID id) {
        return kept(find(id));
    }

    /** What is shown of it beside its plan. */
    @Transactional(propagation = Propagation.SUPPORTS)
    public Object shown(UUID id) {
        Object shown = views.of(find(id));
        if (shown == null) {
            throw new NotKept("picture of the run", id);
        }
        return shown;
    }

    /** The same, of a run of one kind. */
    @Transactional(propagation = Propagation.SUPPORTS)
    Object shown(UUID id, String kind) {
        if (!find(id).kind().equals(kind)) {
            throw new NotKept(kind + " run", id);
        }
        return shown(id);
    }

    /**
     * Notes where the maker is. Sent twice it counts once. The plan, which never changes, is not told again.
     *
     * @throws ChangedElsewhere when another tab went on meanwhile
     */
    public Kept<RunProgress> progress(UUID id, Edit<RunProgress> edit) {
        Run run = find(id);
        return progress(run, kinds.byId(run.kind()), edit);
    }

    private <C, F> Kept<RunProgress> progress(Run run, JobKind<C, F> kind, Edit<RunProgress> edit) {
        Planned<F> planned = json.plan(run, kind);
        Progress before = json.progress(kind, planned.work(), run.progress());
        Progress now = edit.data().toCore();
        now.check(planned.work());
        Words.checkNote(edit.data().note());
        if (before.equals(now) && run.note().equals(edit.data().note())) {
            return Kept.of(run, RunProgress.of(before, run.note()));
        }
        if (edit.version() == null || edit.version() != run.version()) {
            throw new ChangedElsewhere(Kept.of(run, RunProgress.of(before, run.note())));
        }
        boolean whole = now.isWhole(planned.work());
        if (!whole && run.finishedAt() != null) {
            demandNoneOpen(run.jobId());
        }
        take(run, planned.work(), before, now);
        Map<String, Double> drawn = new TreeMap<>(now.drawn(planned.work()));
        putBy(run.jobId(), byLot(now.toDraw(planned.work())));
        Instant finished = !whole ? null : run.finishedAt() != null ? run.finishedAt() : now();
        run.progress(json.write(now), json.write(drawn), edit.data().note(), finished, now());
        run.see(json.write(seen(kind, planned, now)));
        Kept<RunProgress> kept = Kept.of(repository.saveAndFlush(run), RunProgress.of(now, run.note()));
        events.publishEvent(new RunMoved(run.id(), kept));
        return kept;
    }

    /** Where a run is, without its plan. @throws Refusal when its plan cannot be read */
    @Transactional(readOnly = true)
    Kept<RunProgress> progressOf(UUID id) {
        Run run = find(id);
        return progressOf(run, kinds.byId(run.kind()));
    }

    private <C, F> Kept<RunProgress> progressOf(Run run, JobKind<C, F> kind) {
        Planned<F> planned = json.plan(run, kind);
        return Kept.of(run, RunProgress.of(json.progress(kind, planned.work(), run.progress()), run.note()));
    }

    /** @throws Refusal when the next run of that job is in hand: of one job one is */
    private void demandNoneOpen(UUID job) {
        if (open(job).isPresent()) {
            throw Refusal.of(ServerCode.NEXT_RUN_BEGUN, "run", null);
        }
    }

    /** Each operation done more often takes from its lots; done less, it gives back; what came to nothing is gone. */
    private void take(Run run, Plan plan, Progress before, Progress now) {
        Map<String, Integer> had = before.taken(plan);
        Map<String, Integer> has = now.taken(plan);
        List<Operation> changed = plan.operations().stream()
                .filter(operation -> !had.get(operation.id()).equals(has.get(operation.id())))
                .toList();
        cutAhead.hold(run.jobId());
        lots.hold(changed.stream()
                .flatMap(operation -> operation.draws().stream())
                .map(draw -> UUID.fromString(draw.lot()))
                .toList());
        for (Operation operation : changed) {
            int more = has.get(operation.id()) - had.get(operation.id());
            for (Draw draw : operation.draws()) {
                UUID lot = UUID.fromString(draw.lot());
                double amount = operation.takes(draw, more);
                lots.take(lot, amount, run.id(), operation.id());
                cutAhead.used(run.jobId(), lot, amount, run.id(), operation.id());
            }
        }
    }

    /** What a job will still take of the shelf; what is cut for it is gone from there already. */
    void putBy(UUID job, Map<UUID, Double> toDraw) {
        reservations.putBy(job, cutAhead.without(job, toDraw));
    }

    /** At a glance, from the plan alone. */
    <C, F> Glance seen(JobKind<C, F> kind, Planned<F> planned, Progress progress) {
        return glance(kind, kind.contentOf(planned.facts()), planned, progress);
    }

    /** At a glance, of a run begun before that was kept. */
    Glance seen(Run run) {
        return seen(run, kinds.byId(run.kind()));
    }

    private <C, F> Glance seen(Run run, JobKind<C, F> kind) {
        Planned<F> planned = json.plan(run, kind);
        return seen(kind, planned, json.progress(kind, planned.work(), run.progress()));
    }

    private Run find(UUID id) {
        return repository.findById(id).filter(run -> !run.isDeleted()).orElseThrow(() -> new NotKept("run", id));
    }

    private Kept<RunData> kept(Run run) {
        return kept(run, kinds.byId(run.kind()));
    }

    private <C, F> Kept<RunData> kept(Run run, JobKind<C, F> kind) {
        Planned<F> planned = json.plan(run, kind);
        Progress progress = json.progress(kind, planned.work(), run.progress());
        return Kept.of(
                run,
                new RunData(
                        run.jobId(),
                        run.kind(),
                        kind.nameOf(kind.contentOf(planned.facts())),
                        kind.lotOf(kind.contentOf(planned.facts())),
                        planned.facts(),
                        planned.work(),
                        progress.done(),
                        progress.counts(),
                        progress.more(),
                        RunProgress.SpoiltAt.of(progress),
                        RunProgress.SkippedAt.of(progress),
                        json.drawn(run.drawn()),
                        run.createdAt(),
                        run.finishedAt(),
                        run.note()));
    }

    /** Now; a clock that was set back makes no run begin before the one it follows. */
    private Instant after(Instant before) {
        Instant now = now();
        return before == null || before.isBefore(now) ? now : before.plus(1, ChronoUnit.MICROS);
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
