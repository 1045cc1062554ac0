package toroid.core.piece;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Port;
import toroid.core.piece.part.PartWork;

/**
 * How a part hangs in its piece.
 *
 * @param turned the other way round
 * @param in the port it hangs by
 * @param onward the port its row goes on from
 * @param drops the ports for what hangs from it besides, in turn, over and over
 * @param pull the way a pull goes through it, in its own coordinates, unit vector
 */
record Hung(boolean turned, Port in, Port onward, List<Port> drops, Vector3D pull) {
    /**
     * As a row has it: by its first port, on from its last. A part with three ports that ends its row and carries others hangs by the middle
     * one, as a frame with drops at its ends does.
     *
     * @param first of the whole row
     */
    static Hung of(PartWork part, boolean turned, boolean first, boolean goesOn, boolean carries) {
        boolean isLast = !first && !goesOn && carries;
        if (isLast && !part.isSupple() && part.goesOn() && part.middles().size() == 1) {
            List<Port> three =
                    apexFirst(List.of(part.first(), part.last(), part.middles().get(0)));
            Port apex = three.get(0);
            Vector3D ends = three.get(1).centre().add(three.get(2).centre()).scalarMultiply(0.5);
            Vector3D down = ends.subtract(apex.centre());
            if (down.getNorm() > apex.wireMm()) {
                return new Hung(false, apex, apex, List.of(three.get(1), three.get(2), apex), down.normalize());
            }
        }
        Port in = turned && part.last() != null ? part.last() : part.first();
        Port onward = turned || part.last() == null ? part.first() : part.last();
        List<Port> drops = part.middles().isEmpty() ? List.of(onward) : part.middles();
        return new Hung(turned, in, onward, drops, turned ? part.pull().negate() : part.pull());
    }

    /** The one as far from both others first: the others balance about it. */
    private static List<Port> apexFirst(List<Port> three) {
        int best = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < 3; i++) {
            Vector3D at = three.get(i).centre();
            double one = at.distance(three.get((i + 1) % 3).centre());
            double other = at.distance(three.get((i + 2) % 3).centre());
            if (Math.abs(one - other) < least - EVEN_MM) {
                least = Math.abs(one - other);
                best = i;
            }
        }
        return List.of(three.get(best), three.get((best + 1) % 3), three.get((best + 2) % 3));
    }

    /** Distances nearer than this are alike, mm. */
    private static final double EVEN_MM = 1e-6;

    Port drop(int n) {
        return drops.get(n % drops.size());
    }
}
