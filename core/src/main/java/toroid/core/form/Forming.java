package toroid.core.form;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import toroid.core.bend.program.Bend;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.ScrewRun;
import toroid.core.numeric.Effort;

/**
 * The wire's shape while it is being formed. What is not bent yet is straight; what has been bent has sprung back; what is in
 * the jaws is held further round, on the tool's own radius: {@code κ₀ = 2/(tool + d)} over the same wire.
 */
public final class Forming {
    private Forming() {}

    /**
     * Every wire of the form with the first {@code stepsDone} steps made, the last of them still held in the tool if
     * {@code held}. The wire stays put at its middle mark, or at the end it is worked from.
     *
     * @param stepsDone 0 to the number of steps
     */
    public static List<FormedWire> shapes(FormWork work, int stepsDone, boolean held) {
        Effort.at(stepsDone, work.steps().size() + 1);
        Set<Integer> made = new HashSet<>();
        for (FormStep step : work.steps().subList(0, stepsDone)) {
            made.add(step.id());
        }
        FormStep last = stepsDone == 0 ? null : work.steps().get(stepsDone - 1);
        var shapes = new ArrayList<FormedWire>();
        for (FormedWire wire : work.wires()) {
            BendProgram now = wire.program().formed(step -> made.contains(step) || step < 0);
            if (held && last != null && last.toolMm() != null && last.wire().equals(wire.name())) {
                now = held(now, last, wire.diameterMm());
            }
            shapes.add(wire.inShape(anchored(now, wire), hammered(work, wire, stepsDone)));
        }
        return shapes;
    }

    /** How many of the wire's flats are hammered by then: one at each hammering of it. */
    private static int hammered(FormWork work, FormedWire wire, int stepsDone) {
        return (int) work.steps().subList(0, stepsDone).stream()
                .filter(step ->
                        step.kind() == FormStep.Kind.HAMMER && step.wire().equals(wire.name()))
                .count();
    }

    private static BendProgram held(BendProgram program, FormStep step, double wireMm) {
        double tighter = (step.insideMm() + wireMm) / (step.toolMm() + wireMm);
        var bends = new ArrayList<Bend>();
        for (Bend bend : program.bends()) {
            boolean inJaws = bend.step() == step.id() && bend.run() instanceof ScrewRun;
            bends.add(inJaws ? new Bend(bend.roll(), tightened((ScrewRun) bend.run(), tighter), bend.step()) : bend);
        }
        return new BendProgram(program.start(), bends);
    }

    private static ScrewRun tightened(ScrewRun run, double factor) {
        return new ScrewRun(run.lengthMm(), run.curvature() * factor, run.torsion() * factor);
    }

    /** Moved so that the wire at its middle mark lies where it lies in the finished form. */
    private static BendProgram anchored(BendProgram now, FormedWire wire) {
        if (wire.middleMm() == 0) {
            return now;
        }
        Frame wanted = wire.program().at(wire.middleMm());
        Frame have = now.at(now.alongMm(wire.program().onWireMm(wire.middleMm())));
        return now.startingAt(now.start().moved(have, wanted));
    }
}
