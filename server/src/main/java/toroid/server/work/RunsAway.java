package toroid.server.work;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;

/**
 * Takes runs out of the notebook and brings them back, with what was measured and photographed in them. What they took of the shelf is
 * gone from there whether they are told of or not.
 */
@Service
@Transactional
class RunsAway {
    private final RunRepository repository;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    RunsAway(RunRepository repository, ApplicationEventPublisher events, Clock clock) {
        this.repository = repository;
        this.events = events;
        this.clock = clock;
    }

    /** @throws NotKept when there is none; one that is away already stays so */
    void away(UUID id) {
        Run run = find(id);
        if (!run.isDeleted()) {
            Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
            run.away(now);
            repository.saveAndFlush(run);
            events.publishEvent(new RunAway(id, run.jobId(), true, now));
        }
    }

    /**
     * @throws NotKept when there is none
     * @throws Refusal when it was in hand and the next run of its job is by now
     */
    void back(UUID id) {
        Run run = find(id);
        if (!run.isDeleted()) {
            return;
        }
        if (run.finishedAt() == null
                && repository
                        .findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(run.jobId())
                        .isPresent()) {
            throw Refusal.of(ServerCode.NEXT_RUN_BEGUN, "run", null);
        }
        Instant at = run.awaySince();
        run.back(clock.instant().truncatedTo(ChronoUnit.MICROS));
        repository.saveAndFlush(run);
        events.publishEvent(new RunAway(id, run.jobId(), false, at));
    }

    private Run find(UUID id) {
        return repository.findById(id).orElseThrow(() -> new NotKept("run", id));
    }
}
