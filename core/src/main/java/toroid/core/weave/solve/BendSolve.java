package toroid.core.weave.solve;

import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/**
 * How tightly a chain bends: the fewest cells it closes to a loop with, wire of a given thickness still fitting, links as the weave
 * says. From a wide loop on, one cell fewer at a time, each from the one before, bent more ways than one about the chain's own axis. A bend
 * lies between that loop and the next tighter one; the loop's own radius is told, so a bend is told a little too wide, never too
 * tight.
 */
public final class BendSolve {
    private static final double WIDE = 5;
    private static final double WIDEST = 24;
    private static final double TOLERANCE = 1e-4;
    private static final double[] WAYS = {0, Math.PI / 4, Math.PI / 2};
    private static final double STRAIGHT = 1e-9;
    private static final int LEAST_CELLS = 2;
    private static final double SHORT = 1e-6;

    private BendSolve() {}

    /**
     * The tightest loop.
     *
     * @param cells of the weave in it
     * @param insideRadius from its axis to the nearest wire's surface
     * @param middleRadius from its axis to the middle of its rings, on average
     * @param loop its rings
     */
    public record Bend(int cells, double insideRadius, double middleRadius, Pose loop) {}

    /**
     * @param chain a chain
     * @param closest its widest pose
     * @param wire thickness, in the pose's unit
     * @return null for what is no chain, turns by a fixed angle that does not come round, or does not close to any loop looked at
     */
    public static Bend tightest(WeavePattern chain, WeaveSolver.Closest closest, double wire) {
        if (chain.lattice().kind() != Lattice.Kind.CHAIN || closest.gap() < wire) {
            return null;
        }
        Pose cell = Looped.together(closest.pose());
        if (cell == null) {
            return null;
        }
        int together = cell.rings().size() / chain.rings().size();
        Bend best = null;
        for (double roll : ways(closest.pose().turn())) {
            Bend bend = tightest(chain, cell, together, wire, roll);
            if (bend != null && (best == null || bend.insideRadius() < best.insideRadius())) {
                best = bend;
            }
        }
        return best;
    }

    /** Of a chain that turns, a roll by one cell's turn is the same bend a cell further on. */
    private static double[] ways(double turn) {
        return Math.abs(turn) < STRAIGHT ? WAYS : new double[] {0, turn / 2};
    }

    private static Bend tightest(WeavePattern chain, Pose cell, int together, double wire, double roll) {
        double unit = cell.rings().get(0).radius();
        Pose loop = null;
        for (double radius = WIDE; loop == null && radius <= WIDEST; radius *= 1.6) {
            int cells = Math.max(LEAST_CELLS + 1, (int) Math.ceil(2 * Math.PI * radius * unit / cell.pitch()));
            loop = solved(chain, together, Looped.bent(cell, cells, roll), wire);
        }
        if (loop == null) {
            return null;
        }
        while (loop.lattice().around() > LEAST_CELLS) {
            Pose next = solved(chain, together, Looped.tighter(loop), wire);
            if (next == null) {
                break;
            }
            loop = next;
        }
        return told(loop, together, wire);
    }

    /** Null when wire of that thickness does not fit, or the links are no longer the weave's. */
    private static Pose solved(WeavePattern chain, int together, Pose start, double wire) {
        double unit = start.rings().get(0).radius();
        if (!linked(chain, together, start)
                || !(Contacts.smallest(start, Neighbours.of(start, 1.2 * unit), 2 * unit) > SHORT * unit)) {
            return null;
        }
        Solved solved = Tightest.solve(start, true, true, TOLERANCE);
        boolean fits = solved.gap() >= wire - SHORT * unit;
        return fits && linked(chain, together, solved.pose()) ? solved.pose() : null;
    }

    private static boolean linked(WeavePattern chain, int together, Pose loop) {
        Set<String> told = Looped.links(chain, together).stream()
                .map(link -> LinkPattern.once(loop.lattice(), link.a(), link.b(), link.i(), link.j()))
                .collect(Collectors.toCollection(TreeSet::new));
        return LinkPattern.found(loop).equals(told);
    }

    private static Bend told(Pose loop, int together, double wire) {
        double inside = Double.MAX_VALUE;
        double middle = 0;
        for (Circle ring : loop.rings()) {
            inside = Math.min(inside, nearest(ring) - wire / 2);
            middle += Math.hypot(ring.centre().getY(), ring.centre().getZ())
                    / loop.rings().size();
        }
        return new Bend(loop.lattice().around() * together, Math.max(0, inside), middle, loop);
    }

    private static final int AROUND = 720;

    /** From the axis to the ring's middle at its nearest, sampled finely (short by at most 1e-5 of the ring's radius). */
    private static double nearest(Circle ring) {
        double least = Double.MAX_VALUE;
        for (int s = 0; s < AROUND; s++) {
            Vector3D at = ring.at(2 * Math.PI * s / AROUND);
            least = Math.min(least, Math.hypot(at.getY(), at.getZ()));
        }
        return least;
    }
}
