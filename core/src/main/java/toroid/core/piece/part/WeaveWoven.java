package toroid.core.piece.part;

import java.util.List;
import toroid.core.weave.circle.Circle;

/**
 * A length of weave as it is counted and lies.
 *
 * @param tautMm outside to outside, pulled; at rest where a weave cannot be pulled
 * @param thickMm how far it stands off what it lies on
 * @param rings of each of its ring sizes
 * @param preClosed of those, closed beforehand
 * @param circles its rings as they lie taut, mm, along x from the first bearing point on; none of a large one
 */
public record WeaveWoven(
        String name,
        double tautMm,
        double thickMm,
        double massG,
        List<Integer> rings,
        List<Integer> preClosed,
        List<Circle> circles) {
    public WeaveWoven {
        rings = List.copyOf(rings);
        preClosed = List.copyOf(preClosed);
        circles = List.copyOf(circles);
    }
}
