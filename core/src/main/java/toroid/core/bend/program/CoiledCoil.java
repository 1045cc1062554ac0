package toroid.core.bend.program;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

/**
 * A coil whose axis is itself a coil: the wire of a coil wound on a coil.
 *
 * <p>With the second coil's middle line {@code C(θ) = (R cos θ, R sin θ, hθ)} and its principal normal n and binormal b, the wire
 * lies at {@code C + r (cos φ n + sin φ b)}, φ running evenly. Length by integration to a relative 1e-9 ({@link ArcLength}).
 * The second coil's twist is left out: turns are counted along its middle line.
 */
public final class CoiledCoil implements SpiralCurve {
    private final CoilSize around;
    private final double radiusMm;
    private final double turns;
    private final double h;
    private final ArcLength length;

    /**
     * @param around the second coil, by its middle line; right-handed
     * @param radiusMm r, from that line to the wire's middle, smaller than the second coil's radius
     * @param turns of the wire about that line
     */
    public CoiledCoil(CoilSize around, double radiusMm, double turns) {
        this.around = around;
        this.radiusMm =
                Checks.within("radiusMm", radiusMm, 0.01, around.radiusMm(), Unit.MM, Remedy.WIND_IT_ON_A_THICKER_CORE);
        this.turns = Checks.within("turns", turns, 0.01, 20_000, Unit.TURNS, Remedy.MAKE_SEVERAL_COILS);
        h = around.pitchMm() / (2 * Math.PI);
        length = new ArcLength(this::speed, 0, whole(), Math.max(4, (int) Math.ceil(turns * 8)));
    }

    private double whole() {
        return 2 * Math.PI * around.turns();
    }

    private double phase(double theta) {
        return 2 * Math.PI * turns * theta / whole();
    }

    /** By the Frenet formulas of the middle line: {@code √((c − rR cos φ/c)² + r²(φ' + h/c)²)}, {@code c = √(R² + h²)}. */
    private double speed(double theta) {
        double c = Math.hypot(around.radiusMm(), h);
        double onward = c - radiusMm * around.radiusMm() * Math.cos(phase(theta)) / c;
        double round = radiusMm * (turns / around.turns() + h / c);
        return Math.sqrt(onward * onward + round * round);
    }

    private Vector3D place(double theta) {
        double c = Math.hypot(around.radiusMm(), h);
        double phi = phase(theta);
        Vector3D in = new Vector3D(-Math.cos(theta), -Math.sin(theta), 0);
        Vector3D b = new Vector3D(h * Math.sin(theta) / c, -h * Math.cos(theta) / c, around.radiusMm() / c);
        Vector3D middle =
                new Vector3D(around.radiusMm() * Math.cos(theta), around.radiusMm() * Math.sin(theta), h * theta);
        return Vectors.sum(1, middle, radiusMm * Math.cos(phi), in, radiusMm * Math.sin(phi), b);
    }

    /** Of {@link #place}, by hand: n' = −(sin, −cos, 0)·…, b' = (h/c)(cos, sin, 0). */
    private Vector3D derivative(double theta) {
        double c = Math.hypot(around.radiusMm(), h);
        double sin = Math.sin(theta);
        double cos = Math.cos(theta);
        double phi = phase(theta);
        double rate = turns / around.turns();
        Vector3D middle = new Vector3D(-around.radiusMm() * sin, around.radiusMm() * cos, h);
        Vector3D in = new Vector3D(-cos, -sin, 0);
        Vector3D inSlope = new Vector3D(sin, -cos, 0);
        Vector3D b = new Vector3D(h * sin / c, -h * cos / c, around.radiusMm() / c);
        Vector3D bSlope = new Vector3D(h * cos / c, h * sin / c, 0);
        Vector3D first =
                Vectors.sum(1, middle, radiusMm * Math.cos(phi), inSlope, -radiusMm * rate * Math.sin(phi), in);
        return Vectors.sum(1, first, radiusMm * Math.sin(phi), bSlope, radiusMm * rate * Math.cos(phi), b);
    }

    @Override
    public double lengthMm() {
        return length.total();
    }

    @Override
    public String lengthFormula() {
        return "∫ |dr/dθ| dθ, a coil laid round a coil";
    }

    @Override
    public double turns() {
        return turns;
    }

    @Override
    public Frame at(double alongMm) {
        double theta = length.parameterAt(alongMm);
        Vector3D middle =
                new Vector3D(around.radiusMm() * Math.cos(theta), around.radiusMm() * Math.sin(theta), h * theta);
        Vector3D place = place(theta);
        return Frame.at(place, derivative(theta), middle.subtract(place));
    }

    @Override
    public double sharpestCurvature() {
        return 1 / radiusMm;
    }

    @Override
    public SpiralCurve scaled(double factor) {
        var larger = new CoilSize(
                around.radiusMm() * factor, around.pitchMm() * factor, around.turns(), around.rightHanded());
        return new CoiledCoil(larger, radiusMm * factor, turns);
    }
}
