package toroid.core.weave.solve;

import java.util.Set;
import java.util.stream.DoubleStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Effort;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/**
 * How tightly a weave bends: the fewest cells it closes to a loop with, wire of a given thickness still fitting, links as the weave
 * says. A chain closes to a ring of itself, a tube too; a sheet to a tube, free to draw in or out along the axis. From a wide loop on,
 * one cell fewer at a time, each from the one before, bent more ways than one. A bend lies between that loop and the next tighter one;
 * the loop's own radius is told, so a bend is told a little too wide, never too tight.
 */
public final class BendSolve {
    private static final double WIDE = 5;
    private static final double WIDEST = 24;
    private static final double WIDER = 1.6;
    private static final double TOLERANCE = 1e-4;
    private static final double[] ANY_WAY = {0, Math.PI / 4, Math.PI / 2};
    private static final double[] EITHER_FACE = {-Math.PI / 2, Math.PI / 2};
    private static final double STRAIGHT = 1e-9;
    private static final int LEAST_CELLS = 2;
    private static final double SHORT = 1e-6;

    private final BendCell cell;
    private final double wire;
    private final boolean sheet;

    private BendSolve(BendCell cell, double wire, boolean sheet) {
        this.cell = cell;
        this.wire = wire;
        this.sheet = sheet;
    }

    /**
     * The tightest loop.
     *
     * @param cells of the weave in it, counted the way it is bent
     * @param insideRadius from its axis to the nearest wire's surface
     * @param middleRadius from its axis to the middle of its rings, on average
     * @param penetration how far the wire is short of fitting, at most, looked at finely; zero up
     * @param linksVerified whether its rings are linked as the weave says
     * @param loop its rings
     */
    public record Bend(
            int cells,
            double insideRadius,
            double middleRadius,
            double penetration,
            boolean linksVerified,
            Pose loop) {}

    /**
     * A chain or tube bent, or a sheet with its rows running round.
     *
     * @param weave that repeats
     * @param closest its widest pose
     * @param wire thickness, in the pose's unit
     * @return null for a finite patch, what turns by a fixed angle that does not come round, or does not close to any loop looked at
     */
    public static Bend along(WeavePattern weave, WeaveSolver.Closest closest, double wire) {
        return solved(weave, closest, wire, BendCell.along(weave, closest.pose()));
    }

    /** A sheet with its rows lying along the axis; null for what is no sheet, else as {@link #along}. */
    public static Bend across(WeavePattern weave, WeaveSolver.Closest closest, double wire) {
        return solved(weave, closest, wire, BendCell.across(weave, closest.pose()));
    }

    private static Bend solved(WeavePattern weave, WeaveSolver.Closest closest, double wire, BendCell cell) {
        if (cell == null || closest.gap() < wire) {
            return null;
        }
        boolean sheet = weave.lattice().kind() == Lattice.Kind.SHEET;
        var solve = new BendSolve(cell, wire, sheet);
        Bend best = null;
        double[] rolls = sheet ? EITHER_FACE : ways(closest.pose());
        for (int way = 0; way < rolls.length; way++) {
            double roll = rolls[way];
            Effort.at(way, rolls.length);
            Bend bend = solve.tightest(roll);
            if (bend != null && (best == null || bend.insideRadius() < best.insideRadius())) {
                best = bend;
            }
        }
        return best;
    }

    /** Of a chain that turns, a roll by one cell's turn is the same bend a cell further on; of a tube, by one of its cells. */
    private static double[] ways(Pose pose) {
        int around = pose.lattice().around();
        double turn = around > 0 ? 2 * Math.PI / around : pose.turn();
        return Math.abs(turn) < STRAIGHT ? ANY_WAY : new double[] {0, turn / 2};
    }

    private Bend tightest(double roll) {
        double unit = cell.straight().rings().get(0).radius();
        Pose loop = null;
        for (double radius = WIDE; loop == null && radius <= WIDEST; radius *= WIDER) {
            int cells = Math.max(LEAST_CELLS + 1, (int)
                    Math.ceil(2 * Math.PI * radius * unit / cell.straight().pitch()));
            loop = fitted(Looped.bent(cell.straight(), cells, roll), roll);
        }
        if (loop == null) {
            return null;
        }
        while (loop.lattice().around() > LEAST_CELLS) {
            Pose next = fitted(Looped.tighter(loop), roll);
            if (next == null) {
                break;
            }
            loop = next;
        }
        return told(loop, roll);
    }

    /** Null when wire of that thickness does not fit, or the links are no longer the weave's. */
    private Pose fitted(Pose start, double roll) {
        double unit = start.rings().get(0).radius();
        try {
            if (!linked(start, roll)
                    || !(Contacts.smallest(start, Neighbours.of(start, 1.2 * unit), 2 * unit) > SHORT * unit)) {
                return null;
            }
            Solved solved = Shaken.eased(start, !sheet, true, wire, TOLERANCE);
            boolean fits = solved.gap() >= wire - SHORT * unit;
            return fits && linked(solved.pose(), roll) ? solved.pose() : null;
        } catch (Neighbours.TooShort collapsed) {
            return null;
        }
    }

    private boolean linked(Pose loop, double roll) {
        Set<String> told = LinkPattern.told(loop.lattice(), Looped.links(cell, roll));
        return LinkPattern.found(loop).equals(told);
    }

    private Bend told(Pose loop, double roll) {
        double inside =
                loop.rings().stream().mapToDouble(BendSolve::nearest).min().orElseThrow() - wire / 2;
        double middle = loop.rings().stream()
                .mapToDouble(
                        ring -> Math.hypot(ring.centre().getY(), ring.centre().getZ()))
                .average()
                .orElseThrow();
        double gap = WeaveSolver.fine(loop);
        return new Bend(
                loop.lattice().around() * cell.cells(),
                Math.max(0, inside),
                middle,
                Math.max(0, wire - gap),
                linked(loop, roll),
                loop);
    }

    private static final int AROUND = 720;

    /** From the axis to the ring's middle at its nearest, sampled finely (short by at most 1e-5 of the ring's radius). */
    private static double nearest(Circle ring) {
        return DoubleStream.iterate(0, at -> at < AROUND, at -> at + 1)
                .map(at -> {
                    Vector3D point = ring.at(2 * Math.PI * at / AROUND);
                    return Math.hypot(point.getY(), point.getZ());
                })
                .min()
                .orElseThrow();
    }
}
