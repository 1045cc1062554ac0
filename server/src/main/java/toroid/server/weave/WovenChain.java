package toroid.server.weave;

import java.util.List;
import toroid.core.weave.circle.Circle;

/**
 * A length of weave as part of something larger. Lengths mm.
 *
 * @param tautMm outside to outside
 * @param thickMm its lesser width, taut
 * @param rings of each size
 * @param preClosed of those, in its usual order
 * @param circles its rings along x from the first bearing point on; none of a large one
 */
public record WovenChain(
        String name,
        double tautMm,
        double thickMm,
        double massG,
        List<Integer> rings,
        List<Integer> preClosed,
        List<Circle> circles) {}
