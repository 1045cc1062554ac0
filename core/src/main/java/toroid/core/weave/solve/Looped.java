package toroid.core.weave.solve;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/**
 * A chain's cells set round an axis, to a closed loop: cell j is turned by {@code 2πj/n} about x. The chain's own axis runs round it,
 * what lay to its side lies outwards.
 */
final class Looped {
    /** So far off that the next loop along the axis is never met. */
    private static final double APART = 1000;

    private static final double WHOLE_TURN = 1e-6;
    /** A hundredth of a turn a cell: no more than a free turn gives by itself. */
    private static final double FREE_TURN = 0.01;

    private static final int MOST_CELLS_TOGETHER = 8;

    private Looped() {}

    /**
     * Cells of a chain that turns, taken together until they have turned round, so that every such cell is like the next. Where the
     * weave leaves the turn free it is set to the nearest that comes round.
     *
     * @return null when that takes more than {@value #MOST_CELLS_TOGETHER}
     */
    static Pose together(Pose pose) {
        int cells = cellsRound(pose.turn(), WHOLE_TURN);
        if (cells == 0 && pose.lattice().turnFree()) {
            cells = cellsRound(pose.turn(), FREE_TURN);
        }
        if (cells == 0) {
            return null;
        }
        double turns = Math.rint(cells * pose.turn() / (2 * Math.PI));
        var round = new Pose(pose.lattice(), pose.rings(), pose.pitch(), pose.across(), 2 * Math.PI * turns / cells);
        var rings = new ArrayList<Circle>();
        for (int i = 0; i < cells; i++) {
            for (int k = 0; k < pose.rings().size(); k++) {
                rings.add(round.image(k, i, 0));
            }
        }
        return new Pose(straight(), rings, cells * pose.pitch(), 0, 0);
    }

    /** The fewest cells that turn round, each a share of a turn off at most; 0 for none. */
    private static int cellsRound(double turn, double most) {
        for (int cells = 1; cells <= MOST_CELLS_TOGETHER; cells++) {
            double turns = cells * turn / (2 * Math.PI);
            if (Math.abs(turns - Math.rint(turns)) < most * cells) {
                return cells;
            }
        }
        return 0;
    }

    private static Lattice straight() {
        return new Lattice(Lattice.Kind.CHAIN, 1, 0, false, 0, Vector3D.ZERO, 0, 0);
    }

    /** The links of cells taken together, told as those of a loop. */
    static List<WeavePattern.Link> links(WeavePattern chain, int cellsTogether) {
        int k = chain.rings().size();
        var links = new ArrayList<WeavePattern.Link>();
        for (int cell = 0; cell < cellsTogether; cell++) {
            for (WeavePattern.Link link : chain.links()) {
                int to = cell + link.i();
                links.add(new WeavePattern.Link(
                        link.a() + cell * k,
                        link.b() + Math.floorMod(to, cellsTogether) * k,
                        0,
                        Math.floorDiv(to, cellsTogether)));
            }
        }
        return links;
    }

    static Lattice lattice(int cells) {
        return new Lattice(Lattice.Kind.TUBE, APART, 0, false, 0, Vector3D.ZERO, 2 * Math.PI / cells, cells);
    }

    /**
     * A straight cell bent to one of {@code cells} of a loop.
     *
     * @param roll turned about the chain's own axis before, radians: which way it is bent
     */
    static Pose bent(Pose straight, int cells, double roll) {
        double length = straight.pitch();
        double radius = cells * length / (2 * Math.PI);
        var rings = new ArrayList<Circle>();
        for (Circle ring : straight.rings()) {
            Vector3D centre = Pose.turned(ring.centre(), roll);
            Vector3D normal = Pose.turned(ring.normal(), roll);
            // along the chain → round the axis; to its side → outwards; up → along the axis
            double angle = centre.getX() / radius;
            Vector3D place = new Vector3D(centre.getZ(), radius + centre.getY(), 0);
            Vector3D facing = new Vector3D(normal.getZ(), normal.getY(), normal.getX());
            rings.add(new Circle(Pose.turned(place, angle), Pose.turned(facing, angle), ring.radius()));
        }
        return new Pose(lattice(cells), rings, APART, 0, 0);
    }

    /** The same loop of one cell fewer, every ring as far from the next along the wire as before. */
    static Pose tighter(Pose loop) {
        int cells = loop.lattice().around();
        double share = cells / (cells - 1.0);
        var rings = new ArrayList<Circle>();
        for (Circle ring : loop.rings()) {
            Vector3D c = ring.centre();
            double angle = Math.atan2(c.getZ(), c.getY());
            double further = angle * (share - 1);
            Vector3D in = new Vector3D(c.getX(), c.getY() / share, c.getZ() / share);
            rings.add(new Circle(Pose.turned(in, further), Pose.turned(ring.normal(), further), ring.radius()));
        }
        return new Pose(lattice(cells - 1), rings, APART, 0, 0);
    }
}
