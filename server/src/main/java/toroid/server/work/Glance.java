package toroid.server.work;

import jakarta.validation.constraints.NotNull;
import java.util.HashMap;
import java.util.Map;
import toroid.core.work.Operation;
import toroid.core.work.Plan;
import toroid.core.work.Progress;
import toroid.core.work.Rhythm;
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
        RefusalView refusal) {

    static Glance refused(Object sketch, RefusalView reason) {
        return new Glance(sketch, null, null, 0, 0, 0, 0, 0, 0, 0, 0, 0, Map.of(), Map.of(), reason);
    }

    /** @param progress null while it is only planned */
    static Glance of(Object sketch, Plan plan, Progress progress, boolean wireChosen) {
        Rhythm rhythm = plan.rhythm();
        Progress so = progress == null ? Progress.none() : progress;
        int place = so.place(plan);
        boolean open = progress != null && place < rhythm.places();
        Operation next = open ? plan.operations().get(rhythm.stepAt(place)) : null;
        Map<String, Double> draws = plan.draws();
        var toDraw = new HashMap<>(draws);
        so.drawn(plan).forEach((lot, some) -> toDraw.merge(lot, -some, Double::sum));
        int before = open ? rhythm.copiesThrough(rhythm.groupAt(place)) : 0;
        return new Glance(
                sketch,
                Stages.of(plan, progress, wireChosen),
                next,
                rhythm.stepAt(place),
                plan.operations().size(),
                so.copiesDone(plan),
                plan.copies(),
                open ? Math.max(0, so.countOf(next.id()) - before * next.times()) : 0,
                open ? rhythm.copiesAt(place) * next.times() : 0,
                so.counted(plan),
                plan.toCount(),
                so.share(plan),
                toDraw,
                draws,
                null);
    }
}
