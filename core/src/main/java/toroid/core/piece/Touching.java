package toroid.core.piece;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import toroid.core.numeric.Effort;
import toroid.core.piece.part.PartMaker;

/**
 * Parts that are not joined and come into each other as they hang: they lie against each other there, or have to be made smaller. Wires are
 * taken as balls along their middle line, half a wire apart, beads as balls of their thickness: depths are right to about a tenth of a wire.
 *
 * @param a the one nearer the first end
 * @param depthMm how far they would be in each other
 */
public record Touching(int a, int b, double depthMm) {
    /** Less than this is no more than lying against each other, mm. */
    private static final double LEAST_MM = 0.1;

    /** More parts than these are not looked through. */
    static final int MOST_PARTS = 200;

    /** In a piece with very many parts nothing is looked for. */
    public static List<Touching> of(PieceWork work, Laid laid, PartMaker maker) {
        int n = work.parts().size();
        if (n > MOST_PARTS) {
            return List.of();
        }
        Set<List<Integer>> joined = joined(work);
        List<Balls> balls = Balls.of(work, laid, maker);
        var touching = new ArrayList<Touching>();
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b < n; b++) {
                Effort.check();
                double depth =
                        joined.contains(List.of(a, b)) || beside(work, a, b) ? 0 : depth(balls.get(a), balls.get(b));
                if (depth > LEAST_MM) {
                    touching.add(new Touching(a, b, depth));
                }
            }
        }
        return touching;
    }

    /** Pairs that hang in each other, either way round. */
    static Set<List<Integer>> joined(PieceWork work) {
        Set<List<Integer>> joined = new HashSet<>();
        work.joints().forEach(joint -> {
            joined.add(List.of(joint.a(), joint.b()));
            joined.add(List.of(joint.b(), joint.a()));
        });
        return joined;
    }

    /** Loops that share a ring push each other aside and always touch. */
    static boolean beside(PieceWork work, int a, int b) {
        Joint one = work.hangsBy(a);
        Joint other = work.hangsBy(b);
        boolean sisters = one != null
                && other != null
                && one.a() == other.a()
                && one.portA().equals(other.portA());
        boolean row = other != null
                && work.joints().stream()
                        .anyMatch(joint -> joint.b() == a
                                && joint.a() != b
                                && other.a() == a
                                && joint.portB().equals(other.portA()));
        return sisters || row;
    }

    private static double depth(Balls one, Balls other) {
        Balls.Nearest nearest = one.nearest(other);
        return nearest == null ? 0 : Math.max(0, nearest.depthMm());
    }
}
