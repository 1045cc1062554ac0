package toroid.core.bend.program;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Newton;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A flat spiral whose centre lines lie {@code spacing} apart: {@code r = r₀ + s θ/2π}.
 *
 * <p>Length, exact: with {@code a = s/2π}, {@code L = [r √(r² + a²)/2a + (a/2) asinh(r/a)]} between r₀ and r₁ (Archimedean
 * spiral, any handbook of plane curves). For many turns it nears {@code π (r₁² − r₀²)/s}.
 *
 * @param innerRadiusMm r₀, of the centre line, 0.01 mm up
 * @param outerRadiusMm r₁, larger than r₀
 * @param spacingMm s, centre line to centre line; the wire's diameter for a closed spiral
 */
public record FlatSpiral(double innerRadiusMm, double outerRadiusMm, double spacingMm) implements SpiralCurve {
    /** Newton's last step, mm; what is left of the error is about its square. */
    private static final double TOLERANCE = 1e-7;

    public FlatSpiral {
        Checks.within("innerRadiusMm", innerRadiusMm, 0.01, 500, Unit.MM, Remedy.BEGIN_ON_A_THICKER_JAW);
        Checks.within("spacingMm", spacingMm, 0.01, 200, Unit.MM, Remedy.OPEN_THE_SPIRAL_LESS);
        Checks.within("outerRadiusMm", outerRadiusMm, innerRadiusMm, 1000, Unit.MM, Remedy.MAKE_THE_SPIRAL_WIDER);
    }

    private double rate() {
        return spacingMm / (2 * Math.PI);
    }

    @Override
    public String lengthFormula() {
        return "∫ √(r² + (s/2π)²) dθ";
    }

    @Override
    public double turns() {
        return (outerRadiusMm - innerRadiusMm) / spacingMm;
    }

    @Override
    public double lengthMm() {
        return upTo(outerRadiusMm);
    }

    private double upTo(double radius) {
        return primitive(radius) - primitive(innerRadiusMm);
    }

    private double primitive(double r) {
        double a = rate();
        return r * Math.sqrt(r * r + a * a) / (2 * a) + a / 2 * asinh(r / a);
    }

    private static double asinh(double x) {
        return Math.log(x + Math.sqrt(x * x + 1));
    }

    @Override
    public Frame at(double alongMm) {
        double r = radiusAt(alongMm);
        double a = rate();
        double theta = (r - innerRadiusMm) / a;
        double cos = Math.cos(theta);
        double sin = Math.sin(theta);
        double speed = Math.sqrt(r * r + a * a);
        Vector3D tangent = new Vector3D((a * cos - r * sin) / speed, (a * sin + r * cos) / speed, 0);
        return new Frame(new Vector3D(r * cos, r * sin, 0), tangent, new Vector3D(-tangent.getY(), tangent.getX(), 0));
    }

    /** Radius of the centre line {@code alongMm} from the inner end. */
    public double radiusAt(double alongMm) {
        if (alongMm <= 0) {
            return innerRadiusMm;
        }
        if (alongMm >= lengthMm()) {
            return outerRadiusMm;
        }
        return Newton.rising(
                r -> upTo(r) - alongMm,
                r -> Math.sqrt(r * r + rate() * rate()) / rate(),
                Math.sqrt(innerRadiusMm * innerRadiusMm + spacingMm * alongMm / Math.PI),
                innerRadiusMm,
                outerRadiusMm,
                TOLERANCE);
    }

    @Override
    public double sharpestCurvature() {
        double r = innerRadiusMm;
        double a = rate();
        return (r * r + 2 * a * a) / Math.pow(r * r + a * a, 1.5);
    }

    @Override
    public SpiralCurve scaled(double factor) {
        return new FlatSpiral(innerRadiusMm * factor, outerRadiusMm * factor, spacingMm * factor);
    }
}
