package toroid.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What was measured when a piece was looked at, against what it should be and against its twin. */
public final class Findings {
    private Findings() {}

    /**
     * One copy, measured last.
     *
     * @param copy which, from 0
     * @param off from the target, in its unit; more where above 0
     * @param passes whether that is within what is allowed
     */
    public record Found(int copy, double value, double off, boolean passes) {}

    /**
     * One check.
     *
     * @param found by copy; those not measured are left out
     * @param apart how far the copies of a pair are apart, same unit; null while one of them is not measured, or it is no pair
     * @param matches whether that passes; null with {@code apart}
     */
    public record Finding(Check check, List<Found> found, Double apart, Boolean matches) {
        public Finding {
            found = List.copyOf(found);
        }
    }

    /**
     * Of the checks that are measured, in their order.
     *
     * @param taken in the order it was measured; of each copy the last counts, what says no copy is the first's
     */
    public static List<Finding> of(Plan plan, List<FirstOne.Taken> taken) {
        var findings = new ArrayList<Finding>();
        for (Operation operation : plan.operations()) {
            if (operation.detail() instanceof Inspected inspected) {
                inspected.checks().stream()
                        .filter(check -> check.quantity() != null)
                        .map(check -> finding(operation, check, taken))
                        .forEach(findings::add);
            }
        }
        return findings;
    }

    private static Finding finding(Operation operation, Check check, List<FirstOne.Taken> taken) {
        Map<Integer, Double> values = new TreeMap<>();
        taken.stream()
                .filter(one ->
                        one.operation().equals(operation.id()) && one.quantity().equals(check.quantity()))
                .forEach(one -> values.put(one.copy() == null ? 0 : one.copy(), one.value()));
        List<Found> found = values.entrySet().stream()
                .map(one -> found(check, one.getKey(), one.getValue()))
                .toList();
        if (check.pairWithin() == null || found.size() < 2) {
            return new Finding(check, found, null, null);
        }
        double least =
                values.values().stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        double most =
                values.values().stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        return new Finding(check, found, most - least, most - least <= check.pairWithin());
    }

    private static Found found(Check check, int copy, double value) {
        double off = value - check.target();
        return new Found(copy, value, off, Math.abs(off) <= check.within());
    }
}
