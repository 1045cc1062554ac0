package toroid.server.store;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import toroid.core.numeric.Refusal;

/** Lists worked out row by row: one that cannot be is shown in its place with the reason, and never takes the list with it. */
public final class Rows {
    private static final Logger LOG = LoggerFactory.getLogger(Rows.class);
    private static final String FAULT = "This one cannot be worked out. ./toroid logs says why.";

    private Rows() {}

    /**
     * @param work what a row becomes
     * @param instead what stands in its place when that fails, from the row and the reason in words
     */
    public static <R, V> List<V> each(List<R> rows, Function<R, V> work, BiFunction<R, String, V> instead) {
        return rows.stream().map(row -> one(row, work, instead)).toList();
    }

    /** One row of such a list. */
    public static <R, V> V one(R row, Function<R, V> work, BiFunction<R, String, V> instead) {
        try {
            return work.apply(row);
        } catch (Refusal refusal) {
            return instead.apply(row, refusal.getMessage());
        } catch (RuntimeException | StackOverflowError fault) {
            LOG.error("a row cannot be worked out", fault);
            return instead.apply(row, FAULT);
        }
    }
}
