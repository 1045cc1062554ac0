package toroid.server.calibration;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.calibration.Expected;
import toroid.core.calibration.HandlingTail;
import toroid.core.calibration.Lengthening;
import toroid.core.calibration.Looseness;
import toroid.server.store.Keeper;
import toroid.server.store.Kept;
import toroid.server.wire.Spools;

/** Keeps what was measured on forms. One that was a slip is taken away, and can be brought back. */
@Service
public class FormMeasurements extends Keeper<FormMeasurement, FormMeasurementData> {
    private final FormMeasurementRepository repository;
    private final Spools spools;

    FormMeasurements(FormMeasurementRepository repository, Spools spools, Clock clock) {
        super("measurement", repository, clock);
        this.repository = repository;
        this.spools = spools;
    }

    /** Of one run, those taken away included. */
    @Transactional(readOnly = true)
    public List<Kept<FormMeasurementData>> ofRun(UUID runId) {
        return repository.findByRunIdOrderByTakenAt(runId).stream()
                .map(this::kept)
                .toList();
    }

    /** Of one form, in the order taken. */
    @Transactional(readOnly = true)
    public List<FormMeasurementData> ofForm(String formId) {
        return repository.findByFormIdAndDeletedAtIsNullOrderByTakenAt(formId).stream()
                .map(FormMeasurement::data)
                .toList();
    }

    /** The handling tail this maker's cut lengths, offcuts and shortfalls of that form teach. */
    @Transactional(readOnly = true)
    public HandlingTail tailOf(String formId) {
        List<HandlingTail.Reading> readings = new ArrayList<>();
        for (FormMeasurementData m : ofForm(formId)) {
            if (m.tailMm() != null && m.tailMm() > 0.01 && m.predicted() != null) {
                switch (m.measured()) {
                    case CUT_LENGTH ->
                        readings.add(HandlingTail.Reading.finished(m.value(), m.predicted(), m.tailMm()));
                    case OFFCUT -> readings.add(new HandlingTail.Reading(m.tailMm(), m.value(), m.predicted()));
                    case SHORT -> readings.add(new HandlingTail.Reading(m.tailMm(), -m.value(), m.predicted()));
                    default -> {}
                }
            }
        }
        return HandlingTail.of(readings);
    }

    /** How near to the plan this maker's loops of that form are expected. */
    @Transactional(readOnly = true)
    public Expected loopsOf(String formId) {
        return Expected.of(Expected.LOOP_MM, off(formId, FormMeasurementData.Kind.LOOP_INSIDE, 0));
    }

    /** How near to the plan the lengths this maker cuts for that form are expected, with that handling tail. */
    @Transactional(readOnly = true)
    public Expected cutsOf(String formId) {
        return Expected.of(Expected.CUT_MM, off(formId, FormMeasurementData.Kind.CUT_LENGTH, 1));
    }

    /** How loosely this maker bends coils on coils. */
    @Transactional(readOnly = true)
    public Looseness loosenessOf(String formId) {
        return Looseness.of(ofForm(formId).stream()
                .filter(m -> m.measured() == FormMeasurementData.Kind.FINISHED)
                .filter(m -> m.predicted() != null && m.predicted() >= 0.1)
                .map(m -> new Looseness.Reading(m.value(), m.predicted(), m.tailMm() == null ? 0 : m.tailMm()))
                .toList());
    }

    /** How this maker's hammer lengthens what it flattens. */
    @Transactional(readOnly = true)
    public Lengthening lengtheningOf(String formId) {
        return Lengthening.of(ofForm(formId).stream()
                .filter(m -> m.measured() == FormMeasurementData.Kind.FLAT_WIDE)
                .map(FormMeasurementData::asFlat)
                .toList());
    }

    private List<Double> off(String formId, FormMeasurementData.Kind kind, double tails) {
        return ofForm(formId).stream()
                .filter(m -> m.measured() == kind && m.predicted() != null)
                .map(m -> m.value() - m.predicted() - (m.tailMm() == null ? 0 : tails * m.tailMm()))
                .toList();
    }

    @Override
    protected FormMeasurement blank() {
        return new FormMeasurement();
    }

    @Override
    protected void fill(FormMeasurement measurement, FormMeasurementData data) {
        measurement.fill(data);
    }

    @Override
    protected FormMeasurementData dataOf(FormMeasurement measurement) {
        return measurement.data();
    }

    @Override
    protected void check(FormMeasurementData data) {
        data.check();
        spools.demand(data.spoolId());
    }
}
