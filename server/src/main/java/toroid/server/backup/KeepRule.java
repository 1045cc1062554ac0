package toroid.server.backup;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;

/** Which daily backups are kept: the newest of each of the last 7 days, 5 weeks and 12 months that have any. */
final class KeepRule {
    private static final int DAYS = 7;
    private static final int WEEKS = 5;
    private static final int MONTHS = 12;

    private KeepRule() {}

    /**
     * @param made a backup's day and its place in {@code made} go together; several of one day stand in the order they were made
     * @return places in {@code made} that are kept
     */
    static Set<Integer> kept(List<LocalDate> made) {
        var kept = new HashSet<Integer>();
        kept.addAll(newest(made, Function.identity(), DAYS));
        kept.addAll(newest(made, KeepRule::week, WEEKS));
        kept.addAll(newest(made, YearMonth::from, MONTHS));
        return kept;
    }

    private static Integer week(LocalDate day) {
        return 100 * day.get(IsoFields.WEEK_BASED_YEAR) + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
    }

    private static <P> Set<Integer> newest(List<LocalDate> made, Function<LocalDate, P> period, int most) {
        var periods = new TreeSet<P>();
        made.forEach(day -> periods.add(period.apply(day)));
        var kept = new HashSet<Integer>();
        periods.descendingSet().stream().limit(most).forEach(one -> {
            int newest = -1;
            for (int i = 0; i < made.size(); i++) {
                boolean later = newest < 0 || !made.get(i).isBefore(made.get(newest));
                if (period.apply(made.get(i)).equals(one) && later) {
                    newest = i;
                }
            }
            kept.add(newest);
        });
        return kept;
    }
}
