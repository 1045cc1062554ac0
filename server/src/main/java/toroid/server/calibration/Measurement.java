package toroid.server.calibration;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;
import toroid.core.calibration.SpringbackReading;
import toroid.server.ring.CutData;
import toroid.server.store.Stored;

@Entity
class Measurement extends Stored {
    private UUID spoolId;
    private UUID runId;
    private Integer step;

    @Enumerated(EnumType.STRING)
    private SpringbackReading.Measured measured;

    private double valueMm;
    private double wireDiameterMm;
    private double mandrelDiameterMm;
    private String cutMethod;
    private double cutLossMm;
    private boolean cutFlipped;
    private int turnsPerRing;
    private Double predictedMm;
    private Instant takenAt;
    private String note;

    void fill(MeasurementData data) {
        spoolId = data.spoolId();
        runId = data.runId();
        step = data.step();
        measured = data.measured();
        valueMm = data.valueMm();
        wireDiameterMm = data.wireDiameterMm();
        mandrelDiameterMm = data.mandrelDiameterMm();
        cutMethod = data.cut().storedMethod(wireDiameterMm);
        cutLossMm = data.cut().lossMm(wireDiameterMm);
        cutFlipped = data.cut().storedFlipped();
        turnsPerRing = data.turnsPerRing();
        predictedMm = data.predictedMm();
        takenAt = data.takenAt().truncatedTo(java.time.temporal.ChronoUnit.MICROS);
        note = data.note();
    }

    MeasurementData data() {
        return new MeasurementData(
                spoolId,
                runId,
                step,
                measured,
                valueMm,
                wireDiameterMm,
                mandrelDiameterMm,
                CutData.stored(cutMethod, cutLossMm, cutFlipped),
                turnsPerRing,
                predictedMm,
                takenAt,
                note);
    }
}
