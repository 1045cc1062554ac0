package toroid.core.work;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * How far a plan is done, by the ids of its operations, and where it went otherwise. What came to nothing is not done: whoever makes it
 * again goes back for it.
 *
 * @param done over how many copies an operation is done; what is not named is not begun
 * @param counts how often a counted operation was done, over all copies
 * @param more copies made beyond those planned; less than 0 where some are given up
 * @param spoilt what came to nothing, in turn
 * @param skipped what was passed by, in turn
 */
public record Progress(
        Map<String, Integer> done, Map<String, Integer> counts, int more, List<Spoilt> spoilt, List<Skipped> skipped) {
    private static final int MOST = 1_000_000;
    private static final int MOST_COPIES = 100_000;
    private static final int MOST_ENTRIES = 1000;

    public Progress {
        done = Map.copyOf(done);
        counts = Map.copyOf(counts);
        spoilt = spoilt == null ? List.of() : List.copyOf(spoilt);
        skipped = skipped == null ? List.of() : List.copyOf(skipped);
    }

    /** All as it was planned. */
    public Progress(Map<String, Integer> done, Map<String, Integer> counts) {
        this(done, counts, 0, List.of(), List.of());
    }

    public static Progress none() {
        return new Progress(Map.of(), Map.of());
    }

    /** All of it done. */
    public static Progress whole(Plan plan) {
        var done = new HashMap<String, Integer>();
        plan.operations().forEach(operation -> done.put(operation.id(), plan.copies()));
        return new Progress(done, Map.of());
    }

    /** Everything before a place of the plan's rhythm done. */
    public static Progress before(Plan plan, int place) {
        Rhythm rhythm = plan.rhythm();
        var done = new HashMap<String, Integer>();
        for (int i = 0; i < plan.operations().size(); i++) {
            int groups = rhythm.groupAt(place) + (i < rhythm.stepAt(place) ? 1 : 0);
            done.put(plan.operations().get(i).id(), rhythm.copiesThrough(groups));
        }
        return new Progress(done, Map.of());
    }

    public Progress counting(Map<String, Integer> newCounts) {
        return new Progress(done, newCounts, more, spoilt, skipped);
    }

    /** How many copies are made: those planned and those beyond. */
    public int copies(Plan plan) {
        return plan.copies() + more;
    }

    /** The plan's rhythm over the copies that are made: what is beyond those planned comes after them. */
    public Rhythm rhythm(Plan plan) {
        int copies = copies(plan);
        return new Rhythm(
                copies,
                Math.min(plan.perGroup(), copies),
                plan.operations().size(),
                Math.min(plan.ahead(), copies - 1));
    }

    /** @throws Refusal when it speaks of something the plan does not have, or of more than it makes */
    public void check(Plan plan) {
        Checks.within("more", more, 1 - plan.copies(), MOST_COPIES - plan.copies(), Unit.COPIES, Remedy.RELOAD_THE_RUN);
        int copies = copies(plan);
        done.forEach((id, over) -> {
            plan.operation(id);
            Checks.within("done", over, 0, copies, Unit.COPIES, Remedy.RELOAD_THE_RUN);
        });
        plan.operations().forEach(this::checkOrder);
        counts.forEach((id, times) -> {
            plan.operation(id);
            Checks.within("counts", times, 0, MOST, Unit.TIMES, Remedy.RELOAD_THE_RUN);
        });
        Checks.within("spoilt", spoilt.size(), 0, MOST_ENTRIES, Unit.TIMES, Remedy.SPLIT_THE_JOB);
        Checks.within("skipped", skipped.size(), 0, MOST_ENTRIES, Unit.TIMES, Remedy.SPLIT_THE_JOB);
        spoilt.forEach(one -> one.check(plan, copies));
        Map<String, Integer> lost = lost(plan);
        skipped.forEach(one -> one.check(plan, this, lost.getOrDefault(one.operation(), 0)));
    }

    /** Nothing is done over more copies than what it waits for. */
    private void checkOrder(Operation operation) {
        for (String earlier : operation.after()) {
            if (doneOf(operation.id()) > doneOf(earlier)) {
                throw Refusal.of(RefusalCode.OUT_OF_ORDER, "done", operation.id())
                        .with("after", earlier);
            }
        }
    }

    static Refusal unknown(String id) {
        return Refusal.of(RefusalCode.NO_SUCH_OPERATION, "operation", id);
    }

    public int doneOf(String id) {
        return done.getOrDefault(id, 0);
    }

    public int countOf(String id) {
        return counts.getOrDefault(id, 0);
    }

    /** The first place of the rhythm that is not done; the number of places when all are. */
    public int place(Plan plan) {
        Rhythm rhythm = rhythm(plan);
        List<Operation> operations = plan.operations();
        for (int group = 0; group < rhythm.groups(); group++) {
            int through = rhythm.copiesThrough(group + 1);
            for (int i = 0; i < operations.size(); i++) {
                if (doneOf(operations.get(i).id()) < through) {
                    return group * operations.size() + i;
                }
            }
        }
        return rhythm.places();
    }

    public boolean isWhole(Plan plan) {
        return place(plan) == rhythm(plan).places();
    }

    /** Copies that are finished: the fewest over which any operation is done. */
    public int copiesDone(Plan plan) {
        return plan.operations().stream()
                .mapToInt(operation -> doneOf(operation.id()))
                .min()
                .orElse(0);
    }

    /** How often of an operation's own times it was passed by. */
    int skippedOf(String id) {
        return skipped.stream()
                .filter(one -> one.operation().equals(id))
                .mapToInt(Skipped::times)
                .sum();
    }

    /** How often of each operation's own times what came to nothing took from stock for it: at it, or at what followed from it. */
    private Map<String, Integer> lost(Plan plan) {
        var lost = new HashMap<String, Integer>();
        spoilt.forEach(
                one -> plan.chain(one.operation()).forEach(at -> lost.merge(at.id(), one.times(), Integer::sum)));
        return lost;
    }

    /** How often of its own times an operation is done; of what is made again what is there already stays done. */
    private int there(Plan plan, Operation operation, boolean again) {
        int times = operation.eachTimes();
        int counted = again ? countOf(operation.id()) : 0;
        return Math.max(times * doneOf(operation.id()), Math.min(times * copies(plan), counted));
    }

    /**
     * How often of its own times each operation took from stock, by its id: as often as it is done, and for what was lost, without what
     * was passed by.
     */
    public Map<String, Integer> taken(Plan plan) {
        Map<String, Integer> lost = lost(plan);
        var taken = new HashMap<String, Integer>();
        for (Operation operation : plan.operations()) {
            int gone = lost.getOrDefault(operation.id(), 0);
            taken.put(operation.id(), there(plan, operation, gone > 0) + gone - skippedOf(operation.id()));
        }
        return taken;
    }

    /** What was taken from stock so far, by lot, each in its unit. */
    public Map<String, Double> drawn(Plan plan) {
        Map<String, Integer> taken = taken(plan);
        Map<String, Double> drawn = Plan.nothing();
        plan.operations().forEach(operation -> Plan.draw(drawn, operation, taken.get(operation.id())));
        return drawn;
    }

    /** What is still to be taken from stock, by lot, each in its unit; nothing is told of a lot nothing more is taken of. */
    public Map<String, Double> toDraw(Plan plan) {
        Map<String, Integer> lost = lost(plan);
        Map<String, Double> rest = Plan.nothing();
        for (Operation operation : plan.operations()) {
            int all = operation.eachTimes() * copies(plan);
            Plan.draw(rest, operation, all - there(plan, operation, lost.containsKey(operation.id())));
        }
        rest.values().removeIf(amount -> amount <= 0);
        return rest;
    }

    /** How many of what is counted one by one are there: rings cut, rings put in. What was passed uncounted counts as whole. */
    public int counted(Plan plan) {
        int all = 0;
        for (Operation operation : plan.operations()) {
            if (operation.counted() && operation.times() > 1) {
                int count = countOf(operation.id());
                int passed = operation.times() * doneOf(operation.id());
                all += count == 0 ? passed : count;
            }
        }
        return all;
    }

    /** How many are to be counted one by one, over all copies that are made. */
    public int toCount(Plan plan) {
        return plan.countedEach() * copies(plan);
    }

    /** How much of it is done, 0 to 1: every operation weighs as much as it is done often. */
    public double share(Plan plan) {
        double all = 0;
        double so = 0;
        for (Operation operation : plan.operations()) {
            double times = operation.counted() ? Math.max(1, operation.times()) : 1;
            double whole = times * copies(plan);
            double counted = operation.counted() ? countOf(operation.id()) : 0;
            all += whole;
            so += Math.min(whole, Math.max(times * doneOf(operation.id()), counted));
        }
        return so / all;
    }
}
