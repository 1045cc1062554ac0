package toroid.server.work;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
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
    private final WorkJson json;
    private final TransactionTemplate transaction;
    private final AtomicBoolean pieces = new AtomicBoolean();
    private final Set<UUID> waiting = ConcurrentHashMap.newKeySet();
    private final ExecutorService hand = Executors.newSingleThreadExecutor(task -> {
        var thread = new Thread(task, "glances");
        thread.setDaemon(true);
        return thread;
    });

    Glances(
            JobRepository jobs,
            RunRepository runs,
            Runs keeper,
            JobKinds kinds,
            WorkJson json,
            TransactionTemplate transaction) {
        this.jobs = jobs;
        this.runs = runs;
        this.keeper = keeper;
        this.kinds = kinds;
        this.json = json;
        this.transaction = transaction;
    }

    @PreDestroy
    void close() {
        hand.shutdownNow();
    }

    /** Once the server answers, and once a demo workshop is laid out: whatever was not looked at. */
    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.LOWEST_PRECEDENCE)
    void all() {
        later(this::lookAtAll);
    }

    /** The wire of some jobs is another now, or more is known of it. */
    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void wireChanged(WireChanged wire) {
        jobs.unsee(wire.lot().toString());
    }

    /** Once more, since one of them may have been looked at meanwhile, in the wire as it was. */
    @TransactionalEventListener
    void wireHasChanged(WireChanged wire) {
        later(() -> {
            transaction.executeWithoutResult(status -> jobs.unsee(wire.lot().toString()));
            lookAtAll();
        });
    }

    /** Another lot on the shelf, or one told otherwise: whole pieces take from what there is. Several changes at once are one. */
    @TransactionalEventListener
    void shelfHasChanged(LotChanged lot) {
        if (lot.anew() && pieces.compareAndSet(false, true)) {
            later(() -> {
                pieces.set(false);
                transaction.executeWithoutResult(status -> jobs.unseeKind(PieceKind.ID));
                lookAtAll();
            });
        }
    }

    /** Wire was cut for a job: less is put by for it. */
    @TransactionalEventListener
    void cut(CutMade cut) {
        kept(cut.job());
    }

    /** A job is kept: looked at soon, once however often it is kept meanwhile. */
    void kept(UUID job) {
        if (waiting.add(job)) {
            later(() -> {
                waiting.remove(job);
                lookAt(job);
            });
        }
    }

    private void later(Runnable work) {
        if (!hand.isShutdown()) {
            hand.execute(() -> {
                try {
                    work.run();
                } catch (RuntimeException failure) {
                    LOG.warn("a job could not be looked at", failure);
                }
            });
        }
    }

    void lookAtAll() {
        jobs.unseen().forEach(this::lookAt);
        runs.unseen().forEach(this::lookAtRun);
    }

    private void lookAt(UUID id) {
        jobs.findById(id).filter(job -> !job.isDeleted()).ifPresent(job -> {
            var plan = new AtomicReference<Plan>();
            String glance = json.write(glance(job, kinds.byId(job.kind()), plan));
            transaction.executeWithoutResult(status -> {
                if (jobs.see(id, job.version(), glance) > 0) {
                    keeper.putBy(id, plan.get() == null ? Map.of() : keeper.stillTakes(id, plan.get()));
                }
            });
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
                    Planned<F> planned = kind.plan(asked);
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
