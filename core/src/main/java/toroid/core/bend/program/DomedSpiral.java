package toroid.core.bend.program;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

/**
 * A spiral lying on a ball, its rows {@code spacing} apart along the meridian: polar angle {@code ψ = ψ₀ + a θ},
 * {@code a = s/(2πS)}, on a ball of radius S through the wire's middle. Row j is about {@code 2πS sin(j s/S)} long.
 *
 * <p>Length {@code ∫ S √(a² + sin²ψ) dψ/a}, integrated to a relative 1e-9 ({@link ArcLength}). In its own coordinates the ball's middle is the origin and the first turn is round the pole +z, so that
 * the hollow faces −z.
 */
public final class DomedSpiral implements SpiralCurve {
    private static final int PANELS_PER_TURN = 8;

    private final double ballRadiusMm;
    private final double startAngle;
    private final double endAngle;
    private final double spacingMm;
    private final double rate;
    private final ArcLength length;

    /**
     * @param ballRadiusMm S, to the wire's middle
     * @param startAngle ψ₀ from the pole, radians
     * @param endAngle ψ₁, larger, below π
     * @param spacingMm s along the meridian
     */
    public DomedSpiral(double ballRadiusMm, double startAngle, double endAngle, double spacingMm) {
        this.ballRadiusMm =
                Checks.within("ballRadiusMm", ballRadiusMm, 0.1, 500, Unit.MM, Remedy.DOME_IT_OVER_A_LARGER_BALL);
        this.startAngle =
                Checks.within("startAngle", startAngle, 1e-3, 3, Unit.RADIANS, Remedy.BEGIN_IT_FURTHER_FROM_THE_POLE);
        this.endAngle =
                Checks.within("endAngle", endAngle, startAngle, 3.1, Unit.RADIANS, Remedy.END_IT_BEFORE_THE_OTHER_POLE);
        this.spacingMm = Checks.within("spacingMm", spacingMm, 0.01, 100, Unit.MM, Remedy.LAY_THE_ROWS_CLOSER);
        rate = spacingMm / (2 * Math.PI * ballRadiusMm);
        length = new ArcLength(
                this::speed, startAngle, endAngle, Math.max(1, (int) Math.ceil(turns() * PANELS_PER_TURN)));
    }

    private double speed(double psi) {
        double sin = Math.sin(psi);
        return ballRadiusMm / rate * Math.sqrt(rate * rate + sin * sin);
    }

    @Override
    public String lengthFormula() {
        return "∫ S √(a² + sin²ψ) dψ/a";
    }

    @Override
    public double turns() {
        return (endAngle - startAngle) / (2 * Math.PI * rate);
    }

    @Override
    public double lengthMm() {
        return length.total();
    }

    @Override
    public Frame at(double alongMm) {
        double psi = length.parameterAt(alongMm);
        double theta = (psi - startAngle) / rate;
        double sinPsi = Math.sin(psi);
        double cosPsi = Math.cos(psi);
        Vector3D out = new Vector3D(sinPsi * Math.cos(theta), sinPsi * Math.sin(theta), cosPsi);
        Vector3D south = new Vector3D(cosPsi * Math.cos(theta), cosPsi * Math.sin(theta), -sinPsi);
        Vector3D east = new Vector3D(-Math.sin(theta), Math.cos(theta), 0);
        Vector3D tangent = Vectors.sum(rate, south, sinPsi, east).normalize();
        return new Frame(out.scalarMultiply(ballRadiusMm), tangent, Vectors.cross(out, tangent));
    }

    @Override
    public double sharpestCurvature() {
        double narrowest = ballRadiusMm * Math.min(Math.sin(startAngle), Math.sin(endAngle));
        return 1 / Math.max(0.01, narrowest);
    }

    @Override
    public SpiralCurve scaled(double factor) {
        return new DomedSpiral(ballRadiusMm * factor, startAngle, endAngle, spacingMm * factor);
    }
}
