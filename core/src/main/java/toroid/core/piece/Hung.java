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
        if (!first && !goesOn && carries && part.goesOn() && part.middles().size() == 1) {
            Port middle = part.middles().get(0);
            Vector3D ends = part.first().centre().add(part.last().centre()).scalarMultiply(0.5);
            Vector3D down = ends.subtract(middle.centre());
            if (down.getNorm() > part.first().wireMm()) {
                return new Hung(false, middle, middle, List.of(part.first(), part.last(), middle), down.normalize());
            }
        }
        Port in = turned && part.last() != null ? part.last() : part.first();
        Port onward = turned || part.last() == null ? part.first() : part.last();
        List<Port> drops = part.middles().isEmpty() ? List.of(onward) : part.middles();
        return new Hung(turned, in, onward, drops, turned ? part.pull().negate() : part.pull());
    }

    Port drop(int n) {
        return drops.get(n % drops.size());
    }
}
