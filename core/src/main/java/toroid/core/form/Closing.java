package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.ProgramBuilder;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Vectors;

/**
 * How far a loop is turned until its cut end touches the wire it grew from: the first angle at which a corner of the end's flat face lies a
 * wire's radius from a middle line. In the plane of the loop; by chords that stray from the middle line by less than {@value #SAGITTA_SHARE}
 * of the wire, so exact to a few thousandths of it. No corner is further than {@code ρ + d/2} from the loop's middle, so it is turned on by
 * the gap over that at least: nothing is passed by. On a straight stem it is {@code cos δ = (ρ − d/2)/(ρ + d/2)} short of a full turn.
 */
final class Closing {
    private static final double SAGITTA_SHARE = 0.001;
    private static final double LEAST = Math.toRadians(150);
    private static final double STEP = Math.toRadians(1.5);

    /** How much of the loop itself the end may come to meet. */
    private static final double OWN = Math.PI / 2;

    private final Frame from;
    private final double radius;
    private final double wire;
    private final List<Vector3D[]> body = new ArrayList<>();

    private Closing(Frame from, double radius, double wire) {
        this.from = from;
        this.radius = radius;
        this.wire = wire;
    }

    /**
     * @param from where the loop begins; it turns towards the normal
     * @param soFar the wire as bent so far, to there
     * @param behind more of the same wire, before {@code soFar}'s beginning; empty for none
     * @return degrees, 150 to 360
     */
    static double degrees(Frame from, BendProgram soFar, BendProgram behind, double insideMm, double wireMm) {
        double radius = (insideMm + wireMm) / 2;
        var closing = new Closing(from, radius, wireMm);
        double reach = 6 * radius + 4 * wireMm;
        closing.add(soFar, soFar.lengthMm() - reach);
        closing.add(new ProgramBuilder(from).arc(radius, OWN).build(), 0);
        closing.add(behind, 0);
        return Math.toDegrees(closing.touches());
    }

    private void add(BendProgram program, double fromMm) {
        if (program.bends().isEmpty()) {
            return;
        }
        List<WirePoint> points = program.sampled(SAGITTA_SHARE * wire, wire);
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i).alongMm() > fromMm) {
                body.add(new Vector3D[] {
                    points.get(i - 1).frame().position(), points.get(i).frame().position()
                });
            }
        }
    }

    private double touches() {
        double before = LEAST;
        double at = LEAST;
        for (double gap = gap(at); gap > 0; gap = gap(at)) {
            before = at;
            at += Math.max(STEP, gap / (radius + wire / 2));
            if (at >= 2 * Math.PI) {
                return 2 * Math.PI;
            }
        }
        return at == LEAST ? at : new BrentSolver(1e-9).solve(200, this::gap, before, at);
    }

    /** Between the end's face and the wire it comes to, mm; negative inside. */
    private double gap(double radians) {
        Frame end = from.advanced(radius * radians, 1 / radius, 0);
        double nearest = Double.MAX_VALUE;
        for (int side = -1; side <= 1; side += 2) {
            Vector3D corner = Vectors.sum(1, end.position(), side * wire / 2, end.normal());
            for (Vector3D[] chord : body) {
                nearest = Math.min(nearest, away(corner, chord[0], chord[1]));
            }
        }
        return nearest - wire / 2;
    }

    /** From a place to a chord. */
    static double away(Vector3D place, Vector3D a, Vector3D b) {
        Vector3D along = b.subtract(a);
        double share = Vectors.dot(place.subtract(a), along) / Math.max(1e-18, along.getNormSq());
        return place.distance(Vectors.sum(1, a, Math.max(0, Math.min(1, share)), along));
    }
}
