package toroid.core.work;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import toroid.core.form.FormStep;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Forms;
import toroid.core.form.Toolbox;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.MadeInPlace;
import toroid.core.piece.PieceDraws;
import toroid.core.piece.PieceWork;
import toroid.core.piece.part.Bent;
import toroid.core.piece.part.PartWork;
import toroid.core.piece.part.Strung;
import toroid.core.stock.Draw;

/**
 * The parts of a piece made step by step, the same ones together: each step an operation of its own, as of a form made for itself; what a
 * part leaves open for its neighbours is formed at the joints.
 */
final class PartForming {
    private final PieceWork work;
    private final MadeInPlace made;
    private final Toolbox tools;
    private final Set<String> rings;
    private final List<Draw> inPlace = new ArrayList<>();

    /** @param rings what is done to its rings before */
    PartForming(PieceWork work, MadeInPlace made, Toolbox tools, Set<String> rings) {
        this.work = work;
        this.made = made;
        this.tools = tools;
        this.rings = rings;
    }

    /** What is done to these before the piece is put together; at least one operation. */
    List<Operation> alone(MadeInPlace.Same same, PieceDraws taken) {
        PartWork part = work.parts().get(same.first());
        int count = same.places().size();
        if (same.bent() == null) {
            Operation first = unbent(same, part)
                    .taking(taken.made(part, count))
                    .timed(made.alone(same).times(count));
            int ends = part.spec().strung().isEmpty() ? 0 : made.endsAlone(same);
            return ends == 0 ? List.of(first) : List.of(first, crimped(same, part, ends, first));
        }
        List<FormingStep> steps = steps(same.bent(), same.bent().numbers(), part, same.first(), count);
        List<List<Draw>> draws = draws(steps, part, taken.apart(part, count));
        List<FormPlan.Cut> cuts = cuts(same.bent().work());
        var operations = new ArrayList<Operation>();
        for (int i = 0; i < same.alone(); i++) {
            FormStep step = steps.get(i).step();
            if (!step.needsHands()) {
                continue;
            }
            operations.add(new Operation(
                    id(same, i),
                    part.name(),
                    FormPlan.stageOf(step),
                    step.kind().name(),
                    count,
                    true,
                    operations.isEmpty()
                            ? Set.of()
                            : Set.of(operations.get(operations.size() - 1).id()),
                    draws.get(i),
                    FormPlan.measurable(step, same.bent().formId(), cuts, null),
                    FormPlan.cautions(
                            step, Forms.byId(same.bent().formId()).info().family()),
                    FormPlan.waits(step),
                    steps.get(i)));
        }
        draws.subList(same.alone(), draws.size()).forEach(inPlace::addAll);
        int last = operations.size() - 1;
        operations.set(last, operations.get(last).timed(made.alone(same).times(count)));
        return operations;
    }

    /** Woven ring by ring, strung bead by bead, or made as one thing. */
    private Operation unbent(MadeInPlace.Same same, PartWork part) {
        String id = "make-" + same.first();
        int count = same.places().size();
        int put = made.ringByRing(same);
        if (put > 0) {
            var kind = RingsHandled.Kind.PUT_IN;
            var of = new RingsHandled.OfPart(part.name(), same.first(), count);
            var detail = new RingsHandled(kind, put * count, of);
            return Operation.counted(id, part.name(), Stage.JOIN, kind.name(), put * count, rings, detail);
        }
        List<Strung> strung = part.spec().strung();
        PartsHandled detail = strung.isEmpty()
                ? PartsHandled.ofPart(PartsHandled.Kind.MAKE, part.name(), same.first(), wireMm(part), count, null)
                : PartsHandled.threaded(part.name(), same.first(), beadingWireMm(part), count, strung);
        return PiecePlan.operation(id, part.name(), Stage.FORM, Set.of(), detail);
    }

    private static Operation crimped(MadeInPlace.Same same, PartWork part, int ends, Operation strung) {
        var kind = PartsHandled.Kind.CRIMP;
        var detail = PartsHandled.ofPart(kind, part.name(), same.first(), beadingWireMm(part), ends, null);
        return PiecePlan.operation("crimp-" + same.first(), part.name(), Stage.JOIN, Set.of(strung.id()), detail);
    }

