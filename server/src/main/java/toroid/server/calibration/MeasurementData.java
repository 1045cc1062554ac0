package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;
import toroid.core.calibration.SpringbackReading;
import toroid.server.ring.CutData;
import toroid.server.store.Words;

/**
 * One measurement. Lengths mm.
 *
 * @param spoolId the wire; null for wire not in stock, which is noted but teaches no spool
 * @param runId the run it was taken in; null for one taken outside a run
 * @param step the run's step
 * @param measured what was between the jaws
 * @param valueMm what the caliper said
 * @param predictedMm what was expected then; null when nothing was
 */
public record MeasurementData(
        UUID spoolId,
        UUID runId,
        Integer step,
        @NotNull SpringbackReading.Measured measured,
        @NotNull double valueMm,
        @NotNull double wireDiameterMm,
        @NotNull double mandrelDiameterMm,
        @NotNull CutData cut,
        @NotNull int turnsPerRing,
        Double predictedMm,
        @NotNull Instant takenAt,
        @NotNull String note) {

    /** The reading brought to the sprung coil. @throws toroid.core.numeric.Refusal when it cannot be right */
    SpringbackReading reading() {
        return SpringbackReading.of(
                measured, valueMm, wireDiameterMm, mandrelDiameterMm, cut.toCore(wireDiameterMm), turnsPerRing);
    }

    void check() {
        Words.checkNote(note);
        Words.checkMoment("takenAt", takenAt);
        toroid.core.numeric.Checks.within("turnsPerRing", turnsPerRing, 1, 12, "turns", "One is a plain ring.");
        if (predictedMm != null) {
            toroid.core.numeric.Checks.within("predictedMm", predictedMm, 0, 1000, "mm", "Leave it out.");
        }
        reading();
    }
}
