package toroid.core.weave.solve;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/**
 * A straight cell set round the x axis, to a closed loop of {@code n}: cell j is turned by {@code 2πj/n}. What ran along the cell runs
 * round, what lay to its side lies outwards; a sheet's second direction lies along the axis.
 */
final class Looped {
    /** So far off that the next loop along the axis is never met. */
    private static final double APART = 1000;

    private Looped() {}

    /** The cell's links, told as those of the loop: what was i cells further is i cells round, what was j, along the axis. */
    static List<WeavePattern.Link> links(BendCell cell, double roll) {
        int way = roll > 0 ? -1 : 1;
        return cell.links().stream()
                .map(link -> new WeavePattern.Link(link.a(), link.b(), way * link.j(), link.i()))
                .toList();
    }

    private static Lattice lattice(int cells) {
        return new Lattice(Lattice.Kind.TUBE, APART, 0, false, 0, Vector3D.ZERO, 2 * Math.PI / cells, cells);
    }

    /**
     * A straight cell bent to one of {@code cells} of a loop.
     *
     * @param roll turned about its own axis before, radians: which way it is bent; of a sheet a quarter turn, either way, so that it
     *     lies along the axis
     */
    static Pose bent(Pose straight, int cells, double roll) {
        double radius = cells * straight.pitch() / (2 * Math.PI);
        var rings = new ArrayList<Circle>();
        for (Circle ring : straight.rings()) {
            Vector3D centre = Pose.turned(ring.centre(), roll);
            Vector3D normal = Pose.turned(ring.normal(), roll);
            double angle = centre.getX() / radius;
            Vector3D place = new Vector3D(-centre.getZ(), radius + centre.getY(), 0);
            Vector3D facing = new Vector3D(-normal.getZ(), normal.getY(), normal.getX());
            rings.add(new Circle(Pose.turned(place, angle), Pose.turned(facing, angle), ring.radius()));
        }
        double alongAxis = straight.lattice().kind() == Lattice.Kind.SHEET ? straight.across() : APART;
        return new Pose(lattice(cells), rings, alongAxis, 0, 0);
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
        return new Pose(lattice(cells - 1), rings, loop.pitch(), 0, 0);
    }
}
