package toroid.core.ring;

import static toroid.core.quantity.Figure.Basis.EXACT;
import static toroid.core.quantity.Figure.Basis.GIVEN;
import static toroid.core.quantity.Figure.Basis.PRACTICE;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import toroid.core.bend.BendingStrain;
import toroid.core.quantity.Figure;

/** Every figure of one ring, each with its formula, its worked values, its band and its source. */
public final class RingFigures {
    private static final String GEOMETRY = "Geometry of the torus; exact.";
    private static final String PLASTIC_BENDING =
            "Elastic–perfectly-plastic bending of a round bar; Gardiner, The spring back of metals, Trans. ASME 79 (1957), gives"
                    + " the sheet version.";
    private static final String LIMIT_ANALYSIS =
            "Plastic hinge opposite the gap; standard limit analysis of a curved bar.";

    private RingFigures() {}

    /** In reading order: wire, mandrel, sprung, closed, ratios, wire and mass, soundness. */
    public static List<Figure> of(RingWork work) {
        var figures = new ArrayList<Figure>();
        sizes(work, figures);
        ratios(work, figures);
        material(work, figures);
        soundness(work, figures);
        return figures;
    }

    private static void sizes(RingWork w, List<Figure> out) {
        double d = w.closed().wireDiameterMm();
        out.add(Figure.exact("wire", d, "mm", GIVEN, "d", say("d = %.3f mm", d), "As measured with a caliper."));
        boolean measured = w.flow().measurements() > 0;
        out.add(Figure.exact(
                "mandrel",
                w.mandrelDiameterMm(),
                "mm",
                GIVEN,
                "M: chosen, or the rod whose sprung and closed ring is the one wanted",
                say("M = %.3f mm", w.mandrelDiameterMm()),
                "Inverse of the springback below."));
        String why = measured
                ? say(
                        "flow stress %.0f MPa at 15 %% strain, n = %.2f, from the handbook moved by %d of your own measurements",
                        w.flow().curve().strengthMpa(),
                        w.flow().curve().exponent(),
                        w.flow().measurements())
                : say(
                        "flow stress %.0f MPa at 15 %% strain, n = %.2f, handbook for this metal and temper",
                        w.flow().curve().strengthMpa(), w.flow().curve().exponent());
        out.add(new Figure(
                "inner-sprung",
                w.sprung().innerDiameterMm(),
                w.sprungLowMm(),
                w.sprungHighMm(),
                "mm",
                w.flow().basis(),
                "κ = κ₀ − M_b/(E I), ID = 2/κ − d, κ₀ = 2/(M + d), M_b: the moment that holds κ₀",
                say(
                        "M = %.3f, d = %.3f, E = %.0f GPa, %s → ID = %.3f mm",
                        w.mandrelDiameterMm(),
                        d,
                        w.metal().youngsModulus().inGigapascals(),
                        why,
                        w.sprung().innerDiameterMm()),
                PLASTIC_BENDING));
        out.add(closedInner(w));
        out.add(Figure.exact(
                "outer-closed",
                w.closed().outerDiameterMm(),
                "mm",
                EXACT,
                "OD = ID + 2d",
                say(
                        "%.3f + 2 × %.3f = %.3f mm",
                        w.closed().innerDiameterMm(), d, w.closed().outerDiameterMm()),
                GEOMETRY));
        out.add(springbackPercent(w));
    }

    private static Figure closedInner(RingWork w) {
        String formula;
        String worked;
        if (w.cut() instanceof RingCut.Saw saw) {
            formula = w.turns() == 1 ? "ID = (ℓ_turn − k)/π − d" : "ID = √((n ℓ_turn − k)²/n² − d²)/π − d";
            worked = say(
                    "ℓ_turn = %.3f, k = %.2f, d = %.3f → ID = %.3f mm",
                    w.sprung().turnLengthMm(),
                    saw.kerfMm(),
                    w.closed().wireDiameterMm(),
                    w.closed().innerDiameterMm());
        } else {
            formula = "ID = ID sprung: cutters take nothing out of the ring";
            worked = say("ID = %.3f mm", w.closed().innerDiameterMm());
        }
        return new Figure(
                "inner-closed",
                w.closed().innerDiameterMm(),
                w.closedLowMm(),
                w.closedHighMm(),
                "mm",
                w.flow().basis(),
                formula,
                worked,
                "The ring's wire is one turn less the kerf; band carried over from the springback.");
    }

    private static Figure springbackPercent(RingWork w) {
        double percent = 100 * (w.sprung().innerDiameterMm() / w.mandrelDiameterMm() - 1);
        double low = 100 * (w.sprungLowMm() / w.mandrelDiameterMm() - 1);
        double high = 100 * (w.sprungHighMm() / w.mandrelDiameterMm() - 1);
        return new Figure(
                "springback",
                percent,
                low,
                high,
                "%",
                w.flow().basis(),
                "100 (ID/M − 1)",
                say("100 × (%.3f/%.3f − 1) = %.2f %%", w.sprung().innerDiameterMm(), w.mandrelDiameterMm(), percent),
                PLASTIC_BENDING);
    }

