package toroid.server.work;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import toroid.core.work.Operation;
import toroid.core.work.Plan;
import toroid.core.work.Progress;
import toroid.core.work.Rhythm;
import toroid.core.work.Skipped.Reason;
import toroid.core.work.Spoilt.Why;
import toroid.core.work.Stage;
import toroid.core.work.Stages;
import toroid.server.store.RefusalView;

/**
 * All a list shows of a job or a run; kept beside it, so that no list plans anything.
 *
 * @param sketch of the kind's own
 * @param thread how far each stage is; null when it cannot be made
 * @param next what is to be done; null when not begun, or done
 * @param index its place among one copy's operations, from 0
 * @param steps operations of one copy
 * @param count how often the next one is done over the copies in hand
 * @param times how often it is to be
 * @param counted of what is counted one by one: rings cut, rings put in
 * @param toCount how many those are to be
 * @param share of all that is done, 0 to 1
 * @param toDraw what is still to be taken, by lot, each in its unit
 * @param draws what all of it takes, by lot, each in its unit
 * @param failed how often something came to nothing, and why, in turn
 * @param passed what was passed by, and why, in turn
 * @param refusal why it cannot be made, or be read; null when it can
 */
public record Glance(
        Object sketch,
        Map<Stage, Stages.State> thread,
        Operation next,
        @NotNull int index,
        @NotNull int steps,
        @NotNull int copiesDone,
        @NotNull int copies,
        @NotNull int count,
        @NotNull int times,
        @NotNull int counted,
        @NotNull int toCount,
        @NotNull double share,
        @NotNull Map<String, Double> toDraw,
        @NotNull Map<String, Double> draws,
        @NotNull List<Failed> failed,
        @NotNull List<Passed> passed,
        RefusalView refusal) {
    public Glance {
        failed = failed == null ? List.of() : failed;
        passed = passed == null ? List.of() : passed;
    }

    /** @param part of what was made, in the trade's words; empty for all of it */
    public record Failed(
            @NotNull String part,
            @NotNull int times,
            @NotNull Why why,
            @NotNull String said) {
        static List<Failed> of(Plan plan, Progress progress) {
            return progress.spoilt().stream()
                    .map(one -> new Failed(plan.operation(one.operation()).part(), one.times(), one.why(), one.said()))
                    .toList();
        }
    }

    /** @param part of what was made, in the trade's words; empty for all of it */
    public record Passed(
            @NotNull String part,
            @NotNull String verb,
            @NotNull int times,
            @NotNull Reason why,
            @NotNull String said) {
        static List<Passed> of(Plan plan, Progress progress) {
            return progress.skipped().stream()
                    .map(one -> new Passed(
                            plan.operation(one.operation()).part(),
                            plan.operation(one.operation()).verb(),
                            one.times(),
                            one.why(),
                            one.said()))
                    .toList();
        }
    }

    static Glance refused(Object sketch, RefusalView reason) {
        return new Glance(
                sketch, null, null, 0, 0, 0, 0, 0, 0, 0, 0, 0, Map.of(), Map.of(), List.of(), List.of(), reason);
    }

    /** @param progress null while it is only planned */
    static Glance of(Object sketch, Plan plan, Progress progress, boolean wireChosen) {
        Progress so = progress == null ? Progress.none() : progress;
        Rhythm rhythm = so.rhythm(plan);
        int place = so.place(plan);
        boolean open = progress != null && place < rhythm.places();
        Operation next = open ? plan.operations().get(rhythm.stepAt(place)) : null;
        Map<String, Double> draws = plan.draws();
        int before = open ? rhythm.copiesThrough(rhythm.groupAt(place)) : 0;
        return new Glance(
                sketch,
                Stages.of(plan, progress, wireChosen),
                next,
                rhythm.stepAt(place),
                plan.operations().size(),
                so.copiesDone(plan),
                so.copies(plan),
                open ? Math.max(0, so.countOf(next.id()) - before * next.times()) : 0,
                open ? rhythm.copiesAt(place) * next.times() : 0,
                so.counted(plan),
                so.toCount(plan),
                so.share(plan),
                so.toDraw(plan),
                draws,
                Failed.of(plan, so),
                Passed.of(plan, so),
                null);
    }
}
