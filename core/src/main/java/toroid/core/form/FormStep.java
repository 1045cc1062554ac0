package toroid.core.form;

import java.util.List;
import java.util.stream.IntStream;

/**
 * One step at the bench. Lengths mm, angles degrees; a null has no meaning for that step.
 *
 * @param id its number in the programs it bends; −1 when it bends nothing
 * @param part which part of the form, in the trade's words
 * @param wire which wire
 * @param lengthMm wire that this step puts into the piece
 * @param gripMm where to grip, from the first cut end, tail included
 * @param fromMiddleMm the same, from the middle mark, for forms worked from their middle
 * @param insideMm inside diameter of what is bent, after springback
 * @param toolMm jaw, rod or former that gives it
 * @param degrees how far it is bent, after springback
 * @param heldDegrees how far to bend it so that it springs back to that
 * @param turns of a coil, wraps or a spiral; joints that are soldered, null for one
 * @param flat what hammering leaves
 * @param goesOn whether it begins where the last bend ended: there is no mark to look for
 * @param half of a wire worked from its middle, the half it bends; null for what bends both, or no such wire
 */
public record FormStep(
        int id,
        Kind kind,
        String part,
        String wire,
        double lengthMm,
        Double gripMm,
        Double fromMiddleMm,
        Double insideMm,
        Double toolMm,
        Double degrees,
        Double heldDegrees,
        Double turns,
        Hammered flat,
        boolean goesOn,
        Half half) {
    /** Of a wire worked from its middle; the first is the one with the first cut end. */
    public enum Half {
        FIRST,
        SECOND
    }

    /** The part of a step that makes wire ready: straightened, annealed, hardened. */
    public static final String BEFORE_CUT = "before it is cut";

    /** Whether it makes the wire ready rather than forms it. */
    public boolean readies() {
        return part.equals(BEFORE_CUT);
    }

    /** Whether hands do anything at it: what is only left straight needs none. */
    public boolean needsHands() {
        return kind != Kind.LEAVE;
    }

    /** Whether it goes round in a screw, right- or left-handed: wrapped, coiled or bound. */
    public boolean winds() {
        return kind == Kind.WRAP || kind == Kind.COIL || kind == Kind.BIND;
    }

    /** Of solder strip for one joint, mm: common practice. */
    public static final double CHIP_MM = 2;

    /** How many joints it solders; 0 for what is no soldering. */
    public int joints() {
        return kind != Kind.SOLDER ? 0 : turns == null ? 1 : (int) Math.round(turns);
    }

    /** Place of the first of these at which beads go on; of the last where none says so. */
    public static int threaded(List<FormStep> steps) {
        return IntStream.range(0, steps.size())
                .filter(i -> steps.get(i).kind() == Kind.THREAD)
                .findFirst()
                .orElse(steps.size() - 1);
    }

    /** Joints soldered in one heat. */
    static FormStep soldering(String part, int joints, String wire) {
        Double counted = joints == 1 ? null : Double.valueOf(joints);
        return new FormStep(
                -1, Kind.SOLDER, part, wire, 0, null, null, null, null, null, null, counted, null, false, null);
    }

    /** A step that says no more than what is done, to what part of which wire. */
    public static FormStep plain(Kind kind, String part, String wire) {
        return new FormStep(-1, kind, part, wire, 0, null, null, null, null, null, null, null, null, false, null);
    }

    /**
     * A flat as it comes out, mm; width approximate, by volume.
     *
     * @param thickMm where it is thinnest
     * @param wideMm there
     */
    public record Hammered(double thickMm, double wideMm, double longMm) {}

    /** What the hands do. */
    public enum Kind {
        CUT,
        STRAIGHTEN,
        HARDEN,
        MARK,
        LEAVE,
        BEND,
        LOOP,
        WRAP,
        COIL,
        SPIRAL,
        FORM,
        FOLD,
        THREAD,
        BALL,
        DOME,
        STRETCH,
        PRESS,
        ANNEAL,
        CRIMP,
        BIND,
        HAMMER,
        DRILL,
        SOLDER,
        TWIST,
        TRIM,
        FILE,
        GLUE
    }
}
