package toroid.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import toroid.core.form.HandWork;
import toroid.core.form.Toolbox;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.MadeInPlace;
import toroid.core.piece.PieceDraws;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceWork;
import toroid.core.piece.Supply;
import toroid.core.piece.TriedOn;
import toroid.core.piece.finish.FinishOrder;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;
import toroid.core.stock.Draw;

/**
 * A whole piece: rings closed and opened beforehand size by size, its other parts made step by step, then joint by joint
 * put together, what is closed round a neighbour formed there, held to the body before its clasp is cut and it is closed, finished when all that is on it by
 * then withstands that, and looked at. A pair is two copies made in tandem.
 */
public final class PiecePlan {
    public static final String JOIN = "put-together";
    public static final String INSPECT = "inspect";
    public static final String TRY_ON = "try-on";

    private PiecePlan() {}

    /** As it comes off the pliers, for nobody in particular. */
    public static Plan of(PieceWork work, PartMaker maker, boolean pair, Supply supply, Toolbox tools) {
        return of(work, maker, pair, supply, tools, Asked.NOTHING);
    }

    /**
     * Counted operations: as many as its different parts have steps, however many parts there are.
     *
     * @param maker that it was solved with
     * @param tools the maker's own
     * @param supply what it takes from the shelf; of its rings those that lie there ready, the others are wound
     * @param asked what of it the line does not say
     * @throws Refusal when a joint of it cannot be made, something does not go in, or it cannot be finished so
     */
    public static Plan of(PieceWork work, PartMaker maker, boolean pair, Supply supply, Toolbox tools, Asked asked) {
        if (!work.canBeMade()) {
            throw Refusal.of(RefusalCode.PIECE_CANNOT_BE_JOINED, "piece", null);
        }
        int copies = pair ? 2 : 1;
        var taken = new PieceDraws(work, maker.metalId(), copies, supply);
        MadeInPlace made = MadeInPlace.of(work, maker);
        FinishOrder order = FinishOrder.of(work, made, maker, asked.finishing());
        var early = new ArrayList<Operation>();
        var later = new ArrayList<Operation>();
        int size = 0;
        for (PieceLists.Rings rings : PieceLists.of(work, false, 0).rings()) {
            boolean waits = rings.beadMm() != null
                    && !order.isAtTheEnd()
                    && !asked.finishing().hardBeads();
            ringsOfASize(early, waits ? later : early, ++size, rings, taken);
        }
        Set<String> rings = early.stream().map(Operation::id).collect(Collectors.toSet());
        var forming = new PartForming(work, made, tools, rings);
        TriedOn tried = asked.goesRound() ? TriedOn.of(work) : null;
        var last = new ArrayList<Operation>();
        for (MadeInPlace.Same same : made.parts()) {
            var all = new ArrayList<>(forming.alone(same, taken));
            dome(all, work.parts().get(same.first()), same);
            if (order.isAtTheEnd() && waits(tried, work, same, all)) {
                last.addAll(all);
                continue;
            }
            int now = order.isWhole(same.first()) ? all.size() : PartForming.bare(same);
            early.addAll(all.subList(0, now));
            later.addAll(all.subList(now, all.size()));
        }
        List<Draw> draws = Draw.joined(List.of(taken.joined(), forming.takenInPlace()));
        double within = PieceInspection.lengthWithinMm(work);
        List<Operation> operations =
                new PieceJoins(work, made, order, tried, forming.rounds(), draws, within).after(early, later, last);
        List<Check> checks = PieceInspection.of(work, made, pair, asked.finishing());
        operations.add(looked(
                INSPECT, checks, Set.of(operations.get(operations.size() - 1).id())));
        return new Plan(operations, copies, copies);
    }

    /**
     * Whether it is cut only when the rest was held to the body, as a clasp is: then it may still become longer or shorter. What wants a
     * torch is made while no beads lie beside it.
     */
    private static boolean waits(TriedOn tried, PieceWork work, MadeInPlace.Same same, List<Operation> all) {
        return tried != null
                && tried.canWait(work, same.places())
                && all.stream().noneMatch(one -> one.cautions().contains(Caution.TORCH));
    }

    /** Once it is made, before anything hangs in it. */
    private static void dome(List<Operation> operations, PartWork part, MadeInPlace.Same same) {
        if (part.domedMm() > 0) {
            String made = operations.get(operations.size() - 1).id();
            var kind = PartsHandled.Kind.DOME;
            int count = same.places().size();
            var domed = PartsHandled.ofPart(
                    kind, part.name(), same.first(), PartForming.wireMm(part), count, part.domedMm());
            operations.add(operation("dome-" + same.first(), part.name(), Stage.FORM, Set.of(made), domed)
                    .timed(HandWork.seconds(HandWork.HAMMER, HandWork.HAMMER_SECONDS * count)));
        }
    }

