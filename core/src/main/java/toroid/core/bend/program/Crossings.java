package toroid.core.bend.program;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

/**
 * Where a bent wire crosses itself: two passes, at an angle, nearer to each other than the wire is thick. In one plane they meet; where
 * the wire turns out of its plane they may also pass each other too closely. Wires that run along each other do not cross.
 */
final class Crossings {
    /** Chords of the wire, and how far they stray from it, in wires. */
    private static final double CHORD = 1;

    private static final double SAGITTA = 0.005;
    private static final double MOST_POINTS = 200_000;

    /** Passes at a smaller angle run along each other, unless they truly meet. */
    private static final double LEAST_ANGLE = Math.toRadians(10);

    /** Where a chord's end meets the next chord's beginning, both may just miss: so much of a chord is allowed for. */
    private static final double OVER_THE_END = 0.02;

    private static final double MEETS = 1e-6;

    private final BendProgram program;
    private final double wireMm;
    private final List<WirePoint> points;
    private final Chords chords;
    private final List<Lifts.Place> found = new ArrayList<>();

    private Crossings(BendProgram program, double wireMm) {
        this.program = program;
        this.wireMm = wireMm;
        points = program.sampled(SAGITTA * wireMm, CHORD * wireMm);
        chords = new Chords(points);
    }

    /**
     * Every crossing, by the later pass.
     *
     * @throws Refusal when there are more than a hand would lay, or the wire is longer than any form may be
     */
    static List<Lifts.Place> of(BendProgram program, double wireMm) {
        Checks.within(
                "length",
                program.pointsSampled(SAGITTA * wireMm, CHORD * wireMm),
                0,
                MOST_POINTS,
                Unit.POINTS,
                Remedy.MAKE_IT_IN_PARTS_OR_TAKE_THICKER_WIRE);
        return new Crossings(program, wireMm).all();
    }

    private List<Lifts.Place> all() {
        if (points.size() < 3) {
            return found;
        }
        var grid = new ChordGrid(chords, Math.max(wireMm * CHORD, chords.longestMm()));
        for (int i = 0; i < chords.count(); i++) {
            Effort.check();
            int first = i;
            grid.near(chords.middle(i, 0), chords.middle(i, 1), chords.middle(i, 2), i + 1, j -> meet(first, j));
            if (found.size() > Lifts.MOST_PLACES) {
                throw Refusal.of(RefusalCode.CROSSES_TOO_OFTEN, "bends", null).with("most", Lifts.MOST_PLACES);
            }
        }
        found.sort(Comparator.comparingDouble(Lifts.Place::secondMm).thenComparingDouble(Lifts.Place::firstMm));
        return found;
    }

    /** Where the lines through both chords are nearest to each other, if that lies on both. */
    private void meet(int i, int j) {
        if (chords.along(j) - chords.along(i + 1) < Math.PI / 2 * wireMm) {
            return;
        }
        Vector3D first = chords.direction(i);
        Vector3D second = chords.direction(j);
        Vector3D across = Vectors.cross(first, second);
        double square = across.getNormSq();
        if (square < 1e-24) {
            return;
        }
        Vector3D between = chords.place(j, 0).subtract(chords.place(i, 0));
        double s = Vectors.dot(Vectors.cross(between, second), across) / square;
        double t = Vectors.dot(Vectors.cross(between, first), across) / square;
        double gap = Vectors.dot(between, across) / Math.sqrt(square);
        double angle = Math.atan2(Math.sqrt(square), Math.abs(Vectors.dot(first, second)));
        boolean meets = Math.abs(gap) < MEETS * wireMm;
        double over = angle > LEAST_ANGLE ? OVER_THE_END : 0;
        if (isOn(i, s, over)
                && isOn(j, t, over)
                && !(isBeyond(i, s) && isBeyond(j, t))
                && (meets || Math.abs(gap) < wireMm && angle > LEAST_ANGLE)) {
            add(chords.along(i, s), chords.along(j, t), angle, across.normalize(), gap);
        }
    }

    private boolean isOn(int chord, double share, double over) {
        return Math.abs(share - 0.5) <= 0.5 + over || isBeyond(chord, share);
    }

    /** Short of a wire's end by less than half the wire: the end's face would lie in what it does not reach across. */
    private boolean isBeyond(int chord, double share) {
        double over = share < 0 && chord == 0 ? -share : share > 1 && chord == chords.count() - 1 ? share - 1 : 0;
        return over > 0
                && over * (chords.along(chord + 1) - chords.along(chord)) < (0.5 - WireContact.TOUCH_SHARE) * wireMm;
    }

    private void add(double firstMm, double secondMm, double angle, Vector3D across, double gap) {
        double sign = side(firstMm, secondMm, across);
        var place = new Lifts.Place(firstMm, secondMm, angle, across.scalarMultiply(sign), sign * gap);
        if (found.stream().noneMatch(known -> known.isNear(place, wireMm / 4))) {
            found.add(place);
        }
    }

    /** Which way over is: out of the earlier pass's plane, or out of the later one's where that lies along the first. */
    private double side(double firstMm, double secondMm, Vector3D across) {
        double off = Vectors.dot(facing(firstMm), across);
        double own = Math.abs(off) > 0.05 ? off : Vectors.dot(facing(secondMm), across);
        return own < 0 ? -1 : 1;
    }

    /** Out of the plane the wire is bent in there, towards whom it was laid flat before: bending to the other side turns nothing over. */
    private Vector3D facing(double alongMm) {
        double side = 1;
        double end = 0;
        for (Bend bend : program.bends()) {
            side *= Math.cos(bend.roll()) < 0 ? -1 : 1;
            end += bend.run().lengthMm();
            if (alongMm <= end) {
                break;
            }
        }
        return program.at(alongMm).binormal().scalarMultiply(side);
    }
}
