package toroid.server.bench;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import toroid.core.bench.FormRhythm;
import toroid.core.form.FormStep;
import toroid.core.quantity.Note;
import toroid.server.form.FormAnswer;
import toroid.server.form.FormJobData;

/**
 * The plan as it stood when the run began; frozen, so that planned can be set against made.
 *
 * @param form the form's name
 * @param steps of one piece, in the order hands do them
 * @param wires what is cut for one piece
 * @param perGroup how many pieces each step is done over before the next
 * @param finished null where the finished length follows from the bends
 */
public record FormRunPlan(
        @NotNull FormJobData job,
        @NotNull String form,
        @NotNull String metal,
        @NotNull double wireDiameterMm,
        @NotNull List<FormAnswer.Step> steps,
        @NotNull List<Cut> wires,
        @NotNull int perGroup,
        Finished finished)
        implements RunKeeper.Plan {

    /**
     * How long it comes out, mm, where that is known only within a band.
     *
     * @param leastMm the least it can be, plain turns left out
     * @param plainMm the plain turns
     */
    public record Finished(
            @NotNull double plannedMm,
            @NotNull double leastMm,
            @NotNull double plainMm) {
        static Finished of(List<Note> notes) {
            return notes.stream()
                    .filter(note -> note.code().equals("coil-on-coil-longer"))
                    .findFirst()
                    .map(note -> new Finished(
                            mm(note, "lengthMm"), mm(note, "leastMm") - mm(note, "plainMm"), mm(note, "plainMm")))
                    .orElse(null);
        }

        private static double mm(Note note, String name) {
            return ((Number) note.values().get(name)).doubleValue();
        }
    }

    /**
     * One wire of a piece, mm.
     *
     * @param metal it is of; null in plans from before wires could be of another than the form's
     * @param tailMm the form's own handling tail, whatever factor was used
     */
    public record Cut(
            @NotNull String name,
            String metal,
            @NotNull double diameterMm,
            @NotNull double lengthInPieceMm,
            @NotNull double lengthToCutMm,
            @NotNull double tailMm) {}

    FormRhythm rhythm() {
        return new FormRhythm(job.pieces(), perGroup, steps.size());
    }

    @Override
    public int length() {
        return rhythm().places();
    }

    @Override
    public UUID spool() {
        return job.spoolId();
    }

    @Override
    public double wireUsedMm(int place) {
        FormRhythm rhythm = rhythm();
        double used = 0;
        for (int i = 0; i < Math.min(place, rhythm.places()); i++) {
            FormAnswer.Step step = steps.get(rhythm.stepAt(i));
            if (step.kind() == FormStep.Kind.CUT) {
                used += rhythm.timesAt(i) * cutMm(step.wire());
            }
        }
        return used;
    }

    private double cutMm(String wire) {
        return wires.stream()
                .filter(cut -> cut.name().equals(wire) && isOfSpool(cut))
                .mapToDouble(Cut::lengthToCutMm)
                .findFirst()
                .orElse(0);
    }

    /** Whether it is cut from the job's own spool: of that wire and of that metal. */
    private boolean isOfSpool(Cut cut) {
        return cut.diameterMm() == wireDiameterMm
                && (cut.metal() == null || cut.metal().equals(metal));
    }

    /** Wire of the job's own spool for all pieces, mm. */
    double wireMm() {
        return wireUsedMm(rhythm().places());
    }
}
