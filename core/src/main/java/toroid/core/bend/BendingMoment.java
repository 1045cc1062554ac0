package toroid.core.bend;

/**
 * The moment that holds a round elastic–perfectly-plastic bar at a curvature. N·mm from mm and MPa.
 *
 * <p>Source: standard theory of plastic bending (e.g. Stronge and Yu, Dynamic Models for Structural Plasticity, 1993, ch. 1;
 * Gardiner, The spring back of metals, Trans. ASME 79, 1957, for the sheet). With {@code r} the wire's radius, {@code κ} the
 * curvature, {@code y_e = σ/(E κ)} the half-height of the elastic core and {@code φ = asin(y_e/r)}:
 *
 * <pre>M = E κ r⁴ (φ/2 − sin 4φ / 8) + (4/3) σ (r² − y_e²)^{3/2}</pre>
 *
 * Range: any curvature; below first yield it is {@code E I κ} with {@code I = π r⁴/4}. Exact within the model.
 */
public final class BendingMoment {
    private BendingMoment() {}

    /** Moment in N·mm to hold curvature {@code curvaturePerMm}. */
    public static double newtonMillimetres(BarInBending bar, double curvaturePerMm) {
        double r = bar.wireRadiusMm();
        double elasticHalfHeight = bar.yieldMpa() / (bar.modulusMpa() * curvaturePerMm);
        if (elasticHalfHeight >= r) {
            return bar.modulusMpa() * secondMoment(r) * curvaturePerMm;
        }
        double phi = Math.asin(elasticHalfHeight / r);
        double core = bar.modulusMpa() * curvaturePerMm * Math.pow(r, 4) * (phi / 2 - Math.sin(4 * phi) / 8);
        double rim = 4.0 / 3.0 * bar.yieldMpa() * Math.pow(r * r - elasticHalfHeight * elasticHalfHeight, 1.5);
        return core + rim;
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