    /**
     * Those that lie ready are taken as the first thing is done with them: all together where they are hammered or beaded, else as they are
     * closed and as they are opened.
     *
     * @param early where bare ones are hammered
     * @param on where the rest of it is done; the same, or later where a bead on them does not withstand what comes between
     */
    private static void ringsOfASize(
            List<Operation> early, List<Operation> on, int size, PieceLists.Rings rings, PieceDraws taken) {
        List<List<Draw>> ready = taken.rings(rings);
        List<Operation> first = readied(size, rings, taken);
        boolean readied = !first.isEmpty();
        Set<String> after = readied ? Set.of(first.get(first.size() - 1).id()) : Set.of();
        for (int i = 0; i < first.size(); i++) {
            boolean bare = first.get(i).verb().equals(PartsHandled.Kind.HAMMER_FIRST.name());
            (bare ? early : on).add(i == 0 ? first.get(i).takingToo(Draw.joined(ready)) : first.get(i));
        }
        if (rings.pressed() > 0) {
            on.add(handled("press-" + size, PartsHandled.Kind.PRESS_FIRST, rings, rings.pressed(), after)
                    .taking(readied ? List.of() : Draw.joined(ready))
                    .timed(HandWork.seconds(HandWork.CLOSE, HandWork.CLOSE_SECONDS * rings.pressed())));
        }
        if (rings.closed() > 0) {
            on.add(handled("close-" + size, PartsHandled.Kind.CLOSE_FIRST, rings, rings.closed(), after)
                    .taking(readied ? List.of() : ready.get(0))
                    .timed(HandWork.seconds(HandWork.CLOSE, HandWork.CLOSE_SECONDS * rings.closed())));
        }
        if (rings.soldered() && rings.preClosed() > 0) {
            var kind = PartsHandled.Kind.SOLDER_FIRST;
            int count = rings.preClosed();
            on.add(handled(
                            "solder-" + size,
                            kind,
                            rings,
                            count,
                            Set.of(on.get(on.size() - 1).id()))
                    .taking(taken.solder(Supply.Grade.HARD, count))
                    .timed(HandWork.seconds(HandWork.SOLDER, HandWork.SOLDER_SECONDS * count))
                    .waiting(Wait.PICKLE)
                    .with(Caution.TORCH));
        }
        if (rings.opened() > 0) {
            on.add(handled("open-" + size, PartsHandled.Kind.OPEN_FIRST, rings, rings.opened(), after)
                    .taking(readied ? List.of() : ready.get(1))
                    .timed(HandWork.seconds(HandWork.OPEN, HandWork.OPEN_SECONDS * rings.opened())));
        }
    }

    /** Each check once for each copy. */
    static Operation looked(String id, List<Check> checks, Set<String> after) {
        List<Measurable> measured = checks.stream()
                .filter(check -> check.quantity() != null)
                .map(check -> new Measurable(
                        check.quantity(),
                        check.unit(),
                        check.target(),
                        check.target() - check.within(),
                        check.target() + check.within(),
                        Map.of()))
                .toList();
        return new Operation(
                id,
                "",
                Stage.CHECK,
                "INSPECT",
                checks.size(),
                true,
                after,
                List.of(),
                measured,
                List.of(),
                null,
                new Inspected(checks));
    }

    /** Rings that are hammered are so as they come off the coil, closed; a bead goes on after that. */
    private static List<Operation> readied(int size, PieceLists.Rings rings, PieceDraws taken) {
        var operations = new ArrayList<Operation>();
        Set<String> after = Set.of();
        if (rings.hammeredMm() != null) {
            String id = "hammer-" + size;
            operations.add(Operation.counted(
                            id,
                            "ring",
                            Stage.FORM,
                            PartsHandled.Kind.HAMMER_FIRST.name(),
                            rings.count(),
                            after,
                            ringsHandled(PartsHandled.Kind.HAMMER_FIRST, rings, rings.count(), rings.hammeredMm()))
                    .timed(HandWork.seconds(HandWork.HAMMER, HandWork.HAMMER_SECONDS * rings.count()))
                    .with(Caution.HAMMERING));
            after = Set.of(id);
        }
        if (rings.beadMm() != null) {
            String id = "bead-" + size;
            var detail = ringsHandled(PartsHandled.Kind.BEAD_FIRST, rings, rings.count(), rings.beadMm());
            operations.add(operation(id, "ring", Stage.JOIN, after, detail)
                    .taking(taken.onRings(rings))
                    .timed(HandWork.seconds(HandWork.THREAD, HandWork.THREAD_SECONDS * rings.count())));
        }
        return operations;
    }

    private static Operation handled(
            String id, PartsHandled.Kind kind, PieceLists.Rings rings, int count, Set<String> after) {
        return operation(id, "ring", Stage.JOIN, after, ringsHandled(kind, rings, count, null));
    }

    private static PartsHandled ringsHandled(PartsHandled.Kind kind, PieceLists.Rings rings, int count, Double toMm) {
        double wire = rings.ring().wireDiameterMm();
        return new PartsHandled(
                kind, "ring", -1, wire, rings.ring().innerDiameterMm(), count, toMm, List.of(), List.of());
    }

    static Operation operation(String id, String part, Stage stage, Set<String> after, PartsHandled detail) {
        return Operation.counted(id, part, stage, detail.kind().name(), detail.parts() * detail.each(), after, detail);
    }
}
