package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.bend.program.Bend;
import toroid.core.bend.program.ScrewRun;
import toroid.core.bend.program.SpiralRun;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.numeric.Refusal;

/** Steps with their numbers: where to grip, on what, how far, springback allowed for. */
final class FormSteps {
    private static final double CLOSE = 1e-9;

    private FormSteps() {}

    /** Cut each wire, mark it, then the form's own steps, then trim and file. */
    static List<FormStep> of(FormRequest request, List<FormedWire> wires, List<StepDraft> drafts) {
        var steps = new ArrayList<FormStep>();
        for (FormedWire wire : wires) {
            Metal metal = request.metalOf(wire.name());
            String of = metal == request.metal() ? "straight" : "straight, " + metal.name();
            steps.add(FormStep.plain(FormStep.Kind.CUT, of, wire.name()));
            if (wire.middleMm() > 0 || !Marks.of(wire).isEmpty()) {
                steps.add(FormStep.plain(
                        FormStep.Kind.MARK, wire.middleMm() > 0 ? "middle" : "from the first end", wire.name()));
            }
        }
        for (StepDraft draft : drafts) {
            FormedWire wire = wires.stream()
                    .filter(w -> w.name().equals(draft.wire()))
                    .findFirst()
                    .orElse(null);
            if (draft.number() < 0 || wire == null) {
                steps.add(new FormStep(
                        -1,
                        draft.kind(),
                        draft.part(),
                        draft.wire(),
                        draft.meltsMm(),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        false,
                        null));
            } else {
                bent(request, wire, draft, steps);
            }
        }
        for (FormedWire wire : wires) {
            var ends = new ArrayList<FormStep>();
            if (wire.offcutMm() > 0) {
                ends.add(FormStep.plain(FormStep.Kind.TRIM, "ends", wire.name()));
            }
            if (wire.ends().contains(EndState.FILED)) {
                ends.add(FormStep.plain(FormStep.Kind.FILE, "ends", wire.name()));
            }
            steps.addAll(doneWith(steps, wire.name()), ends);
        }
        return steps;
    }

    /** Where a wire's ends are seen to: once it is formed, where another is threaded through it or on it after that; else last of all. */
    private static int doneWith(List<FormStep> steps, String wire) {
        int last = -1;
        for (int i = 0; i < steps.size(); i++) {
            last = steps.get(i).wire().equals(wire) ? i : last;
        }
        boolean slidOn =
                steps.subList(last + 1, steps.size()).stream().anyMatch(step -> step.kind() == FormStep.Kind.THREAD);
        return slidOn ? last + 1 : steps.size();
    }

    private static void bent(FormRequest request, FormedWire wire, StepDraft draft, List<FormStep> out) {
        double length = wire.program().wireOfStepMm(draft.number());
        double grip = gripMm(wire, draft.number());
        ScrewRun main = sharpest(wire, draft.number());
        SpiralRun spiral = spiral(wire, draft.number());
        Double inside = null;
        Double degrees = null;
        Double turns = spiral == null ? null : spiral.curve().turns();
        Double tool = null;
        Double held = null;
        if (main != null && spiral == null) {
            double radius = radiusMm(main);
            inside = 2 * radius - wire.diameterMm();
            double bent = Math.toDegrees(turned(wire, draft.number(), radius));
            degrees = bent;
            turns = Math.abs(main.torsion()) > CLOSE || draft.kind() == FormStep.Kind.WRAP ? bent / 360 : null;
            tool = toolMm(request, wire, inside);
            held = tool == null ? null : bent * (inside + wire.diameterMm()) / (tool + wire.diameterMm());
        }
        if (draft.kind() == FormStep.Kind.BIND || draft.kind() == FormStep.Kind.CRIMP) {
            // laid by hand on what is there: no tool gives it
            inside = null;
            tool = null;
            held = null;
            degrees = null;
        }
        if (draft.turns() != null) {
            turns = draft.turns();
            degrees = draft.kind() == FormStep.Kind.SOLDER ? null : Double.valueOf(360 * draft.turns());
        }
        if (draft.woundMm() != null && turns != null) {
            inside = draft.woundMm();
            tool = toolMm(request, wire, inside);
            degrees = 360 * turns;
            held = tool == null ? null : degrees * (inside + wire.diameterMm()) / (tool + wire.diameterMm());
        }
        if (draft.rodMm() != null) {
            tool = draft.rodMm();
            boolean springs = inside != null && inside > tool && degrees != null;
            held = springs ? degrees * (inside + wire.diameterMm()) / (tool + wire.diameterMm()) : null;
            inside = inside == null ? tool : inside;
        }
        out.add(new FormStep(
                draft.number(),
                draft.kind(),
                draft.part(),
                draft.wire(),
                length,
                wire.tails().firstMm() + grip,
                wire.middleMm() > 0 ? Math.abs(grip - wire.program().onWireMm(wire.middleMm())) : null,
                inside,
                tool,
                degrees,
                held,
                turns,
                draft.flat(),
                goesOn(wire, grip),
                half(wire, draft.number())));
    }