    private static void ratios(RingWork w, List<Figure> out) {
        double d = w.closed().wireDiameterMm();
        out.add(new Figure(
                "aspect-ratio",
                w.closed().aspectRatio(),
                w.closedLowMm() / d,
                w.closedHighMm() / d,
                "",
                w.flow().basis(),
                "AR = ID/d, of the closed ring",
                say(
                        "%.3f/%.3f = %.3f",
                        w.closed().innerDiameterMm(), d, w.closed().aspectRatio()),
                "Definition; the true aspect ratio."));
        out.add(Figure.exact(
                "aspect-ratio-nominal",
                w.nominalAspectRatio(),
                "",
                EXACT,
                "AR nominal = M/d",
                say("%.3f/%.3f = %.3f", w.mandrelDiameterMm(), d, w.nominalAspectRatio()),
                "Common practice: the ratio makers quote, mandrel ÷ wire; customary windows are in it."));
    }

    private static void material(RingWork w, List<Figure> out) {
        double wire = w.wireInRingMm();
        out.add(Figure.exact(
                "wire-per-ring",
                wire,
                "mm",
                EXACT,
                w.turns() == 1 ? "ℓ = π (ID + d)" : "ℓ = n √((π (ID + d))² + d²)",
                say(
                        "ID = %.3f, d = %.3f → %.3f mm",
                        w.closed().innerDiameterMm(), w.closed().wireDiameterMm(), wire),
                "The circle (or helix) through the middle of the wire; exact."));
        out.add(Figure.exact(
                "mass-per-ring",
                w.massGrams(),
                "g",
                EXACT,
                "m = ρ π (d/2)² ℓ; for one turn the torus, ρ 2π² (D/2)(d/2)²",
                say(
                        "ρ = %.2f g/cm³, ℓ = %.3f mm → %.4f g",
                        w.metal().densityGramsPerCubicCentimetre(), wire, w.massGrams()),
                "Pappus' theorem; density: " + w.metal().densitySource() + "."));
        out.add(Figure.exact(
                "rings-per-100g",
                100 / w.massGrams(),
                "",
                EXACT,
                "100 g/m",
                say("100/%.4f = %.1f", w.massGrams(), 100 / w.massGrams()),
                "Mass of one ring, above."));
        out.add(Figure.exact(
                "rings-per-metre",
                1000 / (w.sprung().turnLengthMm() * w.turns() + w.cut().coilLossPerRingMm()),
                "",
                EXACT,
                "1000 mm/(n ℓ_turn + trim)",
                say(
                        "1000/(%d × %.3f + %.2f)",
                        w.turns(), w.sprung().turnLengthMm(), w.cut().coilLossPerRingMm()),
                "Wire in the coil; leads, tails and spoilt turns come on top."));
    }

    private static void soundness(RingWork w, List<Figure> out) {
        double d = w.closed().wireDiameterMm();
        double strain = 100 * BendingStrain.atOuterFibre(d, w.mandrelDiameterMm());
        out.add(Figure.exact(
                "strain",
                strain,
                "%",
                EXACT,
                "ε = d/(M + d) at the outer fibre",
                say("%.3f/(%.3f + %.3f) = %.1f %%", d, w.mandrelDiameterMm(), d, strain),
                "Engineering bending strain. Hard wire cracks above about 25 % (AR below 3): common practice."));
        RingStrength strength = RingStrength.of(w.closed(), w.effectiveYieldMpa(), w.turns());
        out.add(new Figure(
                "opening-force",
                strength.opens().inNewtons(),
                strength.opens().inNewtons() * lowShare(w),
                strength.opens().inNewtons() * highShare(w),
                "N",
                w.flow().basis(),
                "F = M_p/(D/2), M_p = σ d³/6, unsoldered, pulled across a side gap; σ as hardened by winding, 6 M_b/d³",
                say(
                        "σ = %.0f MPa, d = %.3f, D = %.3f → %.1f N",
                        w.effectiveYieldMpa(),
                        d,
                        w.closed().meanDiameterMm(),
                        strength.opens().inNewtons()),
                LIMIT_ANALYSIS));
        out.add(new Figure(
                "stays-open-force",
                strength.staysOpen().inNewtons(),
                strength.staysOpen().inNewtons() * lowShare(w),
                strength.staysOpen().inNewtons() * highShare(w),
                "N",
                w.flow().basis(),
                "F = M_y/(D/2), M_y = σ π d³/32: 0.59 of the opening force",
                say(
                        "0.589 × %.1f = %.1f N",
                        strength.opens().inNewtons(), strength.staysOpen().inNewtons()),
                LIMIT_ANALYSIS));
        RingStrength.Use use = strength.use();
        out.add(Figure.exact(
                "use-threshold",
                use.leastNewtons(),
                "N",
                PRACTICE,
                "least force at which a ring stays open, for this use",
                say("%.1f N is at least %.0f N", strength.staysOpen().inNewtons(), use.leastNewtons()),
                "Our own round figures, not a standard."));
    }

    private static double lowShare(RingWork w) {
        return Math.exp(-1.96 * Math.sqrt(w.flow().strengthVariance()));
    }

    private static double highShare(RingWork w) {
        return Math.exp(1.96 * Math.sqrt(w.flow().strengthVariance()));
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
