package toroid.server.calibration;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.calibration.SpringbackReading;
import toroid.core.metal.FlowEstimate;
import toroid.server.wire.SpoolData;
import toroid.server.wire.WireKnowledge;

/** A spool's strength from its own coils where there are any, else from the handbook. */
@Service
@Transactional(readOnly = true)
class LearntWire implements WireKnowledge {
    private final ReadingRepository repository;

    private final Fits fits;

    LearntWire(ReadingRepository repository, Fits fits) {
        this.repository = repository;
        this.fits = fits;
    }

    @Override
    public FlowEstimate flowOf(UUID spoolId, SpoolData data) {
        List<SpringbackReading> readings = spoolId == null ? List.of() : readings(spoolId);
        return readings.isEmpty()
                ? FlowEstimate.ofHandbook(data.metalKept().flow(data.temper()))
                : fits.of(data, readings).flow();
    }

    private List<SpringbackReading> readings(UUID spoolId) {
        return repository.findByLotIdAndQuantityInAndDeletedAtIsNullOrderByTakenAt(spoolId, Quantity.OF_RINGS).stream()
                .map(measurement -> measurement.data().sprung())
                .toList();
    }
}
