package toroid.core.bend.program;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A spiral walked along its curve: flat, or lying on a ball. The curve knows its own place; this record lays it at the end of
 * the wire so far.
 *
 * @param curve the spiral
 * @param backwards walked from its last turn to its first
 * @param flipped the mirror image
 */
public record SpiralRun(SpiralCurve curve, boolean backwards, boolean flipped) implements Run {
    public static SpiralRun of(SpiralCurve curve) {
        return new SpiralRun(curve, false, false);
    }

    @Override
    public double lengthMm() {
        return curve.lengthMm();
    }

    @Override
    public Frame at(Frame start, double alongMm) {
        return own(alongMm).carried(own(0), start);
    }

    /** The frame on the curve itself, walked the way it is walked and mirrored in the xy plane where asked. */
    private Frame own(double alongMm) {
        Frame frame = backwards ? curve.at(lengthMm() - alongMm).turnedBack() : curve.at(alongMm);
        return flipped ? new Frame(flip(frame.position()), flip(frame.tangent()), flip(frame.normal())) : frame;
    }

    private static Vector3D flip(Vector3D v) {
        return new Vector3D(v.getX(), v.getY(), -v.getZ());
    }

    @Override
    public double sharpestCurvature() {
        return curve.sharpestCurvature();
    }

    @Override
    public Run mirrored() {
        return new SpiralRun(curve, backwards, !flipped);
    }

    @Override
    public Run reversed() {
        return new SpiralRun(curve, !backwards, flipped);
    }

    @Override
    public Run scaled(double factor) {
        return new SpiralRun(curve.scaled(factor), backwards, flipped);
    }
}
