package toroid.core.piece.finish;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import toroid.core.piece.PieceWork;

/**
 * A piece, or what there is of it, finished.
 *
 * @param joined how many of its joins are made by then
 * @param whole whether all of it is joined
 * @param lots what it is done to, or why not, the same parts together
 */
public record FinishWork(Finish finish, int joined, boolean whole, List<Lot> lots) {
    public FinishWork {
        lots = List.copyOf(lots);
    }

    /**
     * Parts that go alike.
     *
     * @param what in the trade's words
     * @param first place in the piece of the first of them
     * @param count of one copy
     */
    public record Lot(FinishOrder.Going going, String what, int first, int count) {}

    /** All there is to be done, in order; each when that is. */
    public static List<FinishWork> all(FinishOrder order, PieceWork work) {
        return order.finishing().finishes().stream()
                .map(finish -> of(finish, order, work))
                .toList();
    }

    public static FinishWork of(Finish finish, FinishOrder order, PieceWork work) {
        record Alike(FinishOrder.Going going, String what) {}
        Map<Alike, List<Integer>> alike = new LinkedHashMap<>();
        IntStream.range(0, work.parts().size())
                .filter(i -> finish == Finish.SEAL || order.goes().get(i) != FinishOrder.Going.APART)
                .forEach(i -> alike.computeIfAbsent(
                                new Alike(
                                        going(finish, order, i),
                                        work.parts().get(i).name()),
                                any -> new ArrayList<>())
                        .add(i));
        List<Lot> lots = alike.entrySet().stream()
                .map(one -> new Lot(
                        one.getKey().going(),
                        one.getKey().what(),
                        one.getValue().get(0),
                        one.getValue().size()))
                .toList();
        boolean whole = !finish.asksAll() || order.isAtTheEnd();
        return new FinishWork(finish, whole ? work.joining().size() : order.before(), whole, lots);
    }

    /** Wax goes on what is whole by then. */
    private static FinishOrder.Going going(Finish finish, FinishOrder order, int part) {
        return finish == Finish.SEAL ? FinishOrder.Going.WHOLE : order.goes().get(part);
    }
}
