package toroid.server.store;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;

/** Lists worked out row by row: one that cannot be is shown in its place with the reason, and never takes the list with it. */
public final class Rows {
    private static final Logger LOG = LoggerFactory.getLogger(Rows.class);

    /** What one row of a list may take of the time all wait for. */
    static final Duration BUDGET = Duration.ofSeconds(2);

    private Rows() {}

    /** One row has taken its time. */
    private static final class RowTooLong extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /**
     * @param work what a row becomes
     * @param instead what stands in its place when that fails, from the row and the reason
     */
    public static <R, V> List<V> each(List<R> rows, Function<R, V> work, BiFunction<R, RefusalView, V> instead) {
        return rows.stream().map(row -> one(row, work, instead)).toList();
    }

    /** One row of such a list. */
    public static <R, V> V one(R row, Function<R, V> work, BiFunction<R, RefusalView, V> instead) {
        return one(row, work, instead, BUDGET);
    }

    /** One row, with so much time. */
    public static <R, V> V one(R row, Function<R, V> work, BiFunction<R, RefusalView, V> instead, Duration budget) {
        long begun = System.nanoTime();
        try {
            var answer = new ArrayList<V>(1);
            Effort.alsoHeard(
                    share -> {
                        if (System.nanoTime() - begun > budget.toNanos()) {
                            throw new RowTooLong();
                        }
                    },
                    () -> answer.add(work.apply(row)));
            return answer.get(0);
        } catch (RowTooLong tooLong) {
            return instead.apply(row, RefusalView.of(ServerCode.TAKES_LONGER_THAN_A_LIST));
        } catch (Effort.Stopped calledOff) {
            throw calledOff;
        } catch (Refusal refusal) {
            return instead.apply(row, RefusalView.of(refusal));
        } catch (RuntimeException | StackOverflowError fault) {
            LOG.error("a row cannot be worked out", fault);
            return instead.apply(row, RefusalView.of(ServerCode.CANNOT_BE_WORKED_OUT));
        }
    }
}
