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
 * How far a plan is done, by the ids of its operations.
 *
 * @param done over how many copies an operation is done; what is not named is not begun
 * @param counts how often a counted operation was done, over all copies
 */
public record Progress(Map<String, Integer> done, Map<String, Integer> counts) {
    private static final int MOST = 1_000_000;

    public Progress {
        done = Map.copyOf(done);
        counts = Map.copyOf(counts);
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
        return new Progress(done, newCounts);
    }

    /** @throws Refusal when it speaks of something the plan does not have, or of more than it makes */
    public void check(Plan plan) {
        done.forEach((id, copies) -> {
            plan.operation(id);
            Checks.within("done", copies, 0, plan.copies(), Unit.COPIES, Remedy.RELOAD_THE_RUN);
        });
        plan.operations().forEach(this::checkOrder);
        counts.forEach((id, times) -> {
            plan.operation(id);
            Checks.within("counts", times, 0, MOST, Unit.TIMES, Remedy.RELOAD_THE_RUN);
        });
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
        Rhythm rhythm = plan.rhythm();
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
        return place(plan) == plan.rhythm().places();
    }

    /** Copies that are finished: the fewest over which any operation is done. */
    public int copiesDone(Plan plan) {
        return plan.operations().stream()
                .mapToInt(operation -> doneOf(operation.id()))
                .min()
                .orElse(0);
    }

    /** What was taken from stock so far, by lot, each in its unit. */
    public Map<String, Double> drawn(Plan plan) {
        Map<String, Double> drawn = Plan.nothing();
        plan.operations().forEach(operation -> Plan.draw(drawn, operation, doneOf(operation.id())));
        return drawn;
    }

    /** What is still to be taken from stock, by lot, each in its unit; nothing is told of a lot nothing more is taken of. */
    public Map<String, Double> toDraw(Plan plan) {
        Map<String, Double> rest = Plan.nothing();
        plan.operations().forEach(operation -> Plan.draw(rest, operation, plan.copies() - doneOf(operation.id())));
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

    /** How much of it is done, 0 to 1: every operation weighs as much as it is done often. */
    public double share(Plan plan) {
        double all = 0;
        double so = 0;
        for (Operation operation : plan.operations()) {
            double times = operation.counted() ? Math.max(1, operation.times()) : 1;
            double whole = times * plan.copies();
            double counted = operation.counted() ? countOf(operation.id()) : 0;
            all += whole;
            so += Math.min(whole, Math.max(times * doneOf(operation.id()), counted));
        }
        return so / all;
    }
}