    private static double beadingWireMm(PartWork part) {
        return part.takes().bought().stream()
                .filter(one -> one.kind() == PartWork.Bought.Kind.BEADING_WIRE)
                .mapToDouble(one -> one.sizesMm().get(0))
                .findFirst()
                .orElse(0);
    }

    private static String id(MadeInPlace.Same same, int step) {
        return "make-" + same.first() + "-" + (step + 1);
    }

    static double wireMm(PartWork part) {
        return part.takes().cuts().stream()
                .mapToDouble(PartWork.Cut::diameterMm)
                .findFirst()
                .orElse(0);
    }

    private List<FormingStep> steps(Bent bent, List<Integer> numbers, PartWork part, int place, int count) {
        return numbers.stream()
                .map(number -> {
                    FormStep step = bent.work().steps().get(number);
                    boolean sized = step.toolMm() != null;
                    return new FormingStep(
                            step,
                            sized ? own(tools.nearest(step, bent.work())) : null,
                            new FormingStep.PartOf(part.name(), place, number, count));
                })
                .toList();
    }

    private static FormingStep.OwnTool own(Toolbox.Near near) {
        return near == null ? null : new FormingStep.OwnTool(near.name(), near.diameterMm(), near.insideMm());
    }

    /** Wire as it is cut, beads as they are threaded, or with the last step, solder heat by heat. */
    private static List<List<Draw>> draws(List<FormingStep> steps, PartWork part, PieceDraws.Apart taken) {
        FormingStep threaded = FormPlan.threaded(
                steps.stream().filter(one -> one.step().needsHands()).toList());
        int heat = 0;
        var draws = new ArrayList<List<Draw>>();
        for (int i = 0; i < steps.size(); i++) {
            FormStep step = steps.get(i).step();
            var here = new ArrayList<Draw>();
            for (int k = 0; k < taken.cuts().size(); k++) {
                boolean its = part.takes().cuts().get(k).wire().equals(step.wire());
                here.addAll(
                        step.kind() == FormStep.Kind.CUT && its ? taken.cuts().get(k) : List.of());
            }
            here.addAll(steps.get(i) == threaded ? taken.bought() : List.of());
            here.addAll(step.joints() > 0 ? taken.heat(heat++) : List.of());
            draws.add(here);
        }
        return draws;
    }

    private static List<FormPlan.Cut> cuts(FormWork work) {
        return work.wires().stream().map(wire -> cut(work, wire)).toList();
    }

    private static FormPlan.Cut cut(FormWork work, FormedWire wire) {
        double tails = wire.tails().firstMm() + wire.tails().secondMm();
        return new FormPlan.Cut(
                wire.name(),
                work.request().metalOf(wire.name()).id(),
                wire.diameterMm(),
                wire.inPiece().inMillimetres(),
                wire.toCut().inMillimetres(),
                tails / work.request().schools().tailFactor(),
                null);
    }

    /** What is formed at the joints, the same together. */
    List<PartsHandled.Round> rounds() {
        Map<List<FormingStep>, List<Integer>> same = new LinkedHashMap<>();
        List<AssemblyStep> joining = work.joining();
        for (int join = 0; join < joining.size(); join++) {
            int at = joining.get(join).part();
            List<Integer> numbers = made.round(joining.get(join)).stream()
                    .filter(number -> made.bent(at).work().steps().get(number).needsHands())
                    .toList();
            if (!numbers.isEmpty()) {
                same.computeIfAbsent(
                                steps(
                                        made.bent(at),
                                        numbers,
                                        work.parts().get(at),
                                        made.alike(at).first(),
                                        1),
                                any -> new ArrayList<>())
                        .add(join);
            }
        }
        return same.entrySet().stream()
                .map(one -> new PartsHandled.Round(one.getValue(), one.getKey()))
                .toList();
    }

    /** How many of the operations these are made by come before anything is threaded on. */
    static int bare(MadeInPlace.Same same) {
        if (same.bent() == null) {
            return 0;
        }
        List<FormStep> steps = same.bent().steps();
        return (int) steps.subList(0, Math.min(same.alone(), FormStep.threaded(steps))).stream()
                .filter(FormStep::needsHands)
                .count();
    }

    /** What is taken from the shelf by what is formed at the joints; once all parts were asked for. */
    List<Draw> takenInPlace() {
        return List.copyOf(inPlace);
    }
}
