package toroid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/** A few strips of a plan emptied and filled another way, with what was left uncut; kept where the plan is no worse (ruin and recreate). */
final class Regroup {
    private static final int MOST_STRIPS = 5;

    private final Kinds kinds;
    private final RandomGenerator dice;
    private List<Filled> plan;
    private Score score;

    Regroup(Kinds kinds, List<Filled> plan, RandomGenerator dice) {
        this.kinds = kinds;
        this.plan = plan;
        this.dice = dice;
        score = Score.of(kinds, plan);
    }

    List<Filled> plan() {
        return plan;
    }

    Score score() {
        return score;
    }

    /** @return whether the plan is better than before */
    boolean once() {
        int many = Math.min(plan.size(), 1 + dice.nextInt(MOST_STRIPS));
        var kept = new ArrayList<>(plan);
        int[] rest = Score.rest(kinds, plan);
        int[] there = new int[kinds.strips()];
        if (dice.nextBoolean()) {
            System.arraycopy(kinds.there, 0, there, 0, there.length);
            plan.forEach(one -> there[one.strip]--);
        }
        for (int i = 0; i < many; i++) {
            Filled out = kept.remove(chosen(kept));
            there[out.strip]++;
            for (int k = 0; k < rest.length; k++) {
                rest[k] += out.counts[k];
            }
        }
        kept.addAll(Greedy.fill(kinds, Greedy.Way.random(dice), rest, there));
        Score now = Score.of(kinds, kept);
        int by = now.compareTo(score);
        if (by <= 0) {
            plan = kept;
            score = now;
        }
        return by < 0;
    }

    /** Of two by chance the one that wastes more. */
    private int chosen(List<Filled> from) {
        int one = dice.nextInt(from.size());
        int other = dice.nextInt(from.size());
        return wasted(from.get(one)) >= wasted(from.get(other)) ? one : other;
    }

    private long wasted(Filled one) {
        return kinds.consumed(one.strip, one.taken) - one.taken;
    }
}
