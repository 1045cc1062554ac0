package toroid.core.form;

import static toroid.core.quantity.Figure.Basis.EXACT;
import static toroid.core.quantity.Figure.Basis.PRACTICE;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import toroid.core.metal.Metal;
import toroid.core.quantity.Figure;

/** The figures of a form, each with its formula, its worked values and its source. */
public final class FormFigures {
    static final String MIDDLE =
            "Round wire bends about its middle (K-factor ½); arcs, helices and flat spirals exact, domed and coiled coils integrated.";

    private static final String TAILS = "Tails: what the hand holds; common practice, then your own log.";

    private FormFigures() {}

    /**
     * In the piece, to cut, offcut, mass, wire for all copies; then each wire's length in the piece and to cut
     * ({@code wire-0-in-piece}, {@code wire-0-to-cut}), then that of every step which puts wire into the piece
     * ({@code step-3} for the fourth).
     *
     * @param copies how many are made, 1 up
     */
    public static List<Figure> of(FormWork work, int copies) {
        var figures = new ArrayList<Figure>();
        figures.add(inPiece("length-in-piece", parts(work, null), work.inPiece()));
        figures.add(toCut(work));
        figures.add(offcut(work));
        figures.add(mass(work));
        figures.add(forCopies(work, copies));
        figures.addAll(work.own());
        for (int i = 0; i < work.wires().size(); i++) {
            FormedWire wire = work.wires().get(i);
            Figure inPiece = inPiece("wire-" + i + "-in-piece", parts(work, wire), wire.inPiece());
            figures.add(wire.slack() == null ? inPiece : within(inPiece, wire.slack()));
            figures.add(toCut(i, wire));
        }
        for (int i = 0; i < work.steps().size(); i++) {
            if (work.steps().get(i).lengthMm() > 0) {
                figures.add(StepLength.ofStep(work, i));
            }
        }
        return figures;
    }

    /** What each step puts into a wire; into all wires when it is null. */
    private static List<String> parts(FormWork work, FormedWire only) {
        var parts = new ArrayList<String>();
        for (FormStep step : work.steps()) {
            if (step.lengthMm() > 0 && (only == null || only.name().equals(step.wire()))) {
                parts.add(say("%s %.2f", step.part(), step.lengthMm()));
            }
        }
        return parts;
    }

    private static Figure toCut(int place, FormedWire wire) {
        return Figure.exact(
                "wire-" + place + "-to-cut",
                wire.toCut().inMillimetres(),
                "mm",
                PRACTICE,
                "in the piece + first tail + second tail",
                say(
                        "%.2f + %.1f + %.1f = %.2f mm",
                        wire.inPiece().inMillimetres(),
                        wire.tails().firstMm(),
                        wire.tails().secondMm(),
                        wire.toCut().inMillimetres()),
                TAILS);
    }

    private static Figure forCopies(FormWork work, int copies) {
        double one = work.toCut().inMillimetres();
        return Figure.exact(
                "wire-for-copies",
                work.toCutFor(copies).inMillimetres(),
                "mm",
                EXACT,
                "copies × to cut",
                say("%d × %.2f = %.1f mm", copies, one, copies * one),
                "Multiplication; spare copies are not in it.");
    }

    private static Figure inPiece(String id, List<String> parts, DevelopedLength of) {
        double length = of.inMillimetres();
        return Figure.exact(
                id,
                length,
                "mm",
                EXACT,
                "L = Σ of straights, arcs R θ, helices N √((2πR)² + p²), spirals",
                String.join(" + ", parts) + say(" = %.2f mm", length),
                MIDDLE);
    }

    private static Figure within(Figure exact, FormedWire.Slack slack) {
        return new Figure(
                exact.id(),
                exact.value(),
                Math.min(exact.value(), slack.lowMm()),
                Math.max(exact.value(), slack.highMm()),
                exact.unit(),
                PRACTICE,
                exact.formula(),
                exact.worked(),
                slack.why());
    }

    private static Figure toCut(FormWork work) {
        double tails = work.wires().stream().mapToDouble(FormedWire::offcutMm).sum();
        double cut = work.toCut().inMillimetres();
        return Figure.exact(
                "length-to-cut",
                cut,
                "mm",
                PRACTICE,
                "in the piece + handling tails",
                say("%.2f + %.2f = %.2f mm", work.inPiece().inMillimetres(), tails, cut),
                TAILS);
    }

    private static Figure offcut(FormWork work) {
        var parts = work.wires().stream()
                .map(w -> say(
                        "%s %.1f + %.1f",
                        w.name(), w.tails().firstMm(), w.tails().secondMm()))
                .distinct()
                .toList();
        double tails = work.wires().stream().mapToDouble(FormedWire::offcutMm).sum();
        return Figure.exact(
                "offcut",
                tails,
                "mm",
                PRACTICE,
                "first tail + second tail, each wire",
                String.join("; ", parts),
                "Comes back as offcut when the ends are trimmed.");
    }

    private static Figure mass(FormWork work) {
        double grams = work.wireMassG();
        var parts = new LinkedHashMap<Metal, Double>();
        for (FormedWire wire : work.wires()) {
            parts.merge(work.request().metalOf(wire.name()), wire.inPiece().inMillimetres(), Double::sum);
        }
        return Figure.exact(
                "mass-in-piece",
                grams,
                "g",
                EXACT,
                "m = ρ π d²/4 · L",
                parts.entrySet().stream()
                                .map(part -> say(
                                        "ρ = %.2f g/cm³, L = %.1f mm",
                                        part.getKey().densityGramsPerCubicCentimetre(), part.getValue()))
                                .collect(Collectors.joining("; "))
                        + say(" → %.3f g", grams),
                "Cylinder; density: "
                        + parts.keySet().stream()
                                .map(Metal::densitySource)
                                .distinct()
                                .collect(Collectors.joining("; "))
                        + ".");
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
