package toroid.server.work;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;
import toroid.core.numeric.Refusal;
import toroid.core.work.Plan;
import toroid.server.stock.CutMade;
import toroid.server.stock.LotChanged;
import toroid.server.store.RefusalView;
import toroid.server.store.Rows;
import toroid.server.store.ServerCode;
import toroid.server.wire.WireChanged;

/**
 * Looks at jobs once they are kept, and again when their wire changes, at the back and one after another, so that no list has to plan
 * anything. Until it was looked at a job stands in its list without a picture.
 */
@Component
class Glances {
    private static final Logger LOG = LoggerFactory.getLogger(Glances.class);
    private static final RefusalView FAULT = RefusalView.of(ServerCode.CANNOT_BE_WORKED_OUT);

    /** What one job may take of the time all others wait for. */
    private static final Duration BUDGET = Duration.ofSeconds(20);

    private final JobRepository jobs;
    private final RunRepository runs;
    private final Runs keeper;
    private final JobKinds kinds;
    private final Plans plans;
    private final WorkJson json;
    private final TransactionTemplate transaction;
    private final Set<String> shelf = ConcurrentHashMap.newKeySet();
    private final Set<UUID> waiting = ConcurrentHashMap.newKeySet();
    private final Set<UUID> again = ConcurrentHashMap.newKeySet();
    private final Errands errands = new Errands("glances");

    Glances(
            JobRepository jobs,
            RunRepository runs,
            Runs keeper,
            JobKinds kinds,
            Plans plans,
            WorkJson json,
            TransactionTemplate transaction) {
        this.jobs = jobs;
        this.runs = runs;
        this.keeper = keeper;
        this.kinds = kinds;
        this.plans = plans;
        this.json = json;
        this.transaction = transaction;
    }

    @PreDestroy
    void close() {
        errands.close();
    }

    /** Once the server answers, and once a demo workshop is laid out: whatever was not looked at. */
    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.LOWEST_PRECEDENCE)
    void all() {
        errands.later(this::lookAtAll);
    }

    /** The wire of some jobs is another now, or more is known of it. */
    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void wireChanged(WireChanged wire) {
        jobs.unsee(wire.lot().toString());
    }

    /** Once more, since one of them may have been looked at meanwhile, in the wire as it was. */
    @TransactionalEventListener
    void wireHasChanged(WireChanged wire) {
        errands.later(() -> {
            transaction.executeWithoutResult(status -> jobs.unsee(wire.lot().toString()));
            lookAtAll();
        });
    }

    /** Another lot on the shelf, or one told otherwise: jobs take from what there is. Several changes at once are one. */
    @TransactionalEventListener
    void shelfHasChanged(LotChanged lot) {
        if (lot.anew() && shelf.add(lot.kind())) {
            errands.later(() -> {
                shelf.remove(lot.kind());
                transaction.executeWithoutResult(status -> kinds.all().stream()
                        .filter(kind -> kind.takes(lot.kind()))
                        .forEach(kind -> jobs.unseeKind(kind.id())));
                lookAtAll();
            });
        }
    }

    /** What a fault left unseen (the database was away) is looked at again. */
    @Scheduled(initialDelay = AGAIN_SECONDS, fixedDelay = AGAIN_SECONDS, timeUnit = TimeUnit.SECONDS)
    void again() {
        errands.later(this::lookAtAll);
    }

    private static final int AGAIN_SECONDS = 60;

    /** Wire was cut for a job: less is put by for it. */
    @TransactionalEventListener
    void cut(CutMade cut) {
        kept(cut.job());
    }

    /** A run is told of no longer, or again: what its job still takes of the shelf is another. */
    @TransactionalEventListener
    void away(RunAway run) {
        kept(run.job());
    }

    /** A job is kept: looked at before all that is only looked at again, and once however often it is kept meanwhile. */
    void kept(UUID job) {
        if (waiting.add(job)) {
            errands.first(() -> {
                waiting.remove(job);
                jobs.findById(job).ifPresent(this::lookAt);
            });
        }
    }

    /** Each by itself, so that a job kept meanwhile need not wait for all of them. */
    void lookAtAll() {
        jobs.unseen()
                .forEach(job -> lookAgain(
                        job, () -> jobs.findById(job).filter(Job::isUnseen).ifPresent(this::lookAt)));
        runs.unseen().forEach(run -> lookAgain(run, () -> lookAtRun(run)));
    }

    private void lookAgain(UUID id, Runnable look) {
        if (again.add(id)) {
            errands.later(() -> {
                again.remove(id);
                look.run();
            });
        }
    }

    private void lookAt(Job job) {
        if (job.isDeleted()) {
            return;
        }
        var plan = new AtomicReference<Plan>();
        String glance = json.write(glance(job, kinds.byId(job.kind()), plan));
        transaction.executeWithoutResult(status -> {
            if (jobs.see(job.id(), job.version(), glance) > 0) {
                keeper.putBy(job.id(), plan.get() == null ? Map.of() : keeper.stillTakes(job.id(), plan.get()));
            }
        });
    }

    /** @param plan told the plan it has, where it has one */
    private <C, F> Glance glance(Job job, JobKind<C, F> kind, AtomicReference<Plan> plan) {
        C content;
        try {
            content = json.content(kind, job.contentVersion(), job.content());
        } catch (RuntimeException unreadable) {
            LOG.error("a job cannot be read", unreadable);
            return Glance.refused(null, FAULT);
        }
        return Rows.one(
                content,
                asked -> {
                    Planned<F> planned = plans.of(kind, job.id(), asked);
                    plan.set(planned.work());
                    Object sketch = kind.sketch(asked, planned.facts());
                    return Glance.of(sketch, planned.work(), null, kind.lotOf(asked) != null);
                },
                (asked, reason) -> Glance.refused(kind.sketch(asked, null), reason),
                BUDGET);
    }

    private void lookAtRun(UUID id) {
        runs.findById(id).ifPresent(run -> {
            String glance = json.write(glance(run));
            transaction.executeWithoutResult(status -> runs.see(id, run.version(), glance));
        });
    }

    private Glance glance(Run run) {
        try {
            return keeper.seen(run);
        } catch (Refusal refusal) {
            return Glance.refused(null, RefusalView.of(refusal));
        } catch (RuntimeException | StackOverflowError fault) {
            LOG.error("a run cannot be read", fault);
            return Glance.refused(null, FAULT);
        }
    }
}
