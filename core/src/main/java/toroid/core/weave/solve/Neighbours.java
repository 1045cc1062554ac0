package toroid.core.weave.solve;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;

/**
 * Pairs of rings near enough to touch, each told once: ring a of the cell, ring b of the cell (i, j) away.
 *
 * @param pairs a, b, i, j
 * @param cells how many cells away the furthest image looked at lies
 */
record Neighbours(List<int[]> pairs, int cells) {
    /** Cells looked at in one direction at most; a weave so tight that it needs more is refused. */
    static final int MOST_CELLS = 14;

    /** So many cells meet one ring that they are not all looked at. */
    static final class TooShort extends IllegalStateException {
        private static final long serialVersionUID = 1L;

        TooShort(int cells) {
            super("the cell is too short for its rings: " + cells + " images reach it");
        }
    }

    /** @param reach how near two centre circles have to come to be told */
    static Neighbours of(Pose pose, double reach) {
        double most = 2 * pose.largest() + reach;
        boolean chain = pose.lattice().kind() != toroid.core.weave.pattern.Lattice.Kind.FINITE;
        int along = chain ? cells(most + wide(pose, true), pose.pitch()) : 0;
        int second = !pose.lattice().isTwofold()
                ? 0
                : pose.lattice().around() > 0
                        ? pose.lattice().around() / 2
                        : cells(most + wide(pose, false), acrossPitch(pose));
        var pairs = new ArrayList<int[]>();
        List<Circle> rings = pose.rings();
        int k = rings.size();
        for (int i = -along; i <= along; i++) {
            for (int j = -second; j <= second; j++) {
                if (pose.lattice().around() > 0 && 2 * j == -pose.lattice().around()) {
                    continue; // the same image as the one opposite
                }
                Vector3D[] there = centres(pose, i, j);
                for (int a = 0; a < k; a++) {
                    for (int b = 0; b < k; b++) {
                        if (once(a, b, i, j)
                                && near(rings.get(a), there[b], rings.get(b).radius(), reach)) {
                            pairs.add(new int[] {a, b, i, j});
                        }
                    }
                }
            }
        }
        return new Neighbours(pairs, Math.max(1, Math.max(along, second)));
    }

    /** Where the middles of the rings of the cell (i, j) away are. */
    private static Vector3D[] centres(Pose pose, int i, int j) {
        double angle = pose.turnOf(i, j);
        Vector3D moved = pose.moved(i, j);
        return pose.rings().stream()
                .map(ring -> Pose.turned(ring.centre(), angle).add(moved))
                .toArray(Vector3D[]::new);
    }

    /** Each unordered pair of rings of the endless weave is told once: by its later ring, cell (0, 0) last. */
    private static boolean once(int a, int b, int i, int j) {
        if (a != b) {
            return a < b;
        }
        return i > 0 || (i == 0 && j > 0);
    }

    private static double acrossPitch(Pose pose) {
        return pose.across() > 0
                ? pose.across()
                : pose.pitch() * pose.lattice().shared().getY();
    }

    /** How far apart the cell's own rings lie in that direction. */
    private static double wide(Pose pose, boolean along) {
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Circle ring : pose.rings()) {
            double at = along ? ring.centre().getX() : ring.centre().getY();
            low = Math.min(low, at);
            high = Math.max(high, at);
        }
        return high - low;
    }

    private static int cells(double reach, double pitch) {
        int cells = (int) Math.ceil(reach / Math.max(1e-9, Math.abs(pitch)));
        if (cells > MOST_CELLS) {
            throw new TooShort(cells);
        }
        return cells;
    }

    private static boolean near(Circle ring, Vector3D other, double radius, double reach) {
        double sum = ring.radius() + radius + reach;
        return ring.centre().subtract(other).getNormSq() < sum * sum;
    }
}
