package toroid.server.cutting;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.cutting.CuttingPlan;
import toroid.core.cutting.CuttingTask;
import toroid.core.cutting.ToBuy;

/**
 * A cutting plan.
 *
 * @param assignments each strip cut from, in the order they are cut
 * @param consumedMm of each, its length less what is left of it where that is useful
 * @param wasteMm of that, what goes into no piece
 * @param lowerBoundMm no plan that cuts as much uses up less
 * @param provenOptimal whether none uses up less than this one
 * @param uncut what there is no wire for
 */
record CuttingAnswer(
        @NotNull List<Assignment> assignments,
        @NotNull double consumedMm,
        @NotNull double wasteMm,
        @NotNull double lowerBoundMm,
        @NotNull boolean provenOptimal,
        @NotNull List<Count> uncut,
        @NotNull List<Buy> toBuy) {
    record Count(@NotNull String pieceId, @NotNull int count) {}

    /** @param cuts lengths carried off together, in that order */
    record Feed(@NotNull double lengthMm, @NotNull List<Count> cuts) {}

    /**
     * @param cuts in the order they are cut, the longest first
     * @param usedMm its length less what is left of it
     */
    record Assignment(
            @NotNull String stockId,
            @NotNull List<Count> cuts,
            @NotNull List<Feed> feeds,
            @NotNull double usedMm,
            @NotNull double leftMm) {}

    /** @param frees what can be cut from it */
    record Buy(@NotNull double lengthMm, @NotNull List<Count> frees) {}

    static CuttingAnswer of(CuttingTask task, CuttingPlan plan, double soldMm) {
        return new CuttingAnswer(
                plan.strips().stream()
                        .map(one -> new Assignment(
                                one.id(),
                                counts(one.cuts()),
                                one.feeds().stream()
                                        .map(feed -> new Feed(feed.lengthMm(), counts(feed.cuts())))
                                        .toList(),
                                one.usedMm(),
                                one.leftMm()))
                        .toList(),
                plan.consumedMm(),
                plan.wasteMm(),
                plan.lowerBoundMm(),
                plan.provenOptimal(),
                counts(plan.uncut()),
                ToBuy.of(task, plan, soldMm).stream()
                        .map(one -> new Buy(one.lengthMm(), counts(one.frees())))
                        .toList());
    }

    private static List<Count> counts(List<CuttingPlan.Count> counts) {
        return counts.stream().map(one -> new Count(one.id(), one.count())).toList();
    }
}
