package toroid.core.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import toroid.core.form.Family;
import toroid.core.form.FormInfo;
import toroid.core.form.FormStep;
import toroid.core.form.HandTime;
import toroid.core.form.HandWork;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;
import toroid.core.stock.Draw;

/** The steps of a form in the order hands do them, with what they take from stock, what can be measured, and the usual cautions. */
public final class FormPlan {
    private FormPlan() {}

    /**
     * One wire of a copy, mm.
     *
     * @param metal it is of; null in plans from before wires could be of another than the form's
     * @param tailMm the form's own handling tail, whatever factor was used
     * @param lot it is cut from; null for wire not in stock
     */
    public record Cut(
            String name,
            String metal,
            double diameterMm,
            double lengthInPieceMm,
            double lengthToCutMm,
            double tailMm,
            String lot) {
        /** The same, cut from that lot. */
        public Cut from(String newLot) {
            return new Cut(name, metal, diameterMm, lengthInPieceMm, lengthToCutMm, tailMm, newLot);
        }
    }

    /**
     * What is taken for one copy besides wire.
     *
     * @param beads as they are threaded, or with the last step
     * @param solder in each heat, in turn
     */
    public record Besides(List<Draw> beads, List<List<Draw>> solder) {
        public static final Besides NOTHING = new Besides(List.of(), List.of());

        List<Draw> solder(int heat) {
            return heat < solder.size() ? solder.get(heat) : List.of();
        }
    }

    /**
     * How long it comes out, mm, where that is known only within a band.
     *
     * @param leastMm the least it can be, plain turns left out
     * @param plainMm the plain turns
     */
    public record Finished(double plannedMm, double leastMm, double plainMm) {}

    /** As a form's notes tell it; null where they do not. */
    public static Finished finished(List<Note> notes) {
        return notes.stream()
                .filter(note -> note.is(NoteCode.COIL_ON_COIL_LONGER))
                .findFirst()
                .map(note -> new Finished(
                        mm(note, "lengthMm"), mm(note, "leastMm") - mm(note, "plainMm"), mm(note, "plainMm")))
                .orElse(null);
    }

    private static double mm(Note note, String name) {
        return ((Number) note.values().get(name)).doubleValue();
    }

    /**
     * Each operation is called by its step's number in the form.
     *
     * @param work the steps of one copy, in order
     * @param done which of them are operations: {@link FormStep#needsHands}; in the oldest plans all were
     * @param finished null where the finished length follows from the bends
     * @param shelf what is taken for one copy besides wire
     * @param ahead copies made by themselves before all others
     */
    public static Plan of(
            List<FormingStep> work,
            Predicate<FormingStep> done,
            FormInfo info,
            List<Cut> cuts,
            Finished finished,
            Besides shelf,
            int copies,
            int perGroup,
            int ahead) {
        FormingStep threaded = threaded(work.stream().filter(done).toList());
        int heat = 0;
        var operations = new ArrayList<Operation>();
        for (int i = 0; i < work.size(); i++) {
            if (!done.test(work.get(i))) {
                continue;
            }
            FormStep step = work.get(i).step();
            Cut cut = cutOf(cuts, step.wire());
            List<Draw> draws = new ArrayList<>(draws(step, cut));
            if (work.get(i) == threaded) {
                draws.addAll(shelf.beads());
            }
            if (step.joints() > 0) {
                draws.addAll(shelf.solder(heat++));
            }
            operations.add(new Operation(
                    "step-" + (i + 1),
                    step.part(),
                    stageOf(step),
                    step.kind().name(),
                    1,
                    true,
                    operations.isEmpty()
                            ? Set.of()
                            : Set.of(operations.get(operations.size() - 1).id()),
                    draws,
                    measurable(step, info.id(), cuts, finished),
                    cautions(step, info.family()),
                    waits(step),
                    work.get(i)));
        }
        int last = operations.size() - 1;
        operations.set(last, operations.get(last).timed(whole(work, info)));
        return new Plan(operations, copies, perGroup, ahead);
    }

    static Wait waits(FormStep step) {
        return switch (step.kind()) {
            case GLUE -> Wait.GLUE;
            case SOLDER -> Wait.PICKLE;
            default -> null;
        };
    }

    /** A copy from its first step to its last. */
    private static HandWork whole(List<FormingStep> work, FormInfo info) {
        return HandWork.seconds(
                HandWork.form(info.id()),
                HandTime.seconds(work.stream().map(FormingStep::step).toList()));
    }

