package toroid.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/**
 * Looks for the plan that uses up least, better and better until it is told to stop or none can be better: strip after strip first, then a
 * linear programme over ways to fill a strip, made as they are needed, which also says how good a plan can be (Gilmore and Gomory 1961);
 * its parts rounded into whole strips; and strips regrouped between. The same task gives the same plan for as many steps. For one thread.
 *
 * <p>Why our own and no general solver: in one run OR-Tools' CP-SAT with ten times the time is never better, and finds no plan at all for
 * hundreds of lengths ({@code docs/performance.md}); and it would put a native library into a core that is plain Java.
 */
public final class CuttingSearch {
    private static final long SEED = 20_26;
    private static final int POLISHED = 400;
    private static final int REGROUPED = 300;
    private static final int HARDLY_REGROUPED = 20;
    private static final int TRIES = 1_500;
    private static final int MOST_ROWS = 1_200;
    private static final int TRIED_EXACTLY = 5_000;
    private static final double CHANCE = 0.15;
    private static final double MOST_CHANCE = 0.45;

    private final CuttingTask task;
    private final Kinds kinds;
    private final RandomGenerator dice =
            RandomGeneratorFactory.of("L64X128MixRandom").create(SEED);
    private List<Filled> best = List.of();
    private Score score;
    /** None where the task is too large for it: it is regrouped alone, and its bound is that of its lengths. */
    private Programme programme;

    private long bound;
    private int dives;
    private boolean begun;

    public CuttingSearch(CuttingTask task) {
        this.task = task;
        kinds = new Kinds(task);
        score = Score.of(kinds, best);
        bound = kinds.leastByLength();
    }

    /** Whether no plan is better in what it cuts and what it uses up. */
    public boolean isProven() {
        return score.uncut() == 0 && score.consumed() <= bound + rounding();
    }

    /** What sizes rounded to whole nanometres can make of a sum. */
    private long rounding() {
        return Arrays.stream(kinds.wanted).sum() + best.size();
    }

    /** The best plan so far. */
    public CuttingPlan plan() {
        long proven = isProven() ? Math.max(bound, score.consumed()) : bound;
        return Told.plan(task, kinds, best, score.uncut() == 0 ? proven : -1);
    }

    /**
     * Goes on looking; can be asked again, and goes on from where it was.
     *
     * @param stop asked often; a first plan is there even when it says so at once
     */
    public void improve(BooleanSupplier stop) {
        if (!begun) {
            begin(stop);
            begun = true;
        }
        while (!isProven() && !stop.getAsBoolean()) {
            if (programme != null) {
                byProgramme(stop);
            }
            regroup(stop);
        }
        polish(stop);
    }

    private void byProgramme(BooleanSupplier stop) {
        if (programme.isSolved()) {
            double chance = dives == 0 ? 0 : Math.min(MOST_CHANCE, CHANCE * dives);
            offer(new Dive(kinds, programme, dice, chance, score, TRIES, stop).down());
            dives++;
        } else {
            programme.solve(stop);
            bound = Math.max(bound, programme.bound());
        }
    }

    private void begin(BooleanSupplier stop) {
        var plans = new ArrayList<List<Filled>>();
        plans.add(FirstFit.of(kinds));
        offer(plans.get(0));
        for (Greedy.Way way : Greedy.ways()) {
            List<Filled> plan = Greedy.fill(kinds, way, kinds.wanted, kinds.there);
            plans.add(plan);
            offer(plan);
            if (stop.getAsBoolean()) {
                break;
            }
        }
        if (isProven()) {
            return;
        }
        List<Column> fullWays = score.uncut() > 0 && Exactly.mustBe(kinds) ? FullWays.of(kinds, dice, stop) : List.of();
        offer(Exactly.fill(kinds, fullWays, kinds.wanted, kinds.there, dice, TRIED_EXACTLY, stop));
        if (kinds.lengths() + kinds.strips() <= MOST_ROWS) {
            programme = new Programme(kinds, fullWays.isEmpty() ? plans : List.of(), fullWays);
            bound = Math.max(bound, programme.bound());
        }
        regroup(stop);
    }

    private void regroup(BooleanSupplier stop) {
        int times = programme == null || programme.fullWays.isEmpty() ? REGROUPED : HARDLY_REGROUPED;
        var regroup = new Regroup(kinds, best, dice);
        for (int i = 0; i < times && !isProven() && !stop.getAsBoolean(); i++) {
            if (regroup.once()) {
                offer(regroup.plan());
            }
        }
    }

    /** What is proven in what it uses up may still open fewer strips. */
    private void polish(BooleanSupplier stop) {
        var regroup = new Regroup(kinds, best, dice);
        for (int i = 0; i < POLISHED && !stop.getAsBoolean() && !best.isEmpty(); i++) {
            regroup.once();
        }
        offer(regroup.plan());
    }

    private void offer(List<Filled> plan) {
        Score other = Score.of(kinds, plan);
        if (other.compareTo(score) < 0) {
            best = plan.stream().filter(one -> one.taken > 0).toList();
            score = other;
        }
    }
}
