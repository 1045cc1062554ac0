package toroid.core.form;

import static toroid.core.quantity.Figure.Basis.EXACT;
import static toroid.core.quantity.Figure.Basis.PRACTICE;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Length;
import toroid.core.wire.Wire;

/** The figures of a form, each with its formula, its worked values and its source. */
public final class FormFigures {
    private static final String MIDDLE =
            "Round wire bends about its middle (K-factor ½); arcs, helices and flat spirals exact, domed and coiled coils integrated.";

    private FormFigures() {}

    /** In the piece, to cut, offcut, mass; then one figure for each wire when there are several. */
    public static List<Figure> of(FormWork work) {
        var figures = new ArrayList<Figure>();
        figures.add(total(work));
        figures.add(toCut(work));
        figures.add(offcut(work));
        figures.add(mass(work));
        return figures;
    }

    private static Figure total(FormWork work) {
        var parts = new ArrayList<String>();
        for (FormStep step : work.steps()) {
            if (step.lengthMm() > 0) {
                parts.add(say("%s %.2f", step.part(), step.lengthMm()));
            }
        }
        double length = work.inPiece().inMillimetres();
        return Figure.exact(
                "length-in-piece",
                length,
                "mm",
                EXACT,
                "L = Σ of straights, arcs R θ, helices N √((2πR)² + p²), spirals",
                String.join(" + ", parts) + say(" = %.2f mm", length),
                MIDDLE);
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
                "Tails: what the hand holds; common practice, then your own log.");
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
        double grams = 0;
        for (FormedWire wire : work.wires()) {
            grams += new Wire(
                            Length.ofMillimetres(wire.diameterMm()),
                            work.request().metal())
                    .massOf(Length.ofMillimetres(wire.inPiece().inMillimetres()))
                    .inGrams();
        }
        return Figure.exact(
                "mass-in-piece",
                grams,
                "g",
                EXACT,
                "m = ρ π d²/4 · L",
                say(
                        "ρ = %.2f g/cm³, L = %.1f mm → %.3f g",
                        work.request().metal().densityGramsPerCubicCentimetre(),
                        work.inPiece().inMillimetres(),
                        grams),
                "Cylinder; density: " + work.request().metal().densitySource() + ".");
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
