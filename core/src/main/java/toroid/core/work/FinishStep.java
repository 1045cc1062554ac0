package toroid.core.work;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import toroid.core.piece.PieceWork;
import toroid.core.piece.finish.Finish;
import toroid.core.piece.finish.FinishOrder;

/**
 * A piece, or what there is of it, finished.
 *
 * @param joined how many of its joins are made by then
 * @param whole whether all of it is joined
 * @param lots what it is done to, or why not, the same parts together
 */
public record FinishStep(Finish finish, int joined, boolean whole, List<Lot> lots) implements Detail {
    public FinishStep {
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

    /** @param joins of the piece in all */
    static FinishStep of(Finish finish, FinishOrder order, PieceWork work, int joined, int joins) {
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
        return new FinishStep(finish, joined, joined == joins, lots);
    }

    /** Wax goes on what is whole by then. */
    private static FinishOrder.Going going(Finish finish, FinishOrder order, int part) {
        return finish == Finish.SEAL ? FinishOrder.Going.WHOLE : order.goes().get(part);
    }
}
