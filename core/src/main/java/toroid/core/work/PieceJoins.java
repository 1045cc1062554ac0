package toroid.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import toroid.core.form.HandWork;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.MadeInPlace;
import toroid.core.piece.PieceTime;
import toroid.core.piece.PieceWork;
import toroid.core.piece.TriedOn;
import toroid.core.piece.finish.Finish;
import toroid.core.piece.finish.FinishOrder;
import toroid.core.piece.finish.FinishWork;
import toroid.core.stock.Draw;

/** The joins of a piece in the order hands make them, with what is done between them: it is held to the body, it is finished. */
final class PieceJoins {
    private final PieceWork work;
    private final MadeInPlace made;
    private final FinishOrder order;
    private final TriedOn tried;
    private final List<PartsHandled.Round> rounds;
    private final List<Draw> draws;
    private final double withinMm;
    private final int joins;
    private final List<Operation> operations = new ArrayList<>();

    /**
     * @param order when it is finished
     * @param tried when it is held to the body; null where it is not
     * @param rounds what is formed at the joins
     * @param draws what all joins take of the shelf
     * @param withinMm how far its length may be off
     */
    PieceJoins(
            PieceWork work,
            MadeInPlace made,
            FinishOrder order,
            TriedOn tried,
            List<PartsHandled.Round> rounds,
            List<Draw> draws,
            double withinMm) {
        this.work = work;
        this.made = made;
        this.order = order;
        this.tried = tried;
        this.rounds = rounds;
        this.draws = draws;
        this.withinMm = withinMm;
        this.joins = work.joining().size();
    }

    /**
     * @param early what is done before, whatever comes between
     * @param later what waits until it is finished as far as it is then; done at once where it is finished at the end
     * @param last what is cut and made when it was held to the body; none where it is not
     */
    List<Operation> after(List<Operation> early, List<Operation> later, List<Operation> last) {
        operations.addAll(early);
        if (order.isAtTheEnd()) {
            operations.addAll(later);
        }
        var stops = new TreeSet<Integer>(Set.of(joins));
        if (!order.isAtTheEnd()) {
            stops.add(order.before());
        }
        if (tried != null) {
            stops.add(tried.before());
        }
        int from = 0;
        for (int stop : stops) {
            if (stop > from) {
                operations.add(join(from, stop));
                from = stop;
            }
            if (tried != null && tried.before() == stop) {
                operations.add(triedOn());
                last.forEach(one -> operations.add(one.afterToo(Set.of(PiecePlan.TRY_ON))));
            }
            if (!order.isAtTheEnd() && order.before() == stop) {
                Set<String> before = ids();
                finish(true);
                Set<String> finished = ids();
                finished.removeAll(before);
                later.forEach(one -> operations.add(one.afterToo(finished)));
            }
        }
        if (order.isAtTheEnd()) {
            finish(true);
        }
        finish(false);
        return operations;
    }

    private Set<String> ids() {
        return operations.stream().map(Operation::id).collect(Collectors.toSet());
    }

    private Operation join(int from, int to) {
        List<PartsHandled.Round> here = rounds.stream()
                .map(round -> new PartsHandled.Round(
                        round.joins().stream()
                                .filter(join -> join >= from && join < to)
                                .toList(),
                        round.steps()))
                .filter(round -> !round.joins().isEmpty())
                .toList();
        String id = from == 0 ? PiecePlan.JOIN : PiecePlan.JOIN + "-" + from;
        // what is bought for it hangs at its end as well as anywhere: taken with the last
        Operation join = PiecePlan.operation(id, "", Stage.JOIN, ids(), PartsHandled.joined(from, to - from, here))
                .taking(to == joins ? draws : List.of())
                .timed(PieceTime.joining(work, made, from, to));
        boolean torch =
                work.joining().subList(from, to).stream().anyMatch(step -> step.act() == AssemblyStep.Act.SOLDER_ROUND)
                        || here.stream()
                                .flatMap(round -> round.steps().stream())
                                .anyMatch(one -> one.step().joints() > 0);
        return torch ? join.waiting(Wait.PICKLE).with(Caution.TORCH) : join;
    }

    private Operation triedOn() {
        var check = new Check(
                Check.Kind.ON_THE_BODY, "", 1, "LENGTH", "mm", tried.lengthMm(), withinMm, null, tried.restMm());
        return PiecePlan.looked(PiecePlan.TRY_ON, List.of(check), ids());
    }

    /** @param asksAll those all that is on it has to withstand, or the others */
    private void finish(boolean asksAll) {
        for (Finish finish : order.finishing().finishes()) {
            if (finish.asksAll() == asksAll) {
                HandWork hands = finish.work(order.taken(finish).size());
                operations.add(new Operation(
                                id(finish),
                                "",
                                Stage.FINISH,
                                finish.name(),
                                1,
                                false,
                                ids(),
                                List.of(),
                                List.of(),
                                cautions(finish),
                                finish == Finish.TUMBLE ? Wait.TUMBLE : null,
                                new FinishStep(FinishWork.of(finish, order, work)))
                        .timed(hands));
            }
        }
    }

    /** Ids stay as they are, whatever the code is called. */
    private static String id(Finish finish) {
        return switch (finish) {
            case COLOUR -> "colour";
            case RUB_BACK -> "rub-back";
            case TUMBLE -> "tumble";
            case SEAL -> "seal";
        };
    }

    private static List<Caution> cautions(Finish finish) {
        return switch (finish) {
            case COLOUR -> List.of(Caution.SULPHUR);
            case TUMBLE -> List.of(Caution.TUMBLER);
            case RUB_BACK, SEAL -> List.of();
        };
    }
}
