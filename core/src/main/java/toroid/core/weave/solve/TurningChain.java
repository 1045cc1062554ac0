package toroid.core.weave.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.WeavePattern;

/**
 * Cells of a chain that turns, taken together until half a turn or a whole one brings every ring of the cell onto one of its own: the
 * next such cells are then a plain move further on. A byzantine's pairs change places in half a turn, so two of its cells do.
 */
final class TurningChain {
    /** A hundredth of a turn a cell: no more than a free turn gives by itself. */
    private static final double FREE_TURN = 0.01;

    private static final double TOLERANCE = 1e-4;

    private TurningChain() {}

    /** A free turn is set to the nearest that comes round; null where none does in {@value BendCell#MOST_CELLS_TOGETHER} cells. */
    static BendCell together(List<WeavePattern.Link> links, Pose pose) {
        BendCell exact = together(links, pose, BendCell.WHOLE_TURN);
        return exact != null || !pose.lattice().turnFree() ? exact : together(links, pose, FREE_TURN);
    }

    private static BendCell together(List<WeavePattern.Link> links, Pose pose, double share) {
        for (int cells = 1; cells <= BendCell.MOST_CELLS_TOGETHER; cells++) {
            double halves = cells * pose.turn() / Math.PI;
            if (Math.abs(halves - Math.rint(halves)) / 2 > share * cells) {
                continue;
            }
            double turned = Math.rint(halves) * Math.PI;
            int[] onto = HalfTurn.onto(pose, turned);
            BendCell cell = onto == null ? null : straight(links, pose, cells, turned, onto);
            if (cell != null) {
                return cell;
            }
        }
        return null;
    }

    /** Put evenly and eased apart; null when the rings are then no longer linked as the weave says. */
    private static BendCell straight(List<WeavePattern.Link> links, Pose pose, int cells, double turned, int[] onto) {
        Pose even = new Pose(pose.lattice(), evened(pose, turned, onto), pose.pitch(), pose.across(), turned / cells);
        var start = new Pose(BendCell.chainLattice(), BendCell.images(even, cells, 1), cells * pose.pitch(), 0, 0);
        Pose straight = Tightest.solve(start, true, true, TOLERANCE).pose();
        List<WeavePattern.Link> told = links(links, cells, onto);
        boolean same = LinkPattern.found(straight).equals(LinkPattern.told(straight.lattice(), told));
        return same ? new BendCell(straight, told, cells) : null;
    }

    /** Every ring midway between where it lies and where its partner is turned to. */
    private static List<Circle> evened(Pose pose, double turned, int[] onto) {
        return IntStream.range(0, onto.length)
                .mapToObj(k -> {
                    Circle own = pose.rings().get(k);
                    Circle partner = pose.rings().get(onto[k]);
                    Vector3D normal = Pose.turned(partner.normal(), turned);
                    Vector3D alike = Vectors.dot(normal, own.normal()) < 0 ? normal.negate() : normal;
                    Vector3D centre = own.centre().add(Pose.turned(partner.centre(), turned));
                    return new Circle(
                            centre.scalarMultiply(0.5), own.normal().add(alike).normalize(), own.radius());
                })
                .toList();
    }

    /** A ring further on lies on the one its half turns bring it onto; two half turns bring it back. */
    private static List<WeavePattern.Link> links(List<WeavePattern.Link> links, int cells, int[] onto) {
        var told = new ArrayList<WeavePattern.Link>();
        for (int cell = 0; cell < cells; cell++) {
            for (WeavePattern.Link link : links) {
                int to = cell + link.i();
                int round = Math.floorDiv(to, cells);
                int b = round % 2 == 0 ? link.b() : onto[link.b()];
                told.add(new WeavePattern.Link(
                        link.a() + cell * onto.length, b + Math.floorMod(to, cells) * onto.length, round, 0));
            }
        }
        return told;
    }
}
