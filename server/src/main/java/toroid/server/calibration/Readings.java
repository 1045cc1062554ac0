package toroid.server.calibration;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.calibration.PossibleReading;
import toroid.core.numeric.Refusal;
import toroid.core.work.FirstOne;
import toroid.core.work.Measurable;
import toroid.server.store.Edit;
import toroid.server.store.Keeper;
import toroid.server.store.Kept;
import toroid.server.store.ServerCode;
import toroid.server.wire.Spools;
import toroid.server.wire.WireChanged;
import toroid.server.work.RunAway;
import toroid.server.work.RunData;
import toroid.server.work.RunMoved;
import toroid.server.work.Runs;

/** Keeps what was measured. One that was a slip is taken away, and can be brought back. */
@Service
public class Readings extends Keeper<Reading, ReadingData> {
    private final ReadingRepository repository;
    private final Runs runs;
    private final Spools spools;
    private final ObjectMapper mapper;
    private final ApplicationEventPublisher events;

    Readings(
            ReadingRepository repository,
            Runs runs,
            Spools spools,
            ObjectMapper mapper,
            ApplicationEventPublisher events,
            Clock clock) {
        super("measurement", repository, clock);
        this.repository = repository;
        this.runs = runs;
        this.spools = spools;
        this.mapper = mapper;
        this.events = events;
    }

    /** Fills in what the run's plan knows of it. Sent again under the same id it counts once. */
    @Override
    public Kept<ReadingData> put(UUID id, Edit<ReadingData> edit) {
        return told(super.put(id, new Edit<>(edit.version(), filled(edit.data()))));
    }

    @Override
    public Kept<ReadingData> delete(UUID id, int version) {
        return told(super.delete(id, version));
    }

    @Override
    public Kept<ReadingData> restore(UUID id) {
        return told(super.restore(id));
    }

    /** With a run goes what was measured in it, and comes back with it; what was taken away before stays so. */
    @EventListener
    @Transactional
    public void away(RunAway run) {
        for (Reading reading : repository.findByRunIdOrderByTakenAt(run.run())) {
            if (run.away() && !reading.isDeleted()) {
                reading.away(run.at());
            } else if (!run.away() && run.at().equals(reading.awaySince())) {
                reading.back(now());
            } else {
                continue;
            }
            told(kept(repository.saveAndFlush(reading)));
        }
    }

    private Kept<ReadingData> told(Kept<ReadingData> kept) {
        if (kept.data().lotId() != null && kept.data().quantity().isOfRings()) {
            events.publishEvent(new WireChanged(kept.data().lotId()));
        }
        if (kept.data().runId() != null) {
            events.publishEvent(new RunMoved(kept.data().runId(), null));
        }
        return kept;
    }

    private ReadingData filled(ReadingData data) {
        if (data.runId() == null) {
            spools.demand(data.lotId());
            ReadingContext said = data.context() == null ? ReadingContext.NOTHING : data.context();
            if (Practising.isOne(data)) {
                return Practising.filled(data);
            }
            boolean ofSpool = data.lotId() != null && said.wireMm() == null;
            return data.with(
                    data.lotId(),
                    data.planned(),
                    ofSpool ? said.inWire(spools.get(data.lotId()).data().wireDiameterMm()) : said);
        }
        RunData run = runs.get(data.runId()).data();
        Measurable measurable = measurable(run, data);
        ReadingContext known = mapper.convertValue(measurable.context(), ReadingContext.class);
        return data.with(run.lotId(), measurable.planned(), known);
    }

    private static Measurable measurable(RunData run, ReadingData data) {
        if (data.operation() == null) {
            throw Refusal.of(ServerCode.MISSING, "operation", null);
        }
        return run.plan().operation(data.operation()).measurable().stream()
                .filter(one -> one.quantity().equals(data.quantity().name()))
                .findFirst()
                .orElseThrow(() -> Refusal.of(ServerCode.NOT_MEASURED_HERE, "quantity", data.quantity()));
    }

    /** Of one run, those taken away included. */
    @Transactional(readOnly = true)
    public List<Kept<ReadingData>> ofRun(UUID runId) {
        return repository.findByRunIdOrderByTakenAt(runId).stream()
                .map(this::kept)
                .toList();
    }

    /** The same without those taken away, as a plan is asked with them. */
    @Transactional(readOnly = true)
    List<FirstOne.Taken> taken(UUID runId) {
        return ofRun(runId).stream()
                .filter(kept -> !kept.deleted())
                .map(Kept::data)
                .map(one ->
                        new FirstOne.Taken(one.operation(), one.quantity().name(), one.value(), one.copy(), one.lost()))
                .toList();
    }

    /** Of those runs, in the order taken, those taken away left out. */
    @Transactional(readOnly = true)
    Map<UUID, List<ReadingData>> byRun(Collection<UUID> runs) {
        return repository.findByRunIdInAndDeletedAtIsNullOrderByTakenAt(runs).stream()
                .map(Reading::data)
                .collect(Collectors.groupingBy(ReadingData::runId));
    }

    /** The latest of those quantities taken in runs, run by run, the latest run first. */
    @Transactional(readOnly = true)
    List<List<ReadingData>> latest(Set<Quantity> quantities, int most) {
        return List.copyOf(
                repository
                        .findByQuantityInAndRunIdIsNotNullAndDeletedAtIsNullOrderByTakenAtDesc(
                                quantities, Limit.of(most))
                        .stream()
                        .map(Reading::data)
                        .collect(Collectors.groupingBy(ReadingData::runId, LinkedHashMap::new, Collectors.toList()))
                        .values());
    }

    /** Coils and rings of one lot of wire, those left out of the fit included. */
    @Transactional(readOnly = true)
    List<Kept<ReadingData>> ofLot(UUID lotId) {
        return repository.findByLotIdAndQuantityInOrderByTakenAt(lotId, Quantity.OF_RINGS).stream()
                .map(this::kept)
                .toList();
    }

    @Override
    protected Reading blank() {
        return new Reading();
    }

    @Override
    protected void fill(Reading reading, ReadingData data) {
        reading.fill(data);
    }

    @Override
    protected ReadingData dataOf(Reading reading) {
        return reading.data();
    }

    @Override
    protected void check(ReadingData data) {
        data.check();
        if (data.lotId() != null && data.quantity().isOfRings()) {
            PossibleReading.check(data.sprung(), spools.get(data.lotId()).data().metalKept());
        }
    }
}
