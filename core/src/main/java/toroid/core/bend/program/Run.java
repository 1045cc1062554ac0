package toroid.core.bend.program;

/** A piece of wire bent in one way, without a mark inside. Immutable. */
public sealed interface Run permits ScrewRun, SpiralRun, HammeredRun, LiftedRun {
    /** Length along the wire, mm, zero or more. */
    double lengthMm();

    /** The straight round wire it is made from, mm: as long as the run unless hammering made it longer. */
    default double wireMm() {
        return lengthMm();
    }

    /**
     * The frame {@code alongMm} into the run.
     *
     * @param start the frame it begins in
     * @param alongMm 0 to {@link #lengthMm()}
     */
    Frame at(Frame start, double alongMm);

    /** The sharpest curvature in the run, per mm. */
    double sharpestCurvature();

    /**
     * How long a chord may be so that it strays from the wire by at most {@code sagittaMm} and the wire turns by at most half
     * a radian along it: {@code 2R acos(1 − sagitta/R)}.
     */
    default double chordMm(double sagittaMm) {
        double curvature = sharpestCurvature();
        if (curvature * lengthMm() < 1e-9) {
            return lengthMm();
        }
        double turn = 2 * Math.acos(1 - Math.min(1, sagittaMm * curvature));
        return Math.min(0.5, turn) / curvature;
    }

    /** As it lies in its plane, where it is lifted out of it. */
    default Run flat() {
        return this;
    }

    /** The frame {@link #flat} begins in, where this run begins in that one. */
    default Frame flatStart(Frame start) {
        return start;
    }

    /** The same wire before it was bent. */
    default Run straightened() {
        return ScrewRun.straight(lengthMm());
    }

    /** The mirror image, in any plane through the start's tangent and normal. */
    Run mirrored();

    /** The same run walked from its end. */
    Run reversed();

    /** Everything {@code factor} times as large. */
    Run scaled(double factor);
}
