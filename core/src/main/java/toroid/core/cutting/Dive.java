package toroid.core.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.random.RandomGenerator;

/**
 * A whole plan out of the programme's parts of columns: those that stand for whole strips are settled, then a large part, and the programme
 * solved for the rest, until nothing is to cut. Where that leads to a rest that cannot be cut, or to no better plan than is known, the last
 * choices are taken back and others tried.
 */
final class Dive {
    private static final int TAKEN_BACK = 60;
    private static final long MOST_KEPT_BYTES = 64_000_000;
    private static final int MANY_STRIPS = 50;
    private static final int FEW = 10;
    private static final int EXACT_TRIES = 300;
    private static final double WHOLE = 1e-6;
    private static final int ROUNDS = 3;
    private static final int MOST_ROUNDS = 100;

    private final Kinds kinds;
    private final Programme programme;
    private final RandomGenerator dice;
    private final double chance;
    private final BooleanSupplier stop;
    private final double limitMm;
    /** How many choices can be taken back: each keeps a programme. */
    private final int takenBack;

    private boolean cuttable;
    private int tries;

    /** How far down: what is settled, the programme for the rest, and what could be settled next. */
    private final class Level {
        final Master master;
        final int[] rest;
        final int[] there;
        final List<Filled> filled;
        final Set<Column> banned;
        Column chosen;

        Level(Master master, int[] rest, int[] there, List<Filled> filled, Set<Column> banned) {
            this.master = master;
            this.rest = rest;
            this.there = there;
            this.filled = filled;
            this.banned = banned;
        }

        boolean isDone() {
            return Arrays.stream(rest).noneMatch(count -> count > 0);
        }

        Level below() {
            return new Level(
                    master.copy(), rest.clone(), there.clone(), new ArrayList<>(filled), new HashSet<>(banned));
        }

        void take(Column column, int times) {
            master.settle(column, times);
            for (int i = 0; i < column.kinds().length; i++) {
                rest[column.kinds()[i]] -= times * column.counts()[i];
            }
            there[column.strip()] -= times;
            for (int i = 0; i < times; i++) {
                filled.add(new Filled(kinds, column.strip(), column.all(kinds.lengths())));
            }
        }

        boolean fits(Column column, int times) {
            if (there[column.strip()] < times) {
                return false;
            }
            for (int i = 0; i < column.kinds().length; i++) {
                if (rest[column.kinds()[i]] < times * column.counts()[i]) {
                    return false;
                }
            }
            return true;
        }

        /** Settles every column that is in the answer once or more. @return whether there was one */
        boolean wholes() {
            boolean any = false;
            for (Master.Use use : master.used()) {
                int times = (int) Math.floor(use.amount() + WHOLE);
                if (times > 0 && fits(use.column(), times)) {
                    take(use.column(), times);
                    any = true;
                }
            }
            return any;
        }

        /** The largest part in the answer, or nearly. @return whether there is one */
        boolean choose() {
            double most = -1;
            chosen = null;
            for (Master.Use use : master.used()) {
                double by = use.amount() + chance * dice.nextDouble();
                if (by > most && fits(use.column(), 1)) {
                    most = by;
                    chosen = use.column();
                }
            }
            return chosen != null;
        }

        void solve() {
            master.allowWithin(rest, there, banned);
            master.optimise(stop);
            if (!programme.fullWays.isEmpty()) {
                return;
            }
            for (int round = 0; round < (master.leavesUncut() ? MOST_ROUNDS : ROUNDS); round++) {
                if (stop.getAsBoolean() || !programme.more(master, rest, there, stop)) {
                    return;
                }
            }
        }

        double totalMm() {
            double total = master.value();
            for (Filled one : filled) {
                total += kinds.consumed(one.strip, one.taken) / Kinds.NM_IN_MM;
            }
            return total;
        }
    }

    /**
     * @param chance how much the choice is left to chance; 0 for the first dive
     * @param known the best plan's score
     * @param tries how many choices are tried
     */
    Dive(
            Kinds kinds,
            Programme programme,
            RandomGenerator dice,
            double chance,
            Score known,
            int tries,
            BooleanSupplier stop) {
        this.kinds = kinds;
        this.programme = programme;
        this.dice = dice;
        this.chance = chance;
        this.stop = stop;
        this.tries = tries;
        takenBack = (int) Math.max(1, Math.min(TAKEN_BACK, MOST_KEPT_BYTES / programme.master.bytes()));
        limitMm = known.uncut() > 0 ? Double.POSITIVE_INFINITY : known.consumed() / Kinds.NM_IN_MM - WHOLE;
    }

    /** The plan it came to; the rest of it, where it came to no end, strip after strip. */
    List<Filled> down() {
        cuttable = !programme.master.leavesUncut();
        var levels = new ArrayDeque<Level>();
        Level deepest = new Level(
                programme.master.copy(), kinds.wanted.clone(), kinds.there.clone(), new ArrayList<>(), new HashSet<>());
        settle(deepest);
        levels.push(deepest);
        while (!levels.isEmpty() && !levels.peek().isDone() && tries-- > 0 && !stop.getAsBoolean()) {
            Level level = levels.peek();
            if (!next(level)) {
                levels.pop();
                continue;
            }
            Level below = level.below();
            below.take(level.chosen, 1);
            below.solve();
            if (dead(below)) {
                continue;
            }
            settle(below);
            if (exactly(below)) {
                return below.filled;
            }
            levels.push(below);
            if (levels.size() > takenBack) {
                levels.removeLast();
            }
            if (below.filled.size() > deepest.filled.size()) {
                deepest = below;
            }
        }
        return finished(deepest);
    }

    /** Chooses what to settle next; where that was chosen before and came to nothing, without it. @return whether there is any */
    private boolean next(Level level) {
        if (level.chosen != null) {
            level.banned.add(level.chosen);
            level.solve();
            if (dead(level)) {
                return false;
            }
        }
        return level.choose();
    }

    private boolean dead(Level level) {
        return cuttable && level.master.leavesUncut() || level.totalMm() >= limitMm;
    }

    /** While there are many strips, what is in the answer whole is settled for good. */
    private void settle(Level level) {
        while (Arrays.stream(level.there).sum() > MANY_STRIPS
                && !level.isDone()
                && level.wholes()
                && !stop.getAsBoolean()) {
            level.solve();
        }
    }

    /** Of few strips that must be filled to their ends, every way is tried. */
    private boolean exactly(Level level) {
        int strips = Arrays.stream(level.there).sum();
        if (strips > FEW || programme.fullWays.isEmpty()) {
            return false;
        }
        List<Filled> found = Exactly.fill(kinds, programme.fullWays, level.rest, level.there, dice, EXACT_TRIES, stop);
        level.filled.addAll(found);
        return !found.isEmpty();
    }

    private List<Filled> finished(Level level) {
        List<Filled> best = null;
        Score score = null;
        for (Greedy.Way way : Greedy.ways()) {
            var all = new ArrayList<>(level.filled);
            all.addAll(Greedy.fill(kinds, way, level.rest, level.there));
            Score now = Score.of(kinds, all);
            if (score == null || now.compareTo(score) < 0) {
                best = all;
                score = now;
            }
        }
        return best;
    }
}
