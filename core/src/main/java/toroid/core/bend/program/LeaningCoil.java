package toroid.core.bend.program;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A stretched coil pressed narrower in a channel, so that all its turns lean one way: each turn stays as round as it was wound
 * but is tilted by φ about the line square to the band. The coil's axis is x, the band lies in xy:
 *
 * <p>{@code r(ψ) = (hψ + R cos ψ sin φ, −R cos ψ cos φ, ∓R sin ψ)}, {@code h = p/2π}; speed
 * {@code √(h² − 2hR sin ψ sin φ + R²)}, integrated to a relative 1e-9 ({@link ArcLength}). Seen along the axis it is
 * {@code cos φ} as wide as it was. At φ = 0 it is the plain helix.
 */
public final class LeaningCoil implements SpiralCurve {
    private static final int PANELS_PER_TURN = 8;

    private final CoilSize coil;
    private final double lean;
    private final double h;
    private final ArcLength length;

    /**
     * @param coil as it was wound and stretched
     * @param lean φ, radians, −1.2 to 1.2
     */
    public LeaningCoil(CoilSize coil, double lean) {
        this.coil = coil;
        this.lean = Checks.within("lean", lean, -1.2, 1.2, Unit.RADIANS, Remedy.PRESS_IT_LESS);
        h = coil.pitchMm() / (2 * Math.PI);
        length = new ArcLength(this::speed, 0, 2 * Math.PI * coil.turns(), Math.max(1, (int)
                Math.ceil(coil.turns() * PANELS_PER_TURN)));
    }

    private double speed(double psi) {
        double r = coil.radiusMm();
        return Math.sqrt(h * h - 2 * h * r * Math.sin(psi) * Math.sin(lean) + r * r);
    }

    private double hand() {
        return coil.rightHanded() ? 1 : -1;
    }

    @Override
    public double lengthMm() {
        return length.total();
    }

    @Override
    public String lengthFormula() {
        return "∫ √(h² − 2hR sin ψ sin φ + R²) dψ";
    }

    @Override
    public double turns() {
        return coil.turns();
    }

    @Override
    public Frame at(double alongMm) {
        double psi = length.parameterAt(alongMm);
        double r = coil.radiusMm();
        double cos = Math.cos(psi);
        double sin = Math.sin(psi);
        var axis = new Vector3D(h * psi, 0, 0);
        var place = new Vector3D(h * psi + r * cos * Math.sin(lean), -r * cos * Math.cos(lean), -hand() * r * sin);
        var along = new Vector3D(h - r * sin * Math.sin(lean), r * sin * Math.cos(lean), -hand() * r * cos);
        return Frame.at(place, along, axis.subtract(place));
    }

    @Override
    public double sharpestCurvature() {
        double r = coil.radiusMm();
        return r / (h * h - 2 * h * r * Math.abs(Math.sin(lean)) + r * r);
    }

    @Override
    public SpiralCurve scaled(double factor) {
        return new LeaningCoil(
                new CoilSize(coil.radiusMm() * factor, coil.pitchMm() * factor, coil.turns(), coil.rightHanded()),
                lean);
    }
}
