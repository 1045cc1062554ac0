package toroid.core.weave.solve;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import toroid.core.numeric.Effort;
import toroid.core.weave.solve.WeaveSolver.Closest;
import toroid.core.weave.solve.WeaveSolver.Pulled;

/**
 * Poses from the shortest cell to the longest: at each pitch between them the rings as far from touching as they come. Led there both
 * from the pose at rest and from that end, the wider of the two is taken, since a cell can be folded more ways than one; one in which
 * the wire does not fit is left out. From rest to taut a chain that can lies evenly about its axis; pushed together it may buckle.
 */
public final class PoseRow {
    /** How much shorter, in ring radii, an even taut pose may be than the longest one. */
    private static final double AS_LONG = 1e-6;

    private static final double TOLERANCE = 1e-10;
    private static final double FITS = 1e-9;

    private final double wire;

    private PoseRow(double wire) {
        this.wire = wire;
    }

    /**
     * @param rest the pose at rest
     * @param shortest cell
     * @param longest cell
     * @param wire thickness, in the poses' unit
     * @param count how many evenly apart, 2 up; the pose at rest comes besides
     */
    public static List<Pose> of(Closest rest, Pulled shortest, Pulled longest, double wire, int count) {
        var rows = new PoseRow(wire);
        double step = (longest.pitch() - shortest.pitch()) / (count - 1);
        double[] between = DoubleStream.iterate(1, k -> k < count - 1, k -> k + 1)
                .map(k -> shortest.pitch() + k * step)
                .toArray();
        double middle = rest.pose().pitch();
        var row = new ArrayList<Pose>(List.of(shortest.pose()));
        row.addAll(rows.between(
                shortest.pose(), rest.pose(), DoubleStream.of(between).filter(pitch -> pitch < middle), pose -> pose));
        row.add(rest.pose());
        DoubleStream above = DoubleStream.of(between).filter(pitch -> pitch > middle);
        HalfTurn even = HalfTurn.of(rest.pose());
        Pose half = even == null ? null : even.half(rest.pose());
        Pose evenTaut = half == null ? null : rows.taut(half, rest.gap());
        row.addAll(
                evenTaut != null && evenTaut.pitch() > longest.pitch() - AS_LONG
                        ? rows.between(half, evenTaut, above, even::whole)
                        : rows.between(rest.pose(), longest.pose(), above, pose -> pose));
        row.add(longest.pose());
        return row;
    }

    /** The longest cell that lies evenly; null where the pose at rest does not, or it was not reached. */
    private Pose taut(Pose half, double gap) {
        if (WeaveSolver.fine(half) < wire) {
            return null;
        }
        Solved solved = Shaken.pulled(half, gap, wire, PitchSolve.Of.ALONG, true, TOLERANCE);
        return solved.converged() ? solved.pose() : null;
    }

    private List<Pose> between(Pose low, Pose high, DoubleStream pitches, UnaryOperator<Pose> whole) {
        double[] up = pitches.toArray();
        double[] down = new double[up.length];
        for (int k = 0; k < up.length; k++) {
            down[k] = up[up.length - 1 - k];
        }
        List<Pose> fromLow = led(low, up);
        List<Pose> fromHigh = led(high, down);
        Collections.reverse(fromHigh);
        var row = new ArrayList<Pose>();
        for (int k = 0; k < up.length; k++) {
            Pose wider = wider(fromLow.get(k), fromHigh.get(k));
            if (wider != null && WeaveSolver.fine(wider) >= wire - FITS) {
                row.add(whole.apply(wider));
            }
        }
        return row;
    }

    /** One for each pitch, null where it was not reached; each led from the last that was. */
    private static List<Pose> led(Pose from, double[] pitches) {
        var led = new ArrayList<Pose>();
        Pose last = from;
        for (double pitch : pitches) {
            Effort.at(led.size(), pitches.length);
            Pose next = HeldPitch.at(last, pitch).orElse(null);
            led.add(next);
            last = next == null ? last : next;
        }
        return led;
    }

    private static Pose wider(Pose a, Pose b) {
        if (a == null || b == null) {
            return a == null ? b : a;
        }
        return WeaveSolver.fine(a) >= WeaveSolver.fine(b) ? a : b;
    }
}