    /** Which half of a wire worked from its middle a step bends; null for both. */
    private static FormStep.Half half(FormedWire wire, int step) {
        if (wire.middleMm() == 0) {
            return null;
        }
        double[] at = wire.program().beginningsOnWireMm();
        double middle = wire.program().onWireMm(wire.middleMm());
        List<Bend> bends = wire.program().bends();
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (int i = 0; i < bends.size(); i++) {
            if (bends.get(i).step() == step) {
                least = Math.min(least, at[i]);
                most = Math.max(most, at[i + 1]);
            }
        }
        return most <= middle + CLOSE ? FormStep.Half.FIRST : least >= middle - CLOSE ? FormStep.Half.SECOND : null;
    }

    /** Neither at a mark nor where the wire begins, nor at the middle it is worked from. */
    private static boolean goesOn(FormedWire wire, double gripMm) {
        boolean begins = gripMm < CLOSE && wire.middleMm() == 0;
        return !begins && !Marks.isMarked(Marks.of(wire), wire.tails().firstMm() + gripMm);
    }

    /** The rod that leaves that inside diameter, or null when the bend is crisp or the wire only flexes. */
    private static Double toolMm(FormRequest request, FormedWire wire, double insideMm) {
        double d = wire.diameterMm();
        if (insideMm < 0.75 * d || insideMm < Springback.SMALLEST_MANDREL_MM) {
            return null;
        }
        try {
            Metal metal = request.metalOf(wire.name());
            FlowEstimate flow = metal == request.metal() ? request.flow() : WireMetals.flowOf(metal, request.temper());
            return Springback.mandrelForMm(
                    BarInBending.ofWire(d, metal.youngsModulus().inMegapascals(), flow.curve()), insideMm);
        } catch (Refusal flexes) {
            return null;
        }
    }

    /** Radius of the cylinder a run lies on: {@code κ/(κ² + τ²)}. */
    private static double radiusMm(ScrewRun run) {
        return run.curvature() / (run.curvature() * run.curvature() + run.torsion() * run.torsion());
    }

    /** Of legs that are bent as one, what each of them turns. */
    private static double turned(FormedWire wire, int step, double radius) {
        double angle = 0;
        List<Bend> bends = wire.program().bends();
        int from = isAsOne(wire, step) ? firstOfSecondHalf(wire) : 0;
        for (Bend bend : bends.subList(from, bends.size())) {
            if (bend.step() == step && bend.run().flat() instanceof ScrewRun run && run.curvature() > CLOSE) {
                double turn = Math.hypot(run.curvature(), run.torsion()) * run.lengthMm();
                angle += Math.abs(radiusMm(run) - radius) < 1e-6 * radius ? turn : 0;
            }
        }
        return angle;
    }

    /** Whether a step bends both halves of a wire worked from its middle, away from that middle. */
    private static boolean isAsOne(FormedWire wire, int step) {
        if (wire.middleMm() == 0) {
            return false;
        }
        List<Bend> bends = wire.program().bends();
        int second = firstOfSecondHalf(wire);
        return bends.subList(0, second).stream().anyMatch(bend -> bend.step() == step)
                && bends.subList(second, bends.size()).stream().anyMatch(bend -> bend.step() == step);
    }

    private static int firstOfSecondHalf(FormedWire wire) {
        double[] at = wire.program().beginningsOnWireMm();
        double middle = wire.program().onWireMm(wire.middleMm());
        int first = 0;
        while (first < wire.program().bends().size() && at[first] < middle - CLOSE) {
            first++;
        }
        return first;
    }

    /** The run that carries most of the step's turning. */
    private static ScrewRun sharpest(FormedWire wire, int step) {
        ScrewRun most = null;
        for (Bend bend : wire.program().bends()) {
            if (bend.step() == step && bend.run().flat() instanceof ScrewRun run && run.curvature() > CLOSE) {
                boolean more =
                        most == null || run.curvature() * run.lengthMm() > most.curvature() * most.lengthMm() + CLOSE;
                most = more ? run : most;
            }
        }
        return most;
    }

    private static SpiralRun spiral(FormedWire wire, int step) {
        return wire.program().bends().stream()
                .filter(bend -> bend.step() == step && bend.run() instanceof SpiralRun)
                .map(bend -> (SpiralRun) bend.run())
                .findFirst()
                .orElse(null);
    }

    /** Where the step begins: its end nearer to the middle the form is worked from. */
    private static double gripMm(FormedWire wire, int step) {
        double[] at = wire.program().beginningsOnWireMm();
        double middle = wire.middleMm() == 0 ? 0 : wire.program().onWireMm(wire.middleMm());
        List<Bend> bends = wire.program().bends();
        double best = Double.NaN;
        for (int i = 0; i < bends.size(); i++) {
            if (bends.get(i).step() == step) {
                for (double place : new double[] {at[i], at[i + 1]}) {
                    boolean nearer = Double.isNaN(best) || Math.abs(place - middle) < Math.abs(best - middle) - CLOSE;
                    best = nearer ? place : best;
                }
            }
        }
        return Double.isNaN(best) ? 0 : best;
    }
}
