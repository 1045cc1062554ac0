package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.List;
import toroid.core.weave.assembly.AssemblyStep;

/**
 * What is made in one go: an arm, the larger rings, the ties, the bail.
 *
 * @param role what its rings are for
 * @param part which arm, from 0; of others the first ring's part
 * @param closed rings that come closed
 * @param opened rings that come open
 * @param through rings its first open ring goes through, those it takes along counted; 0 where none comes open
 */
public record CompositionStage(Composition.Role role, int part, int closed, int opened, int through) {
    /** Steps in turn, those of one arm or one role together. */
    static List<CompositionStage> of(Composition composition, List<AssemblyStep> steps) {
        var stages = new ArrayList<CompositionStage>();
        for (AssemblyStep step : steps) {
            CompositionStage one = of(composition, step);
            CompositionStage last = stages.isEmpty() ? null : stages.get(stages.size() - 1);
            if (last != null && last.goesOnWith(one)) {
                stages.set(stages.size() - 1, last.with(one));
            } else {
                stages.add(one);
            }
        }
        return stages;
    }

    private static CompositionStage of(Composition composition, AssemblyStep step) {
        return new CompositionStage(
                composition.roleOf(step.ring()),
                composition.partOf(step.ring()),
                step.pickUp().size() + (step.closed() ? 1 : 0),
                step.closed() ? 0 : 1,
                step.closed() ? 0 : step.through().size() + step.pickUp().size());
    }

    private boolean goesOnWith(CompositionStage next) {
        return role == next.role && (role != Composition.Role.ARM || part == next.part);
    }

    private CompositionStage with(CompositionStage next) {
        return new CompositionStage(
                role, part, closed + next.closed, opened + next.opened, opened == 0 ? next.through : through);
    }
}
