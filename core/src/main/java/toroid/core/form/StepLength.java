package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import toroid.core.bend.program.Bend;
import toroid.core.bend.program.HammeredRun;
import toroid.core.bend.program.LiftedRun;
import toroid.core.bend.program.Run;
import toroid.core.bend.program.ScrewRun;
import toroid.core.bend.program.SpiralCurve;
import toroid.core.bend.program.SpiralRun;
import toroid.core.quantity.Figure;

/**
 * Why a stretch of wire is as long as it is: each of its runs with its own formula, with the values in it. Straights as they are;
 * arcs {@code R θ}; helices {@code N √((2πR)² + p²)}; spirals and coiled coils along their curve. Exact for the middle of round
 * wire ({@link FormFigures}). Lengths mm.
 */
final class StepLength {
    private static final double STRAIGHT = 1e-9;

    private final List<String> worked = new ArrayList<>();
    private final TreeSet<String> formulas = new TreeSet<>();
    private double lengthMm;

    private StepLength() {}

    /** The wire one step puts into the piece. */
    static Figure ofStep(FormWork work, int place) {
        FormStep step = work.steps().get(place);
        var length = new StepLength();
        if (step.kind() == FormStep.Kind.BALL) {
            length.ball(step.lengthMm(), work.request().wireDiameterMm());
        }
        for (FormedWire wire : work.wires()) {
            if (wire.name().equals(step.wire())) {
                length.add(wire.program().bends().stream()
                        .filter(bend -> bend.step() == step.id())
                        .toList());
            }
        }
        return length.figure("step-" + place);
    }

    private void ball(double melts, double d) {
        lengthMm = melts;
        formulas.add("2 b³/(3 d²)");
        worked.add(say("2 · %.2f³/(3 · %.2f²)", Math.cbrt(1.5 * d * d * melts), d));
    }

    private void add(List<Bend> bends) {
        for (Bend bend : bends) {
            if (bend.run().wireMm() > 1e-6) {
                lengthMm += bend.run().wireMm();
                worked.add(told(bend.run()));
            }
        }
    }

    private Figure figure(String id) {
        return Figure.exact(
                id,
                lengthMm,
                "mm",
                Figure.Basis.EXACT,
                "L = " + String.join(" + ", formulas),
                String.join(" + ", repeated()) + say(" = %.2f mm", lengthMm),
                FormFigures.MIDDLE);
    }

    /** Equal runs after one another are told once, with how often. */
    private List<String> repeated() {
        var told = new ArrayList<String>();
        for (int i = 0; i < worked.size(); ) {
            int end = i;
            while (end < worked.size() && worked.get(end).equals(worked.get(i))) {
                end++;
            }
            told.add(end - i > 1 ? (end - i) + " × (" + worked.get(i) + ")" : worked.get(i));
            i = end;
        }
        return told;
    }

    private String told(Run run) {
        if (run instanceof ScrewRun screw) {
            return screw(screw);
        }
        if (run instanceof LiftedRun lifted) {
            formulas.add("∫ √(1 + h′²) ds where it is lifted");
            return say(
                    "%s + %.2f lifted",
                    screw(lifted.base()), lifted.lengthMm() - lifted.base().lengthMm());
        }
        if (run instanceof HammeredRun flat) {
            formulas.add("∫ (t/d)^λ ds over each flat");
            return say("%.2f for a flat %.2f long", flat.wireMm(), flat.lengthMm());
        }
        return spiral(((SpiralRun) run).curve());
    }

    private String screw(ScrewRun run) {
        double kappa = run.curvature();
        double tau = run.torsion();
        if (kappa < STRAIGHT) {
            formulas.add("straights");
            return say("%.2f", run.lengthMm());
        }
        double squares = kappa * kappa + tau * tau;
        double radius = kappa / squares;
        if (Math.abs(tau) < STRAIGHT) {
            formulas.add("R θ");
            return say("%.2f × %.0f°·π/180", radius, Math.toDegrees(run.lengthMm() * kappa));
        }
        formulas.add("N √((2πR)² + p²)");
        double turns = run.lengthMm() * Math.sqrt(squares) / (2 * Math.PI);
        return say("%.2f × √((2π·%.2f)² + %.2f²)", turns, radius, 2 * Math.PI * Math.abs(tau) / squares);
    }

    private String spiral(SpiralCurve curve) {
        formulas.add(curve.lengthFormula());
        return say("%.2f (%.1f turns)", curve.lengthMm(), curve.turns());
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
