package toroid.core.metal;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;

/**
 * How hard a metal pushes back as it is bent further: elastic, {@code σ = E ε}, up to yield, then {@code σ = K εⁿ} (Hollomon, Tensile
 * deformation, Trans. AIME 162, 1945). Told by the flow stress {@code S} at a strain of {@value #REFERENCE_STRAIN}, about that of a ring of
 * aspect ratio 5 to 6, and the exponent n, since springback at the bench hangs on S and hardly on n: {@code K = S·0.15⁻ⁿ}.
 *
 * @param strengthMpa S, 0.1 to 10 000 MPa
 * @param exponent n, 0 to 0.9; 0 is perfectly plastic
 */
public record FlowCurve(double strengthMpa, double exponent) {
    public static final double REFERENCE_STRAIN = 0.15;

    public FlowCurve {
        Checks.within("flow stress", strengthMpa, 0.1, 10_000, Unit.MPA, Remedy.CHECK_THE_METALS_DATA);
        Checks.within("hardening exponent", exponent, 0, 0.9, Unit.NONE, Usual.between(0, 0.6, Unit.NONE));
    }

    /** From the two constants as handbooks give them. */
    public static FlowCurve ofHollomon(double coefficientMpa, double exponent) {
        return new FlowCurve(coefficientMpa * Math.pow(REFERENCE_STRAIN, exponent), exponent);
    }

    /** The curve with that exponent through a 0.2 % proof stress, {@code ε = σ/E + 0.002}. */
    public static FlowCurve throughProof(double proofMpa, double modulusMpa, double exponent) {
        double strain = proofMpa / modulusMpa + 0.002;
        return ofHollomon(proofMpa / Math.pow(strain, exponent), exponent);
    }

    /** Yields at that stress and never hardens. */
    public static FlowCurve perfectlyPlastic(double yieldMpa) {
        return new FlowCurve(yieldMpa, 0);
    }

    /** K, MPa. */
    public double coefficientMpa() {
        return strengthMpa * Math.pow(REFERENCE_STRAIN, -exponent);
    }

    /** Where {@code E ε} meets {@code K εⁿ}: {@code (K/E)^{1/(1−n)}}. */
    public double yieldStrain(double modulusMpa) {
        return Math.pow(coefficientMpa() / modulusMpa, 1 / (1 - exponent));
    }

    /** Stress at a strain of zero or more, MPa. */
    public double stressMpa(double strain, double modulusMpa) {
        return strain <= yieldStrain(modulusMpa) ? modulusMpa * strain : coefficientMpa() * Math.pow(strain, exponent);
    }
}
