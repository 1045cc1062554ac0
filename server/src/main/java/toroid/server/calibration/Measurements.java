package toroid.server.calibration;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.calibration.PossibleReading;
import toroid.server.store.Keeper;
import toroid.server.store.Kept;
import toroid.server.wire.Spools;

/** Keeps the measurements. One taken out of the fit is taken away, and can be brought back. */
@Service
public class Measurements extends Keeper<Measurement, MeasurementData> {
    private final MeasurementRepository repository;
    private final Spools spools;

    Measurements(MeasurementRepository repository, Spools spools, Clock clock) {
        super("measurement", repository, clock);
        this.repository = repository;
        this.spools = spools;
    }

    /** Of one run, those taken out included. */
    @Transactional(readOnly = true)
    public List<Kept<MeasurementData>> ofRun(UUID runId) {
        return repository.findByRunIdOrderByTakenAt(runId).stream()
                .map(this::kept)
                .toList();
    }

    /** Of one spool, those taken out included. */
    @Transactional(readOnly = true)
    List<Kept<MeasurementData>> ofSpool(UUID spoolId) {
        return repository.findBySpoolIdOrderByTakenAt(spoolId).stream()
                .map(this::kept)
                .toList();
    }

    @Override
    protected Measurement blank() {
        return new Measurement();
    }

    @Override
    protected void fill(Measurement measurement, MeasurementData data) {
        measurement.fill(data);
    }

    @Override
    protected MeasurementData dataOf(Measurement measurement) {
        return measurement.data();
    }

    @Override
    protected void check(MeasurementData data) {
        data.check();
        spools.demand(data.spoolId());
        if (data.spoolId() != null) {
            PossibleReading.check(
                    data.reading(), spools.get(data.spoolId()).data().metalKept());
        }
    }
}
