package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;
import toroid.core.calibration.Lengthening;
import toroid.core.form.Forms;
import toroid.core.numeric.Checks;
import toroid.core.wire.Wire;
import toroid.server.store.Words;

/**
 * One thing measured on a form.
 *
 * @param runId the run it was taken in; null outside a run
 * @param sessionId the practice session it belongs to; null outside one
 * @param value mm, or a count for wraps, or minutes
 * @param predicted what was planned, same unit; for a cut length what stays in the piece; for a finished
 *     length the least it can be, plain turns left out; for a flat its planned width; null when nothing was
 * @param tailMm for a cut length: the form's own handling tail, mm; for a finished length its plain turns; for a flat's width its
 *     thickness, which a width needs
 */
public record FormMeasurementData(
        UUID runId,
        UUID sessionId,
        @NotNull String formId,
        UUID spoolId,
        @NotNull double wireMm,
        @NotNull Kind measured,
        @NotNull double value,
        Double predicted,
        Double tailMm,
        @NotNull Instant takenAt,
        @NotNull String note) {
    /** What was measured. */
    public enum Kind {
        CUT_LENGTH("mm", 2000),
        LOOP_INSIDE("mm", 200),
        WRAPS("wraps", 100),
        OFFCUT("mm", 2000),
        FINISHED("mm", 2000),
        SHORT("mm", 2000),
        FLAT_WIDE("mm", 200),
        MINUTES("min", 10_000);

        private final String unit;
        private final double most;

        Kind(String unit, double most) {
            this.unit = unit;
            this.most = most;
        }
    }

    /** A flat's width, as it teaches how hammering lengthens. */
    Lengthening.Reading asFlat() {
        return new Lengthening.Reading(wireMm, value, tailMm == null ? Double.NaN : tailMm);
    }

    /** @throws toroid.core.numeric.Refusal when it cannot be right */
    void check() {
        Forms.byId(formId);
        Wire.checkDiameter(wireMm);
        Words.checkNote(note);
        Words.checkMoment("takenAt", takenAt);
        Checks.within("value", value, 0, measured.most, measured.unit, "Measure again.");
        if (predicted != null) {
            Checks.within("predicted", predicted, 0, 1e5, measured.unit, "Leave it out.");
        }
        if (tailMm != null) {
            Checks.within("tailMm", tailMm, 0, 1e4, "mm", "Leave it out.");
        }
        if (measured == Kind.FLAT_WIDE) {
            asFlat().percent();
        }
    }
}
