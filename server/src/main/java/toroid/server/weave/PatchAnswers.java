package toroid.server.weave;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.assembly.Attempt;
import toroid.core.weave.assembly.Lie;
import toroid.core.weave.fault.Diagnosis;
import toroid.core.weave.fault.Question;
import toroid.core.weave.patch.LinkedRings;

/** What is asked of a patch of a weave and what is answered. Lengths mm, masses g; rings are told by their place in the patch. */
public final class PatchAnswers {
    private PatchAnswers() {}

    /**
     * A patch ring by ring.
     *
     * @param rings three numbers for each: ring of the cell, cell along, cell across
     * @param colours place in the palette of each
     * @param links pairs of places, one after another
     * @param steps in the order of assembly
     * @param preClosed places of the rings closed beforehand
     */
    public record PatchView(
            @NotNull int[] rings,
            @NotNull int[] colours,
            @NotNull int[] links,
            @NotNull List<PatchStep> steps,
            @NotNull int[] preClosed) {
        /** Its order as told here, whatever the rules are now. */
        private Assembly assembly() {
            return new Assembly(
                    LinkedRings.of(colours.length, links),
                    steps.stream()
                            .map(step -> new AssemblyStep(
                                    step.ring(), step.closed(), step.through(), step.pickUp(), step.over()))
                            .toList());
        }

        /** Looks for the ring that went wrong in a patch that far. */
        public DiagnosisAnswer diagnosed(int stepsDone, List<SeenAnswer> answers) {
            return DiagnosisAnswer.of(Diagnosis.of(
                    assembly(),
                    stepsDone,
                    answers.stream().map(SeenAnswer::toCore).toList()));
        }
    }

    /**
     * One ring comes in.
     *
     * @param over captives slipped on before it is closed
     * @param unit which cell along or row, from 1
     * @param passages where and which way it goes through each ring, in turn from its opening
     * @param openingAngle where it is opened, radians anticlockwise from its right, seen from the front
     * @param leanDegrees 0 facing the maker, 90 on edge
     */
    public record PatchStep(
            @NotNull int ring,
            @NotNull boolean closed,
            @NotNull List<Integer> through,
            @NotNull List<Integer> pickUp,
            @NotNull List<Integer> over,
            @NotNull int unit,
            @NotNull List<PassageView> passages,
            @NotNull double openingAngle,
            @NotNull double leanDegrees) {
        static PatchStep of(AssemblyStep step, int unit, Lie.Seen seen) {
            return new PatchStep(
                    step.ring(),
                    step.closed(),
                    step.through(),
                    step.pickUp(),
                    step.over(),
                    unit,
                    seen.passages().stream()
                            .map(passage -> new PassageView(passage.ring(), passage.angle(), passage.towards()))
                            .toList(),
                    seen.openingAngle(),
                    seen.leanDegrees());
        }
    }

    /** Through which ring, where on the ring that comes in, and whether its wire comes towards the maker there, anticlockwise. */
    public record PassageView(
            @NotNull int ring,
            @NotNull double angle,
            @NotNull boolean towards) {}

    /** What a learner says the ring of that step passes through. */
    record AttemptQuestion(
            @NotNull @Valid PatchQuestion patch,
            @NotNull int step,
            @NotNull List<@NotNull Integer> named) {}

    /** What the learner said, against the model. */
    record AttemptAnswer(
            @NotNull boolean right,
            @NotNull List<Integer> found,
            @NotNull List<Integer> missing,
            @NotNull List<Integer> extra) {
        static AttemptAnswer of(Attempt attempt) {
            return new AttemptAnswer(attempt.right(), attempt.found(), attempt.missing(), attempt.extra());
        }
    }

    /** Something seen: a number, yes (1) or no (0), or the rings through one; null where it cannot be told. */
    public record SeenAnswer(
            @NotNull Question.Kind kind, @NotNull int ring, Integer seen, List<Integer> rings) {
        Question.Answer toCore() {
            return new Question.Answer(new Question(kind, ring), seen, rings);
        }
    }

    /** A patch that far, and what was seen. */
    record DiagnosisQuestion(
            @NotNull @Valid PatchQuestion patch,
            @NotNull int stepsDone,
            @NotNull List<@Valid SeenAnswer> answers) {}

    /** What to look at next. */
    public record AskView(
            @NotNull Question.Kind kind, @NotNull int ring) {}

    /** A mistake and how likely it is. */
    public record FaultView(
            @NotNull toroid.core.weave.fault.Fault.Kind kind,
            @NotNull int ring,
            @NotNull int other,
            @NotNull int step,
            @NotNull double probability) {}

    /**
     * What is known so far.
     *
     * @param ask what to look at next; null when nothing more can be told apart
     * @param faults likeliest first
     */
    public record DiagnosisAnswer(
            AskView ask,
            @NotNull List<FaultView> faults,
            @NotNull boolean sure) {
        static DiagnosisAnswer of(Diagnosis.Finding finding) {
            return new DiagnosisAnswer(
                    finding.ask() == null
                            ? null
                            : new AskView(finding.ask().kind(), finding.ask().ring()),
                    finding.faults().stream()
                            .map(one -> new FaultView(
                                    one.fault().kind(),
                                    one.fault().ring(),
                                    one.fault().other(),
                                    one.step(),
                                    one.probability()))
                            .toList(),
                    finding.sure());
        }
    }
}
