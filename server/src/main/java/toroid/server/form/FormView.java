package toroid.server.form;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Bend;
import toroid.core.bend.program.WirePoint;
import toroid.core.form.Extent;
import toroid.core.form.FormFigures;
import toroid.core.form.FormStep;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Marks;
import toroid.core.quantity.Figure;
import toroid.core.wire.Wire;

/** The core's answer laid out for whoever asked. */
final class FormView {
    /** In a form of more wires than this only whole metals are offered. */
    private static final int MOST_METALS = 6;

    private static final double FINE = 0.012;

    private FormView() {}

    static FormAnswer of(FormWork work, int copies, OwnTools tools) {
        List<Figure> figures = FormFigures.of(work, copies);
        double offcut = work.wires().stream().mapToDouble(FormedWire::offcutMm).sum();
        double mass = figures.stream()
                .filter(f -> f.id().equals("mass-in-piece"))
                .findFirst()
                .orElseThrow()
                .value();
        List<FormAnswer.WireView> wires =
                work.wires().stream().map(wire -> wire(wire, work, copies)).toList();
        return new FormAnswer(
                work.info().id(),
                work.info().name(),
                work.request().wireDiameterMm(),
                work.request().metal().id(),
                work.values(),
                work.inPiece().inMillimetres(),
                work.toCut().inMillimetres(),
                work.toCutFor(copies).inMillimetres(),
                offcut,
                mass,
                extent(work),
                wires.get(0).marks(),
                work.steps().stream().map(step -> step(step, work, tools)).toList(),
                work.notes(),
                wires,
                work.solids().stream().map(FormAnswer.SolidView::of).toList(),
                figures,
                work.contacts().stream()
                        .map(c -> new FormAnswer.Touch(c.firstMm(), c.secondMm(), c.depthMm(), Points.of(c.place())))
                        .toList(),
                work.steps().stream().anyMatch(FormStep::winds));
    }

    private static FormAnswer.Extent extent(FormWork work) {
        Extent extent = Extent.of(work);
        Vector3D size = extent.size();
        Vector3D from = extent.least();
        return new FormAnswer.Extent(size.getX(), size.getY(), size.getZ(), from.getX(), from.getY(), from.getZ());
    }

    private static FormAnswer.Step step(FormStep step, FormWork work, OwnTools tools) {
        OwnTools.Own own = step.toolMm() == null ? null : tools.nearest(step, work);
        return new FormAnswer.Step(
                step.kind(),
                step.part(),
                step.wire(),
                step.lengthMm(),
                step.gripMm(),
                step.fromMiddleMm(),
                step.insideMm(),
                step.toolMm(),
                own == null ? null : own.name(),
                own == null ? null : own.diameterMm(),
                own == null ? null : own.leavesInsideMm(),
                step.degrees(),
                step.heldDegrees(),
                step.turns(),
                step.flat(),
                step.goesOn(),
                step.half());
    }

    private static FormAnswer.WireView wire(FormedWire wire, FormWork work, int copies) {
        List<WirePoint> points = Points.of(wire, FINE);
        return new FormAnswer.WireView(
                wire.name(),
                work.request().metalOf(wire.name()).id(),
                wire != work.wires().get(0) && work.wires().size() <= MOST_METALS,
                wire.diameterMm(),
                wire.diameterMm() * (1 - Wire.SAME),
                wire.diameterMm() * (1 + Wire.SAME),
                wire.inPiece().inMillimetres(),
                wire.toCut().inMillimetres(),
                wire.toCutFor(copies).inMillimetres(),
                wire.offcutMm(),
                wire.tails().firstMm(),
                wire.tails().secondMm(),
                wire.middleMm(),
                wire.meltedMm(),
                wire.ends(),
                Marks.of(wire).stream()
                        .map(mark -> new Marks.Mark(mark.atMm(), mark.kind(), place(mark.step(), work)))
                        .toList(),
                stretches(wire, work),
                Points.flat(points),
                Points.along(points),
                Points.sections(wire, points),
                holes(wire));
    }

    static List<FormAnswer.HoleView> holes(FormedWire wire) {
        return wire.holes().stream().map(FormAnswer.HoleView::of).toList();
    }

    private static List<FormAnswer.Stretch> stretches(FormedWire wire, FormWork work) {
        var stretches = new ArrayList<FormAnswer.Stretch>();
        double at = 0;
        double on = 0;
        for (Bend bend : wire.program().bends()) {
            double to = at + bend.run().lengthMm();
            double onTo = on + bend.run().wireMm();
            int step = place(bend.step(), work);
            int last = stretches.size() - 1;
            if (last >= 0 && stretches.get(last).step() == step) {
                FormAnswer.Stretch before = stretches.get(last);
                stretches.set(last, new FormAnswer.Stretch(before.fromMm(), to, before.wireFromMm(), onTo, step));
            } else {
                stretches.add(new FormAnswer.Stretch(at, to, on, onTo, step));
            }
            at = to;
            on = onTo;
        }
        return stretches;
    }

    /** A step's number in the programs turned into its place in the list. */
    private static int place(int id, FormWork work) {
        for (int i = 0; id >= 0 && i < work.steps().size(); i++) {
            if (work.steps().get(i).id() == id) {
                return i;
            }
        }
        return -1;
    }
}
