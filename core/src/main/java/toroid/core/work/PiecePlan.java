package toroid.core.work;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import toroid.core.form.HandWork;
import toroid.core.form.Toolbox;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.MadeInPlace;
import toroid.core.piece.PieceDraws;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceTime;
import toroid.core.piece.PieceWork;
import toroid.core.piece.Supply;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;
import toroid.core.stock.Draw;

/**
 * A whole piece: rings closed and opened beforehand size by size, its other parts made step by step, then joint by joint
 * put together, what is closed round a neighbour formed there, and
 * looked at. A pair is two copies made in
 * tandem.
 */
public final class PiecePlan {
    public static final String JOIN = "put-together";
    public static final String INSPECT = "inspect";

    private PiecePlan() {}

    /**
     * Counted operations: as many as its different parts have steps, however many parts there are.
     *
     * @param maker that it was solved with
     * @param tools the maker's own
     * @param supply what it takes from the shelf; of its rings those that lie there ready, the others are wound
     * @throws Refusal when a joint of it cannot be made, or something does not go in
     */
    public static Plan of(PieceWork work, PartMaker maker, boolean pair, Supply supply, Toolbox tools) {
        if (!work.canBeMade()) {
            throw Refusal.of(RefusalCode.PIECE_CANNOT_BE_JOINED, "piece", null);
        }
        int copies = pair ? 2 : 1;
        var taken = new PieceDraws(work, maker.metalId(), copies, supply);
        var operations = new ArrayList<Operation>();
        int size = 0;
        for (PieceLists.Rings rings : PieceLists.of(work, false, 0).rings()) {
            ringsOfASize(operations, ++size, rings, taken);
        }
        MadeInPlace made = MadeInPlace.of(work, maker);
        Set<String> rings = operations.stream().map(Operation::id).collect(Collectors.toSet());
        var forming = new PartForming(work, made, tools, rings);
        for (MadeInPlace.Same same : made.parts()) {
            operations.addAll(forming.alone(same, taken));
            dome(operations, work.parts().get(same.first()), same);
        }
        join(operations, work, made, forming, taken);
        operations.add(inspect(PieceInspection.of(work, made, pair), operations.get(operations.size() - 1)));
        return new Plan(operations, copies, copies);
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

    /** Those that lie ready are taken as the first thing is done with them: all together where they are hammered or beaded, else as they are closed and as they are opened. */
    private static void ringsOfASize(List<Operation> operations, int size, PieceLists.Rings rings, PieceDraws taken) {
        List<List<Draw>> ready = taken.rings(rings);
        int first = operations.size();
        Set<String> after = readied(operations, size, rings, taken);
        boolean readied = operations.size() > first;
        if (readied) {
            operations.set(first, operations.get(first).takingToo(Draw.joined(ready)));
        }
        int closed = rings.preClosed();
        if (closed > 0) {
            operations.add(handled("close-" + size, PartsHandled.Kind.CLOSE_FIRST, rings, closed, after)
                    .taking(readied ? List.of() : ready.get(0))
                    .timed(HandWork.seconds(HandWork.CLOSE, HandWork.CLOSE_SECONDS * closed)));
        }
        if (rings.soldered() && closed > 0) {
            var kind = PartsHandled.Kind.SOLDER_FIRST;
            operations.add(handled("solder-" + size, kind, rings, closed, Set.of("close-" + size))
                    .taking(taken.solder(Supply.Grade.HARD, closed))
                    .timed(HandWork.seconds(HandWork.SOLDER, HandWork.SOLDER_SECONDS * closed))
                    .waiting(Wait.PICKLE)
                    .with(Caution.TORCH));
        }
        if (rings.count() > closed) {
            operations.add(handled("open-" + size, PartsHandled.Kind.OPEN_FIRST, rings, rings.count() - closed, after)
                    .taking(readied ? List.of() : ready.get(1))
                    .timed(HandWork.seconds(HandWork.OPEN, HandWork.OPEN_SECONDS * (rings.count() - closed))));
        }
    }

    /** Each check once for each copy. */
    private static Operation inspect(List<Check> checks, Operation last) {
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
                INSPECT,
                "",
                Stage.CHECK,
                "INSPECT",
                checks.size(),
                true,
                Set.of(last.id()),
                List.of(),
                measured,
                List.of(),
                null,
                new Inspected(checks));
    }

    private static void join(
            List<Operation> operations, PieceWork work, MadeInPlace made, PartForming forming, PieceDraws taken) {
        int joins = work.joining().size();
        if (joins > 0) {
            Set<String> before = new HashSet<>();
            operations.forEach(one -> before.add(one.id()));
            var kind = PartsHandled.Kind.PUT_TOGETHER;
            var detail = new PartsHandled(kind, "", -1, 0, 0, joins, null, forming.rounds(), List.of());
            Operation join = operation(JOIN, "", Stage.JOIN, before, detail)
                    .taking(Draw.joined(List.of(taken.joined(), forming.takenInPlace())))
                    .timed(PieceTime.joining(work, made));
            boolean torch = work.steps().stream().anyMatch(step -> step.act() == AssemblyStep.Act.SOLDER_ROUND);
            operations.add(
                    torch || forming.soldersInPlace()
                            ? join.waiting(Wait.PICKLE).with(Caution.TORCH)
                            : join);
        }
    }

    /** Rings that are hammered are so as they come off the coil, closed; a bead goes on after that. */
    private static Set<String> readied(List<Operation> operations, int size, PieceLists.Rings rings, PieceDraws taken) {
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
            after = Set.of(id);
        }
        return after;
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
