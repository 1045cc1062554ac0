package toroid.server.calibration;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import toroid.server.store.Stored;

@Entity
class FormMeasurement extends Stored {
    private UUID runId;
    private UUID sessionId;
    private String formId;
    private UUID spoolId;
    private double wireMm;

    @Enumerated(EnumType.STRING)
    private FormMeasurementData.Kind measured;

    private double value;
    private Double predicted;
    private Double tailMm;
    private Instant takenAt;
    private String note;

    void fill(FormMeasurementData data) {
        runId = data.runId();
        sessionId = data.sessionId();
        formId = data.formId();
        spoolId = data.spoolId();
        wireMm = data.wireMm();
        measured = data.measured();
        value = data.value();
        predicted = data.predicted();
        tailMm = data.tailMm();
        takenAt = data.takenAt().truncatedTo(ChronoUnit.MICROS);
        note = data.note();
    }

    FormMeasurementData data() {
        return new FormMeasurementData(
                runId, sessionId, formId, spoolId, wireMm, measured, value, predicted, tailMm, takenAt, note);
    }
}
