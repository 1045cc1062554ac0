package toroid.core.cutting;

import java.util.List;

/**
 * Which length is cut from which strip.
 *
 * @param strips cut from, in the order they are cut: offcuts first, then others, the longest lengths of each first
 * @param uncut lengths there is no wire for
 * @param consumedMm of each strip cut from, its length less what is left of it where that is still useful, mm
 * @param wasteMm of that, what goes into no length: kerfs, and leftovers too short to keep, mm
 * @param lowerBoundMm no plan that cuts as much uses up less, mm
 * @param provenOptimal whether {@code consumedMm} is the least there is
 */
public record CuttingPlan(
        List<Cut> strips,
        List<Count> uncut,
        double consumedMm,
        double wasteMm,
        double lowerBoundMm,
        boolean provenOptimal) {
    /** So many of a length. */
    public record Count(String id, int count) {}

    /**
     * One strip and what is cut from it.
     *
     * @param id the strip's
     * @param cuts in the order they are cut
     * @param feeds how many of the cuts' lengths are carried off together, in that order; one feed where there is no cap
     * @param usedMm its length less what is left, mm
     * @param leftMm what is left of it in one length, its margin with it, mm
     */
    public record Cut(String id, List<Count> cuts, List<Feed> feeds, double usedMm, double leftMm) {}

    /** Lengths carried off the strip as one, no longer than the cap. */
    public record Feed(double lengthMm, List<Count> cuts) {}

    /** By how much more it uses up than any plan must, per cent: {@code 100 (consumed / bound − 1)}; 0 where nothing has to be used up. */
    public double aboveBoundPercent() {
        return lowerBoundMm > 0 ? Math.max(0, 100 * (consumedMm / lowerBoundMm - 1)) : 0;
    }

    public CuttingPlan {
        strips = List.copyOf(strips);
        uncut = List.copyOf(uncut);
    }
}
