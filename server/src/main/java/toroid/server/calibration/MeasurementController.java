package toroid.server.calibration;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.store.Kept;
import toroid.server.store.KeptController;

@RestController
@RequestMapping("/api/measurements")
class MeasurementController extends KeptController<MeasurementData> {
    private final Measurements measurements;

    MeasurementController(Measurements measurements) {
        super(measurements);
        this.measurements = measurements;
    }

    @GetMapping("/of-run/{runId}")
    List<Kept<MeasurementData>> ofRun(@PathVariable UUID runId) {
        return measurements.ofRun(runId);
    }
}
