package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.calibration.Expected;
import toroid.core.calibration.HandlingTail;
import toroid.core.calibration.Lengthening;
import toroid.core.calibration.Looseness;
import toroid.core.calibration.Repeatability;
import toroid.server.store.Kept;
import toroid.server.store.KeptController;

@RestController
@RequestMapping("/api/form-measurements")
class FormMeasurementController extends KeptController<FormMeasurementData> {
    private final FormMeasurements measurements;

    FormMeasurementController(FormMeasurements measurements) {
        super(measurements);
        this.measurements = measurements;
    }

    /**
     * One practice session: the loops measured, and how alike they are.
     *
     * @param wanted what was aimed at, mm; null when nothing was
     */
    record Session(
            @NotNull UUID id,
            @NotNull Instant startedAt,
            @NotNull List<Double> values,
            Double wanted,
            @NotNull Repeatability spread) {}

    /**
     * What this form's measurements have taught.
     *
     * @param loops how near to the plan a loop is expected
     * @param looseness how much longer than the least coils on coils come out
     * @param lengthening how much of a flat's thinning goes into its length
     * @param cuts how near to the plan a cut length is expected
     */
    record Learnt(
            @NotNull HandlingTail tail,
            @NotNull Expected loops,
            @NotNull Expected cuts,
            @NotNull Looseness looseness,
            @NotNull Lengthening lengthening,
            @NotNull List<Session> sessions) {}

    @GetMapping("/of-run/{runId}")
    List<Kept<FormMeasurementData>> ofRun(@PathVariable UUID runId) {
        return measurements.ofRun(runId);
    }

    @GetMapping("/of-form/{formId}")
    Learnt ofForm(@PathVariable String formId) {
        return new Learnt(
                measurements.tailOf(formId),
                measurements.loopsOf(formId),
                measurements.cutsOf(formId),
                measurements.loosenessOf(formId),
                measurements.lengtheningOf(formId),
                sessions(measurements.ofForm(formId)));
    }

    private static List<Session> sessions(List<FormMeasurementData> taken) {
        Map<UUID, List<FormMeasurementData>> bySession = new LinkedHashMap<>();
        for (FormMeasurementData one : taken) {
            if (one.sessionId() != null && one.measured() == FormMeasurementData.Kind.LOOP_INSIDE) {
                bySession
                        .computeIfAbsent(one.sessionId(), id -> new ArrayList<>())
                        .add(one);
            }
        }
        return bySession.entrySet().stream()
                .map(entry -> session(entry.getKey(), entry.getValue()))
                .toList();
    }

    private static Session session(UUID id, List<FormMeasurementData> loops) {
        List<Double> values = loops.stream().map(FormMeasurementData::value).toList();
        return new Session(id, loops.get(0).takenAt(), values, loops.get(0).predicted(), Repeatability.of(values));
    }
}
