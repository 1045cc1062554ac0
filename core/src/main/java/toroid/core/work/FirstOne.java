package toroid.core.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * The first one of a batch as the master of the rest: what it really came out at is what they are made by; common practice of the trade.
 *
 * <p>A loop, a flat, a finished length: as the first one has it. A length to cut: what the first one really holds, which is what it was
 * cut to less what was left over (or with what it lacked), and the tail these hands need beyond it, so that nine in ten reach
 * ({@link toroid.core.calibration.HandlingTail}). Where nothing was left over to measure, the length it was cut to, as that sufficed.
 */
public final class FirstOne {
    private static final String CUT = "CUT_LENGTH";
    private static final String LEFT = "OFFCUT";
    private static final String LACKED = "SHORT";

    private FirstOne() {}

    /**
     * One thing measured, in the quantity's unit.
     *
     * @param copy of which copy, from 0; null where that was not noted
     * @param lost how often what is done there had come to nothing by then; null where that was not noted
     */
    public record Taken(String operation, String quantity, double value, Integer copy, Integer lost) {
        /** Of no copy in particular. */
        public Taken(String operation, String quantity, double value) {
            this(operation, quantity, value, null, null);
        }
    }

    /** What of all that was measured is of the one that was kept: of no later copy, and of none that came to nothing while it was the first. */
    private static List<Taken> kept(Plan plan, List<Taken> taken, List<Spoilt> spoilt) {
        int ahead = Math.max(1, plan.ahead());
        Map<String, Integer> lost = new HashMap<>();
        spoilt.stream()
                .filter(one -> one.copy() != null && one.copy() < ahead)
                .forEach(one ->
                        plan.chain(one.operation()).forEach(at -> lost.merge(at.id(), one.times(), Integer::sum)));
        return taken.stream()
                .filter(one -> one.copy() == null || one.copy() < ahead)
                .filter(one -> one.lost() == null || one.lost() >= lost.getOrDefault(one.operation(), 0))
                .toList();
    }

    /**
     * What the rest are made by at an operation.
     *
     * @param planned what the plan says; null where it says nothing
     * @param target as the first one came out, same unit
     */
    public record Target(String operation, String quantity, Double planned, double target) {}

    /**
     * @param all in the order it was measured: of each quantity at each operation the first counts
     * @param spoilt what came to nothing in that run
     * @param tailFactor of a form's own handling tail, what these hands need
     * @return by operation, in the plan's order; nothing of what was not measured
     */
    public static List<Target> of(Plan plan, List<Taken> all, List<Spoilt> spoilt, double tailFactor) {
        List<Taken> taken = kept(plan, all, spoilt);
        var targets = new ArrayList<Target>();
        for (Operation operation : plan.operations()) {
            for (Measurable one : operation.measurable()) {
                target(plan, operation, one, taken, tailFactor)
                        .ifPresent(
                                value -> targets.add(new Target(operation.id(), one.quantity(), one.planned(), value)));
            }
        }
        return targets;
    }

    private static Optional<Double> target(
            Plan plan, Operation operation, Measurable one, List<Taken> taken, double tailFactor) {
        return switch (one.quantity()) {
            case LEFT, LACKED, Measurable.MINUTES -> Optional.empty();
            case CUT -> cut(plan, operation, one, taken, tailFactor);
            default -> first(taken, operation, one.quantity());
        };
    }

    private static Optional<Double> cut(
            Plan plan, Operation operation, Measurable cut, List<Taken> taken, double tailFactor) {
        Optional<Double> made = first(taken, operation, CUT);
        Optional<Double> beyond = beyond(plan, cut.context(), taken);
        if (beyond.isEmpty() || !(cut.context().get("tailMm") instanceof Number tail)) {
            return made;
        }
        double real = made.orElse(cut.planned()) - beyond.get();
        return Optional.of(real + tail.doubleValue() * tailFactor);
    }

    /** What was left over of that length, mm; less than 0 where it did not reach. */
    private static Optional<Double> beyond(Plan plan, Map<String, Object> ofLength, List<Taken> taken) {
        for (Operation operation : plan.operations()) {
            for (Measurable one : operation.measurable()) {
                boolean left = one.quantity().equals(LEFT);
                if ((left || one.quantity().equals(LACKED)) && isSame(one.context(), ofLength)) {
                    Optional<Double> value = first(taken, operation, one.quantity());
                    if (value.isPresent()) {
                        return value.map(mm -> left ? mm : -mm);
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isSame(Map<String, Object> one, Map<String, Object> other) {
        return Objects.equals(one.get("inPieceMm"), other.get("inPieceMm"))
                && Objects.equals(one.get("tailMm"), other.get("tailMm"));
    }

    private static Optional<Double> first(List<Taken> taken, Operation operation, String quantity) {
        return taken.stream()
                .filter(one ->
                        one.operation().equals(operation.id()) && one.quantity().equals(quantity))
                .map(Taken::value)
                .findFirst();
    }
}
