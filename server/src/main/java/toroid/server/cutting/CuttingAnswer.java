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
 * @param aboveBoundPercent by how much at most it uses up more than any plan must
 * @param provenOptimal whether none uses up less than this one
 * @param uncut what there is no wire for
 */
record CuttingAnswer(
        @NotNull List<CutAssignment> assignments,
        @NotNull double consumedMm,
        @NotNull double wasteMm,
        @NotNull double lowerBoundMm,
        @NotNull double aboveBoundPercent,
        @NotNull boolean provenOptimal,
        @NotNull List<CutCount> uncut,
        @NotNull List<CutPurchase> toBuy) {
    record CutCount(@NotNull String pieceId, @NotNull int count) {}

    /** @param cuts lengths carried off together, in that order */
    record CutFeed(@NotNull double lengthMm, @NotNull List<CutCount> cuts) {}

    /**
     * @param cuts in the order they are cut, the longest first
     * @param usedMm its length less what is left of it
     */
    record CutAssignment(
            @NotNull String stockId,
            @NotNull List<CutCount> cuts,
            @NotNull List<CutFeed> feeds,
            @NotNull double usedMm,
            @NotNull double leftMm) {}

    /** @param frees what can be cut from it */
    record CutPurchase(@NotNull double lengthMm, @NotNull List<CutCount> frees) {}

    static CuttingAnswer of(CuttingTask task, CuttingPlan plan, double soldMm) {
        return new CuttingAnswer(
                plan.strips().stream()
                        .map(one -> new CutAssignment(
                                one.id(),
                                counts(one.cuts()),
                                one.feeds().stream()
                                        .map(feed -> new CutFeed(feed.lengthMm(), counts(feed.cuts())))
                                        .toList(),
                                one.usedMm(),
                                one.leftMm()))
                        .toList(),
                plan.consumedMm(),
                plan.wasteMm(),
                plan.lowerBoundMm(),
                plan.aboveBoundPercent(),
                plan.provenOptimal(),
                counts(plan.uncut()),
                ToBuy.of(task, plan, soldMm).stream()
                        .map(one -> new CutPurchase(one.lengthMm(), counts(one.frees())))
                        .toList());
    }

    private static List<CutCount> counts(List<CuttingPlan.Count> counts) {
        return counts.stream().map(one -> new CutCount(one.id(), one.count())).toList();
    }
}
