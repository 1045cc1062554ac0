package toroid.core.ring;

import static toroid.core.quantity.Figure.Basis.EXACT;

import java.util.List;
import java.util.Locale;
import toroid.core.metal.Metal;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Length;
import toroid.core.wire.Wire;

/** The figures of a coil plan: turns, lengths, wire, mass. Of the first coil where they are per coil. */
public final class CoilFigures {
    private CoilFigures() {}

    /** Empty for an empty plan. */
    public static List<Figure> of(CoilPlan plan, CoilRequest job, Metal metal) {
        if (plan.coils().isEmpty()) {
            return List.of();
        }
        Coil coil = plan.coils().get(0);
        double mass = new Wire(Length.ofMillimetres(job.wound().wireDiameterMm()), metal)
                .massOf(Length.ofMillimetres(plan.wireMm()))
                .inGrams();
        return List.of(
                Figure.exact(
                        "turns-to-wind",
                        coil.turnsWound(),
                        "",
                        job.wound().equals(job.sprung()) ? EXACT : Figure.Basis.THEORY,
                        "⌈N D/D₀⌉, N = rings × turns (and their trims) + spoilt turns",
                        say(
                                "D/D₀ = %.4f, %d rings + %d spoilt → %d turns, which leave %.1f",
                                job.opening(), coil.rings(), coil.spoiltTurns(), coil.turnsWound(), coil.turnsSprung()),
                        "The wire's length and bend are conserved when the coil unwinds: N D₀/D turns are left."),
                Figure.exact(
                        "coil-length",
                        coil.woundLengthMm(),
                        "mm",
                        EXACT,
                        "(N + 1) d",
                        say(
                                "(%d + 1) × %.3f = %.1f mm",
                                coil.turnsWound(), job.wound().wireDiameterMm(), coil.woundLengthMm()),
                        "Close-wound helix of pitch d; exact when every turn touches the last."),
                Figure.exact(
                        "wire-total",
                        plan.wireMm(),
                        "mm",
                        EXACT,
                        "Σ (N √((π(M + d))² + d²) + lead + tail)",
                        say(
                                "%d coil%s: first %d × %.3f + %.0f + %.0f mm",
                                plan.coils().size(),
                                plan.coils().size() == 1 ? "" : "s",
                                coil.turnsWound(),
                                job.wound().turnLengthMm(),
                                coil.leadMm(),
                                coil.tailMm()),
                        "Helix through the middle of the wire, on the mandrel."),
                Figure.exact(
                        "mass-total",
                        mass,
                        "g",
                        EXACT,
                        "m = ρ π d²/4 · L",
                        say(
                                "ρ = %.2f g/cm³, L = %.2f m → %.2f g",
                                metal.densityGramsPerCubicCentimetre(), plan.wireMm() / 1000, mass),
                        "Cylinder; density: " + metal.densitySource() + "."));
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