    /** The first step at which beads go on; the last where none says so. */
    static FormingStep threaded(List<FormingStep> done) {
        return done.get(FormStep.threaded(done.stream().map(FormingStep::step).toList()));
    }

    private static List<Draw> draws(FormStep step, Cut cut) {
        return step.kind() == FormStep.Kind.CUT && cut != null && cut.lot() != null
                ? List.of(new Draw(cut.lot(), cut.lengthToCutMm()))
                : List.of();
    }

    static Cut cutOf(List<Cut> cuts, String wire) {
        return cuts.stream().filter(cut -> cut.name().equals(wire)).findFirst().orElse(null);
    }

    /** What a step's measurements belong to. */
    private record Measuring(String formId, Cut cut, Finished finished) {
        Measurable of(String quantity, String unit, Double planned, Map<String, Object> more) {
            var context = new HashMap<String, Object>(more);
            context.put("formId", formId);
            if (cut != null) {
                context.put("wireMm", cut.diameterMm());
            }
            return new Measurable(quantity, unit, planned, null, null, context);
        }

        Map<String, Object> tails() {
            return Map.of("inPieceMm", cut.lengthInPieceMm(), "tailMm", cut.tailMm());
        }
    }

    /**
     * What can be measured at a step.
     *
     * @param cuts the form's wires; of a step that concerns none of them the first one's teaches
     * @param finished null where the finished length follows from the bends
     */
    static List<Measurable> measurable(FormStep step, String formId, List<Cut> cuts, Finished finished) {
        Cut cut = cutOf(cuts, step.wire());
        return measurable(step, new Measuring(formId, cut != null || cuts.isEmpty() ? cut : cuts.get(0), finished));
    }

    private static List<Measurable> measurable(FormStep step, Measuring at) {
        return switch (step.kind()) {
            case CUT ->
                at.cut() == null
                        ? List.of()
                        : List.of(at.of("CUT_LENGTH", "mm", at.cut().lengthToCutMm(), at.tails()));
            case LOOP, FORM ->
                step.insideMm() == null ? List.of() : List.of(at.of("LOOP_INSIDE", "mm", step.insideMm(), Map.of()));
            case WRAP -> List.of(at.of("WRAPS", "wraps", step.turns(), Map.of()));
            case HAMMER ->
                step.flat() == null
                        ? List.of()
                        : List.of(at.of(
                                "FLAT_WIDE",
                                "mm",
                                step.flat().wideMm(),
                                Map.of("thickMm", step.flat().thickMm())));
            case TRIM -> trimmed(step, at);
            default -> List.of();
        };
    }

    private static List<Measurable> trimmed(FormStep step, Measuring at) {
        var measurable = new ArrayList<Measurable>();
        Finished finished = at.finished();
        if (finished != null && step.wire().equals("core")) {
            measurable.add(at.of(
                    "FINISHED",
                    "mm",
                    finished.plannedMm(),
                    Map.of("leastMm", finished.leastMm(), "plainMm", finished.plainMm())));
        }
        if (at.cut() != null) {
            double over = at.cut().lengthToCutMm() - at.cut().lengthInPieceMm();
            measurable.add(at.of("OFFCUT", "mm", over, at.tails()));
            measurable.add(at.of("SHORT", "mm", over, at.tails()));
        }
        return measurable;
    }

    /** The usual cautions with a step. */
    static List<Caution> cautions(FormStep step, Family family) {
        return switch (step.kind()) {
            case CUT, TRIM, HARDEN -> List.of(Caution.GLASSES_ENDS_FLY);
            case BALL, SOLDER, ANNEAL -> List.of(Caution.TORCH);
            case DRILL -> List.of(Caution.DRILLING);
            case HAMMER -> List.of(Caution.HAMMERING);
            case GLUE -> List.of(Caution.GLUE);
            case CRIMP -> List.of(Caution.FINGERS_IN_WHEELS);
            case FILE -> family == Family.EAR_FINDINGS ? List.of(Caution.WORN_IN_AN_EAR) : List.of();
            default -> List.of();
        };
    }

    /** The label on the thread. */
    static Stage stageOf(FormStep step) {
        if (step.readies()) {
            return Stage.WIRE;
        }
        return switch (step.kind()) {
            case CUT, MARK -> Stage.CUT;
            case SOLDER, THREAD, GLUE -> Stage.JOIN;
            case TRIM, FILE, HAMMER, DRILL -> Stage.FINISH;
            default -> Stage.FORM;
        };
    }
}
