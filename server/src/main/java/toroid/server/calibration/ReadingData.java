package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;
import toroid.core.calibration.Lengthening;
import toroid.core.calibration.SpringbackReading;
import toroid.core.form.Forms;
import toroid.core.form.HandWork;
import toroid.core.form.Paces;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.wire.Wire;
import toroid.server.ring.CutData;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;

/**
 * One thing measured. In a run it is told by reference: run, operation, quantity, value; what was planned, the wire and the tool stand in
 * the run's plan and are filled in from there, whatever was sent.
 *
 * @param runId the run it was taken in; null outside a run
 * @param operation of the run's plan, by its id
 * @param lotId the wire; null for wire not in stock, which is noted but teaches no lot
 * @param sessionId the practice session it belongs to; null outside one
 * @param value in the quantity's unit
 * @param planned what was expected then, same unit; null when nothing was
 * @param context what it teaches by
 * @param copy which of the run's copies was measured, from 0; null where that is not known
 * @param lost how often what is done at that operation had come to nothing by then; null where that is not known
 */
public record ReadingData(
        UUID runId,
        String operation,
        UUID lotId,
        UUID sessionId,
        @NotNull Quantity quantity,
        @NotNull double value,
        Double planned,
        ReadingContext context,
        @NotNull Instant takenAt,
        @NotNull String note,
        Integer copy,
        Integer lost) {

    /** Of no copy in particular. */
    public ReadingData(
            UUID runId,
            String operation,
            UUID lotId,
            UUID sessionId,
            Quantity quantity,
            double value,
            Double planned,
            ReadingContext context,
            Instant takenAt,
            String note) {
        this(runId, operation, lotId, sessionId, quantity, value, planned, context, takenAt, note, null, null);
    }

    /** The reading brought to the sprung coil. @throws Refusal when it cannot be right */
    SpringbackReading sprung() {
        CutData cut = CutData.stored(
                context.cut() == null ? "none" : context.cut(),
                context.lossMm() == null ? 0 : context.lossMm(),
                context.flipped() == null || context.flipped());
        return SpringbackReading.of(
                quantity.acrossRings(),
                value,
                context.wireMm(),
                context.rodMm(),
                cut.toCore(context.wireMm()),
                context.turns() == null ? 1 : context.turns());
    }

    /** A flat's width, as it teaches how hammering lengthens. */
    Lengthening.Reading flat() {
        return new Lengthening.Reading(
                context.wireMm(), value, context.thickMm() == null ? Double.NaN : context.thickMm());
    }

    /** What it teaches of the maker's pace; null where it teaches nothing. */
    Paces.Timing timing() {
        Double stated = context.statedMin() == null ? planned : context.statedMin();
        String work = context.work() == null ? HandWork.form(context.formId()) : context.work();
        return stated == null || !Paces.Timing.isOne(value, stated) ? null : new Paces.Timing(work, value, stated);
    }

    ReadingData with(UUID lot, Double expected, ReadingContext known) {
        return new ReadingData(
                runId, operation, lot, sessionId, quantity, value, expected, known, takenAt, note, copy, lost);
    }

    /** @throws Refusal when it cannot be right */
    void check() {
        Words.checkNote(note);
        Words.checkMoment("takenAt", takenAt);
        Checks.within("value", value, 0, quantity.most(), quantity.unit(), Remedy.MEASURE_AGAIN);
        if (planned != null) {
            Checks.within("planned", planned, 0, 1e5, quantity.unit(), Remedy.LEAVE_IT_OUT);
        }
        if (context.practised() != null) {
            Practising.check(this);
        }
        checkWhich("copy", copy);
        checkWhich("lost", lost);
        if (quantity.teachesNothing() || quantity == Quantity.MINUTES && context.work() != null) {
            return;
        }
        Wire.checkDiameter(said("context.wireMm", context.wireMm()));
        if (quantity.isOfRings()) {
            said("context.rodMm", context.rodMm());
            if (context.turns() != null) {
                Checks.within("context.turns", context.turns(), 1, 12, Unit.TURNS, Remedy.ONE_IS_A_PLAIN_RING);
            }
            sprung();
            return;
        }
        Forms.byId(said("context.formId", context.formId()));
        for (Double length : new Double[] {
            context.inPieceMm(), context.tailMm(), context.leastMm(), context.plainMm(), context.thickMm()
        }) {
            if (length != null) {
                Checks.within("context", length, 0, 1e5, Unit.MM, Remedy.LEAVE_IT_OUT);
            }
        }
        if (quantity == Quantity.FLAT_WIDE) {
            flat().percent();
        }
    }

    private static void checkWhich(String field, Integer number) {
        if (number != null) {
            Checks.within(field, number, 0, MOST_COPIES, Unit.COPIES, Remedy.LEAVE_IT_OUT);
        }
    }

    private static final int MOST_COPIES = 1_000_000;

    private static <T> T said(String field, T value) {
        if (value == null) {
            throw Refusal.of(ServerCode.MISSING, field, null);
        }
        return value;
    }
}
