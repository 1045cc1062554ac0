package toroid.core.bend.program;

/** A curve that is no screw, told from its first end, anticlockwise in its own coordinates. Immutable. */
public sealed interface SpiralCurve permits FlatSpiral, DomedSpiral, CoiledCoil, LeaningCoil {
    /** Length along the curve, mm. */
    double lengthMm();

    /** How its length is found, in plain letters. */
    String lengthFormula();

    /** Turns, whole and part. */
    double turns();

    /** The frame on the curve, {@code alongMm} from its inner end; the normal points to its middle. */
    Frame at(double alongMm);

    /** The sharpest curvature, per mm: at the inner end. */
    double sharpestCurvature();

    SpiralCurve scaled(double factor);
}
