package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.work.Findings;
import toroid.server.work.Runs;

/** What was measured of a run's copies when all was put together, against plan and twin. */
@Component
class Inspection {
    private final Runs runs;
    private final Readings readings;

    Inspection(Runs runs, Readings readings) {
        this.runs = runs;
        this.readings = readings;
    }

    /** @param findings check by check, those that are measured */
    record InspectionAnswer(@NotNull List<Findings.Finding> findings) {}

    @Transactional(readOnly = true)
    public InspectionAnswer of(UUID runId) {
        return new InspectionAnswer(Findings.of(runs.get(runId).data().plan(), readings.taken(runId)));
    }
}
