package toroid.core.cutting;

import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * The master programme of a whole task, with the columns it needs made as they are needed, and the bound it proves: by any worth of the
 * lengths, all of them are worth what they are, less the most that each strip could gain on its cost (Lagrange; Farley 1990). The bound
 * does not rest on the programme's rounding: only on the knapsacks' own bounds.
 */
final class Programme {
    private static final long LOOKS = 20_000;
    private static final int MOST_ROUNDS = 400;
    /** Floating point is trusted to this part of a bound, which is lowered by it. */
    private static final double TRUSTED = 1e-11;

    private final Kinds kinds;
    final Master master;
    private final int[] wanted;
    private final int[] there;
    private double boundMm;
    private boolean solved;

    /** Where every strip must be filled to its end, all ways to do so; else none. */
    final List<Column> fullWays;

    /** @param fullWays where every strip must be filled to its end, all ways to do so; else none */
    Programme(Kinds kinds, List<List<Filled>> plans, List<Column> fullWays) {
        this.kinds = kinds;
        wanted = kinds.wanted;
        there = kinds.there;
        this.fullWays = fullWays;
        master = new Master(kinds, penalty(kinds));
        fullWays.forEach(master::add);
        for (List<Filled> plan : plans) {
            for (Filled one : plan) {
                master.add(Column.of(kinds, one.strip, one.counts));
            }
        }
    }

    /** What a length costs that is not cut, mm: by its length, and more than any strip for it. */
    private static double[] penalty(Kinds kinds) {
        double longest = Arrays.stream(kinds.length).max().orElse(0) / Kinds.NM_IN_MM;
        double shortest = kinds.lengths() == 0 ? 1 : kinds.size[kinds.lengths() - 1] / Kinds.NM_IN_MM;
        double[] penalty = new double[kinds.lengths()];
        for (int k = 0; k < penalty.length; k++) {
            penalty[k] = kinds.size[k] / Kinds.NM_IN_MM * (1 + 2 * longest / Math.max(1e-3, shortest));
        }
        return penalty;
    }

    /** Whether no further column would lower the programme's answer. */
    boolean isSolved() {
        return solved;
    }

    /** What a plan that cuts everything uses up at least, nm, rounded up to what a sum of whole sizes can be. */
    long bound() {
        long bound = Math.max(kinds.leastByLength(), (long) Math.ceil(boundMm * (1 - TRUSTED) * Kinds.NM_IN_MM));
        long step = step();
        return step > 1 ? -Math.floorDiv(-bound, step) * step : bound;
    }

    /** What is used up is a sum of sizes and lengths, and so a multiple of what divides all of them, nm. */
    private long step() {
        long step = 0;
        if (leavesSomething()) {
            step = kinds.kerf;
            for (long size : kinds.size) {
                step = divisor(step, size);
            }
        }
        for (long length : kinds.length) {
            step = divisor(step, length);
        }
        return step;
    }

    /** Whether a strip can be cut from so that what is left of it is useful; else each is used up whole. */
    private boolean leavesSomething() {
        long shortest = kinds.lengths() == 0 ? 0 : kinds.size[kinds.lengths() - 1];
        return Arrays.stream(kinds.thrifty).anyMatch(room -> room >= shortest);
    }

    private static long divisor(long one, long other) {
        return other == 0 ? one : divisor(other, one % other);
    }

    void solve(BooleanSupplier stop) {
        master.optimise(stop);
        solved = !fullWays.isEmpty() && !master.leavesUncut() && !stop.getAsBoolean();
        for (int round = 0; round < MOST_ROUNDS && !solved && !stop.getAsBoolean(); round++) {
            solved = !more(master, wanted, there, stop);
        }
    }

    /** A round of columns for what is still to cut. @return whether there were any */
    boolean more(Master programme, int[] rest, int[] strips, BooleanSupplier stop) {
        double[] worth = new double[kinds.lengths()];
        for (int k = 0; k < worth.length; k++) {
            worth[k] = programme.lengthDual(k);
        }
        double[] stripDual = new double[kinds.strips()];
        for (int s = 0; s < stripDual.length; s++) {
            stripDual[s] = programme.stripDual(s);
        }
        Pricing.Round round = Pricing.round(kinds, worth, rest, strips, stripDual, LOOKS);
        if (rest == wanted) {
            double bound = 0;
            for (int k = 0; k < worth.length; k++) {
                bound += worth[k] * wanted[k];
            }
            for (int s = 0; s < stripDual.length; s++) {
                bound -= there[s] * round.gainMm()[s];
            }
            boundMm = Math.max(boundMm, bound);
        }
        boolean any = false;
        for (Column column : round.columns()) {
            any |= programme.add(column);
        }
        if (any) {
            programme.optimise(stop);
        }
        return any;
    }
}
