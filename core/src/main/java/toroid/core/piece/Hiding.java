package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Effort;
import toroid.core.piece.part.PartMaker;

/**
 * A part that hangs before another and hides most of it from whoever looks at the piece's front. Parts are taken as balls ({@link Balls}); the share hidden is
 * that of its balls with their middles behind another's, right to about a twentieth.
 *
 * @param front the one that is seen
 * @param behind the one that is not
 * @param share of it that is hidden, 0 to 1
 */
public record Hiding(int front, int behind, double share) {
    /** Less than this is a crossing. Our own. */
    private static final double MOST_OF_IT = 0.5;

    /** In a piece with very many parts nothing is looked for; what hangs in each other is seen as one. */
    public static List<Hiding> of(PieceWork work, Laid laid, PartMaker maker) {
        int n = work.parts().size();
        var hiding = new ArrayList<Hiding>();
        if (n > Touching.MOST_PARTS) {
            return hiding;
        }
        Set<List<Integer>> joined = Touching.joined(work);
        List<Balls> balls = Balls.of(work, laid, maker);
        for (int front = 0; front < n; front++) {
            for (int behind = 0; behind < n; behind++) {
                Effort.check();
                boolean apart = front != behind && !joined.contains(List.of(front, behind));
                double share = apart ? share(balls.get(front), balls.get(behind)) : 0;
                if (share > MOST_OF_IT) {
                    hiding.add(new Hiding(front, behind, share));
                }
            }
        }
        return hiding;
    }

    private static double share(Balls front, Balls behind) {
        double away = flat(front.middle(), behind.middle());
        if (away > front.reach() + behind.reach() || front.areTooMany() || behind.areTooMany()) {
            return 0;
        }
        long hidden = behind.middles().stream()
                .filter(place -> isBehind(place, front))
                .count();
        return (double) hidden / behind.middles().size();
    }

    private static boolean isBehind(Vector3D place, Balls front) {
        for (int i = 0; i < front.middles().size(); i++) {
            Vector3D before = front.middles().get(i);
            if (before.getZ() > place.getZ()
                    && flat(before, place) < front.radii().get(i)) {
                return true;
            }
        }
        return false;
    }

    private static double flat(Vector3D one, Vector3D other) {
        return Math.hypot(one.getX() - other.getX(), one.getY() - other.getY());
    }
}
