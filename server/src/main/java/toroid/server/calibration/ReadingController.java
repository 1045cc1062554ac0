package toroid.server.calibration;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.calibration.CoilLosses;
import toroid.server.store.Kept;
import toroid.server.store.KeptController;

/** What was measured, on whatever. */
@RestController
@RequestMapping("/api/readings")
class ReadingController extends KeptController<ReadingData> {
    private final Readings readings;
    private final FormLearning learning;
    private final FirstOfRun first;
    private final Inspection inspection;
    private final CoilLearning coils;

    ReadingController(
            Readings readings, FormLearning learning, FirstOfRun first, Inspection inspection, CoilLearning coils) {
        super(readings);
        this.readings = readings;
        this.learning = learning;
        this.first = first;
        this.inspection = inspection;
        this.coils = coils;
    }

    @GetMapping("/of-run/{runId}")
    List<Kept<ReadingData>> ofRun(@PathVariable UUID runId) {
        return readings.ofRun(runId);
    }

    /** What the first one came out at, that the rest are made by; of each quantity what was measured first counts. */
    @GetMapping("/of-run/{runId}/first-one")
    FirstOfRun.FirstOneAnswer firstOne(@PathVariable UUID runId) {
        return first.of(runId);
    }

    /** How its copies, once put together, measure against plan and twin. */
    @GetMapping("/of-run/{runId}/inspection")
    Inspection.InspectionAnswer inspected(@PathVariable UUID runId) {
        return inspection.of(runId);
    }

    /** Turns of each coil that come to no good ring. */
    @GetMapping("/coil-losses")
    CoilLosses coilLosses() {
        return coils.losses();
    }

    @GetMapping("/of-form/{formId}")
    FormLearning.Learnt ofForm(@PathVariable String formId) {
        return learning.of(formId);
    }
}
