package toroid.core.weave;

import static toroid.core.quantity.Figure.Basis.EXACT;
import static toroid.core.quantity.Figure.Basis.THEORY;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import toroid.core.quantity.Figure;
import toroid.core.ring.Ring;
import toroid.core.ring.Tightness;
import toroid.core.weave.pattern.WeavePattern;

/** The figures of a solved weave, each with its formula, its worked values and where it comes from. */
public final class WeaveFigures {
    private static final String SOLVED =
            "Rigid round rings: exact distances of centre circles, small quadratic programmes over all contacts. Real rings give a little and are not quite round.";

    private WeaveFigures() {}

    /** Those that were reached, in mm, g and pure numbers. */
    public static List<Figure> of(WeavePattern pattern, WeaveAnswer answer, WeaveRings rings, double density) {
        Ring first = rings.ring(0);
        var figures = new ArrayList<Figure>();
        figures.add(Figure.exact(
                "weave-aspect-ratio",
                answer.aspectRatio(),
                "",
                EXACT,
                "AR = ID / d",
                say("%.2f / %.2f = %.3f", first.innerDiameterMm(), first.wireDiameterMm(), answer.aspectRatio()),
                "As measured; nominal (mandrel ÷ wire) is 1 to 9 % less, by springback."));
        figures.add(Figure.exact(
                "weave-aspect-ratio-min",
                answer.aspectRatioMin(),
                "",
                THEORY,
                "AR_min = 2R / t − 1, t the thickest wire for rings of middle radius R",
                say(
                        "2 · %.3f / %.3f − 1 = %.3f",
                        first.meanDiameterMm() / 2,
                        first.meanDiameterMm() / (answer.aspectRatioMin() + 1),
                        answer.aspectRatioMin()),
                SOLVED));
        figures.add(Figure.exact(
                "weave-play",
                100 * answer.play(),
                "%",
                EXACT,
                "play = (AR + 1) / (AR_min + 1) − 1",
                say(
                        "(%.3f + 1) / (%.3f + 1) − 1 = %.1f %%",
                        answer.aspectRatio(), answer.aspectRatioMin(), 100 * answer.play()),
                say(
                        "How much thicker wire would go in. Ours: tight below %.0f %%, drapes to %.0f %%, floppy from %.0f %%.",
                        100 * Tightness.TIGHT_BELOW, 100 * Tightness.USUAL_BELOW, 100 * Tightness.LOOSE_BELOW)));
        pitches(figures, answer);
        perLength(figures, pattern, answer, rings, density);
        return figures;
    }

    private static void pitches(List<Figure> figures, WeaveAnswer answer) {
        pitch(
                figures,
                "weave-taut",
                answer.tautPitchMm(),
                "the longest cell in which no wire is nearer than d",
                answer);
        pitch(
                figures,
                "weave-rest",
                answer.restPitchMm(),
                "the cell whose rings are furthest from touching, evenly about a chain's axis where that fits",
                answer);
        pitch(
                figures,
                "weave-shortest",
                answer.shortestPitchMm(),
                "the shortest cell in which no wire is nearer than d",
                answer);
        pitch(
                figures,
                "weave-across",
                answer.acrossTautMm(),
                "the longest cell across in which no wire is nearer than d",
                answer);
        pitch(
                figures,
                "weave-across-shortest",
                answer.acrossShortestMm(),
                "the shortest cell across in which no wire is nearer than d",
                answer);
    }

    private static void pitch(List<Figure> figures, String id, Double mm, String formula, WeaveAnswer answer) {
        if (mm != null) {
            figures.add(Figure.exact(
                    id,
                    mm,
                    "mm",
                    THEORY,
                    formula,
                    say(
                            "%.3f mm, a cell of %d rings; short of fitting by at most %.1e mm",
                            mm, answer.ringsPerUnit(), Math.max(1e-9, answer.residualMm())),
                    SOLVED));
        }
    }

    private static void perLength(
            List<Figure> figures, WeavePattern pattern, WeaveAnswer answer, WeaveRings rings, double density) {
        if (answer.ringsPer100mm() != null) {
            figures.add(Figure.exact(
                    "weave-per-100",
                    answer.ringsPer100mm(),
                    "",
                    EXACT,
                    "100 mm / taut cell × rings of a cell",
                    say("100 / %.3f × %d = %.1f", answer.tautPitchMm(), answer.ringsPerUnit(), answer.ringsPer100mm()),
                    "Ends not counted."));
            figures.add(Figure.exact(
                    "weave-mass-per-100",
                    answer.massPer100mmG(),
                    "g",
                    EXACT,
                    "Σ rings in 100 mm × ρ 2π² R (d/2)²",
                    say("ρ = %.2f g/cm³ → %.2f g", density, answer.massPer100mmG()),
                    "Tori, closed without a gap."));
        }
        if (answer.ringsPerSquareCm() != null) {
            figures.add(Figure.exact(
                    "weave-per-square",
                    answer.ringsPerSquareCm(),
                    "",
                    EXACT,
                    "rings of a cell / its area at rest",
                    say("%d rings → %.2f in a square cm", pattern.rings().size(), answer.ringsPerSquareCm()),
                    "Edges not counted."));
        }
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
