package toroid.core.weave.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/**
 * A weave's cells taken together until each lies to the next by a plain move, so that they can be set round an axis: a chain or a
 * tube as one such move along x, a sheet as two at right angles, the one to be bent along x and the other along y.
 *
 * @param straight the rings, before bending
 * @param links which of them are linked, (i, j) counted in these cells
 * @param cells of the weave taken together, counted the way it is bent
 */
record BendCell(Pose straight, List<WeavePattern.Link> links, int cells) {
    static final double WHOLE_TURN = 1e-6;
    static final int MOST_CELLS_TOGETHER = 8;

    /**
     * A chain or tube, or a sheet to be bent along its rows.
     *
     * @return null where the turn of its cells does not come round in {@value #MOST_CELLS_TOGETHER}
     */
    static BendCell along(WeavePattern weave, Pose pose) {
        return switch (weave.lattice().kind()) {
            case FINITE -> null;
            case CHAIN -> TurningChain.together(weave.links(), pose);
            case TUBE -> tube(weave.links(), pose);
            case SHEET -> sheet(weave.links(), pose);
        };
    }

    /** A sheet to be bent the other way, turned a quarter about its normal; null for what is no sheet or has no square cell. */
    static BendCell across(WeavePattern weave, Pose pose) {
        BendCell rows = weave.lattice().kind() == Lattice.Kind.SHEET ? sheet(weave.links(), pose) : null;
        if (rows == null) {
            return null;
        }
        Pose from = rows.straight;
        List<Circle> rings = from.rings().stream()
                .map(ring -> new Circle(quarter(ring.centre()), quarter(ring.normal()), ring.radius()))
                .toList();
        List<WeavePattern.Link> links = rows.links.stream()
                .map(link -> new WeavePattern.Link(link.a(), link.b(), link.j(), -link.i()))
                .toList();
        int rowsTogether = rings.size() / weave.rings().size();
        return new BendCell(new Pose(from.lattice(), rings, from.across(), from.pitch(), 0), links, rowsTogether);
    }

    private static Vector3D quarter(Vector3D v) {
        return new Vector3D(v.getY(), -v.getX(), v.getZ());
    }

    private static BendCell sheet(List<WeavePattern.Link> links, Pose pose) {
        Vector3D shared = pose.lattice().shared();
        int rows = squareAfter(shared.getX());
        if (rows == 0) {
            return null;
        }
        int k = pose.rings().size();
        int shift = (int) Math.rint(rows * shared.getX());
        var together = new ArrayList<WeavePattern.Link>();
        for (int row = 0; row < rows; row++) {
            for (WeavePattern.Link link : links) {
                int to = row + link.j();
                int j = Math.floorDiv(to, rows);
                int b = link.b() + Math.floorMod(to, rows) * k;
                together.add(new WeavePattern.Link(link.a() + row * k, b, link.i() + j * shift, j));
            }
        }
        double across = rows * (pose.across() + pose.pitch() * shared.getY());
        var lattice = new Lattice(Lattice.Kind.SHEET, 1, 0, false, 1, Vector3D.ZERO, 0, 0);
        return new BendCell(new Pose(lattice, images(pose, 1, rows), pose.pitch(), across, 0), together, 1);
    }

    /** Rows after which one lies square over the first; 0 for none. */
    private static int squareAfter(double share) {
        return IntStream.rangeClosed(1, MOST_CELLS_TOGETHER)
                .filter(rows -> Math.abs(rows * share - Math.rint(rows * share)) < WHOLE_TURN)
                .findFirst()
                .orElse(0);
    }

    private static BendCell tube(List<WeavePattern.Link> links, Pose pose) {
        int around = pose.lattice().around();
        int k = pose.rings().size();
        var together = new ArrayList<WeavePattern.Link>();
        for (int j = 0; j < around; j++) {
            for (WeavePattern.Link link : links) {
                int b = link.b() + Math.floorMod(j + link.j(), around) * k;
                together.add(new WeavePattern.Link(link.a() + j * k, b, link.i(), 0));
            }
        }
        return new BendCell(new Pose(chainLattice(), images(pose, 1, around), pose.pitch(), 0, 0), together, 1);
    }

    /** Rings of {@code along} by {@code second} cells, cell by cell. */
    static List<Circle> images(Pose pose, int along, int second) {
        var rings = new ArrayList<Circle>();
        for (int i = 0; i < along; i++) {
            for (int j = 0; j < second; j++) {
                for (int k = 0; k < pose.rings().size(); k++) {
                    rings.add(pose.image(k, i, j));
                }
            }
        }
        return rings;
    }

    static Lattice chainLattice() {
        return new Lattice(Lattice.Kind.CHAIN, 1, 0, false, 0, Vector3D.ZERO, 0, 0);
    }
}
