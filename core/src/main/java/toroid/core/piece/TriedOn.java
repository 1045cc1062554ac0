package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * When a piece that goes round a body is held there, before it can be closed: as long as it can still be made longer or shorter with a ring
 * or two.
 *
 * @param before how many of its joins are made by then: all up to the last one of its row
 * @param lengthMm of what hangs together by then, taut, mm
 * @param restMm what the rest of the row adds, mm; 0 where the row is whole and is only closed
 */
public record TriedOn(int before, double lengthMm, double restMm) {
    /** A clasp with its ring, and a ring for the other end: more than that is no end of a row. */
    private static final int MOST_LEFT = 3;

    /** Null where the last join of its row does not close it: then it is measured when it is done. */
    public static TriedOn of(PieceWork work) {
        List<AssemblyStep> joins = work.joining();
        List<Integer> row = work.row();
        int last = -1;
        for (int i = 0; i < joins.size(); i++) {
            if (ofRow(work, joins.get(i), row)) {
                last = i;
            }
        }
        if (last < 1) {
            return null;
        }
        List<Set<Integer>> hung = together(work, joins.subList(0, last), row);
        Set<Integer> most = hung.get(0);
        for (Set<Integer> one : hung) {
            most = one.size() > most.size() ? one : most;
        }
        double soFar =
                most.stream().mapToDouble(i -> work.parts().get(i).spanMm()).sum();
        return row.size() - most.size() > MOST_LEFT || most.size() < 2
                ? null
                : new TriedOn(last, soFar, work.lengthMm() - soFar);
    }

    /** Whether nothing is joined to any of these before it is held to the body: till then none of them needs to be there. */
    public boolean canWait(PieceWork work, List<Integer> places) {
        return work.joining().subList(0, before).stream()
                .flatMap(step -> step.joints().stream())
                .map(work.joints()::get)
                .noneMatch(joint -> places.contains(joint.a()) || places.contains(joint.b()));
    }

    private static boolean ofRow(PieceWork work, AssemblyStep step, List<Integer> row) {
        return step.joints().stream()
                .map(work.joints()::get)
                .anyMatch(joint -> row.contains(joint.a()) && row.contains(joint.b()));
    }

    /** What of the row hangs together after these, each by its parts' places. */
    private static List<Set<Integer>> together(PieceWork work, List<AssemblyStep> joins, List<Integer> row) {
        var groups = new ArrayList<Set<Integer>>();
        row.forEach(place -> groups.add(new TreeSet<>(Set.of(place))));
        for (AssemblyStep step : joins) {
            for (int at : step.joints()) {
                Joint joint = work.joints().get(at);
                Set<Integer> one = group(groups, joint.a());
                Set<Integer> other = group(groups, joint.b());
                if (one != null && other != null && one != other) {
                    one.addAll(other);
                    groups.remove(other);
                }
            }
        }
        return groups;
    }

    private static Set<Integer> group(List<Set<Integer>> groups, int part) {
        return groups.stream().filter(one -> one.contains(part)).findFirst().orElse(null);
    }
}
