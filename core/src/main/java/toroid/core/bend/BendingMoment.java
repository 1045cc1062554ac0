package toroid.core.bend;

import org.hipparchus.special.Beta;
import toroid.core.metal.FlowEstimate;

/**
 * The moment that holds a round bar at a curvature. N·mm from mm and MPa.
 *
 * <p>Plane sections stay plane, so the strain at height y is {@code κ y}; the stress there is the metal's {@link
 * toroid.core.metal.FlowCurve}, alike in tension and compression. With {@code r} the wire's radius, {@code ε_y} the yield strain, {@code
 * y_e = ε_y/κ} the half-height of the elastic core and {@code φ = asin(y_e/r)}:
 *
 * <pre>M = E κ r⁴ (φ/2 − sin 4φ / 8) + 2 K κⁿ r^{n+3} [B(n/2+1, 3/2) − B_u(n/2+1, 3/2)],  u = (y_e/r)²</pre>
 *
 * with B_u the incomplete beta function; for n = 0 the second term is {@code (4/3) σ (r² − y_e²)^{3/2}}. Source: standard theory of plastic
 * bending (e.g. Stronge and Yu, Dynamic Models for Structural Plasticity, 1993, ch. 1; Gardiner, The spring back of metals, Trans.
 * ASME 79, 1957, for the sheet); the closed form of the hardening rim is ours, checked by quadrature.
 *
 * <p>Range: any curvature; below first yield it is {@code E I κ} with {@code I = π r⁴/4}. Exact within the model; the model takes
 * engineering strain and leaves out the shift of the neutral line, a few per cent of the moment at AR 3.
 */
public final class BendingMoment {
    private BendingMoment() {}

    /** Moment in N·mm to hold curvature {@code curvaturePerMm}. */
    public static double newtonMillimetres(BarInBending bar, double curvaturePerMm) {
        double r = bar.wireRadiusMm();
        double elasticHalfHeight = bar.yieldStrain() / curvaturePerMm;
        if (elasticHalfHeight >= r) {
            return bar.modulusMpa() * secondMoment(r) * curvaturePerMm;
        }
        double phi = Math.asin(elasticHalfHeight / r);
        double core = bar.modulusMpa() * curvaturePerMm * Math.pow(r, 4) * (phi / 2 - Math.sin(4 * phi) / 8);
        return core + rim(bar, curvaturePerMm, elasticHalfHeight / r);
    }

    private static double rim(BarInBending bar, double curvaturePerMm, double coreShare) {
        double r = bar.wireRadiusMm();
        double n = bar.flow().exponent();
        if (n == 0) {
            return 4.0 / 3.0 * bar.flow().strengthMpa() * Math.pow(r, 3) * Math.pow(1 - coreShare * coreShare, 1.5);
        }
        double a = n / 2 + 1;
        double share = 1 - Beta.regularizedBeta(coreShare * coreShare, a, 1.5);
        double whole = Math.exp(Beta.logBeta(a, 1.5));
        return 2 * bar.flow().coefficientMpa() * Math.pow(curvaturePerMm, n) * Math.pow(r, n + 3) * whole * share;
    }

    /**
     * The yield strength, MPa, of a bar that never hardens and takes the same moment when all of its section yields: {@code 6 M/d³}. What is
     * bent to that curvature has hardened to it.
     */
    public static double effectiveYieldMpa(BarInBending bar, double curvaturePerMm) {
        return 6 * newtonMillimetres(bar, curvaturePerMm) / Math.pow(2 * bar.wireRadiusMm(), 3);
    }

    /** The same of a wire that flows so, bent round that diameter, MPa. */
    public static double effectiveYieldMpa(
            FlowEstimate flow, double wireDiameterMm, double modulusMpa, double roundMm) {
        return effectiveYieldMpa(
                BarInBending.ofWire(wireDiameterMm, modulusMpa, flow.curve()), 2 / (roundMm + wireDiameterMm));
    }

    /** {@code M_p = σ d³/6}: the whole section yielding. N·mm. */
    public static double fullyPlasticNewtonMillimetres(double wireDiameterMm, double yieldMpa) {
        return yieldMpa * Math.pow(wireDiameterMm, 3) / 6;
    }

    /** {@code M_y = σ π d³/32}: the outer fibre just yielding, 0.589 of {@code M_p}. N·mm. */
    public static double firstYieldNewtonMillimetres(double wireDiameterMm, double yieldMpa) {
        return yieldMpa * Math.PI * Math.pow(wireDiameterMm, 3) / 32;
    }

    static double secondMoment(double wireRadiusMm) {
        return Math.PI * Math.pow(wireRadiusMm, 4) / 4;
    }
}
