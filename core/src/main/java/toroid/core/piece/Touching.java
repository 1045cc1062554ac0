package toroid.core.piece;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Solid;
import toroid.core.numeric.Effort;
import toroid.core.piece.part.Body;
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
    private static final int MOST_PARTS = 200;

    /** A part of more balls than these is a whole strand or cord, and not looked through. */
    private static final int MOST_BALLS = 3000;

    /** Balls along a part, and one that holds them all. */
    private record Balls(List<Vector3D> middles, List<Double> radii, Vector3D middle, double reach) {}

    /** In a piece with very many parts nothing is looked for. */
    public static List<Touching> of(PieceWork work, Laid laid, PartMaker maker) {
        int n = work.parts().size();
        if (n > MOST_PARTS) {
            return List.of();
        }
        Set<List<Integer>> joined = new HashSet<>();
        work.joints().forEach(joint -> {
            joined.add(List.of(joint.a(), joint.b()));
            joined.add(List.of(joint.b(), joint.a()));
        });
        var balls = new ArrayList<Balls>();
        for (int i = 0; i < n; i++) {
            balls.add(
                    balls(work.parts().get(i).spec().body(maker), laid.places().get(i)));
        }
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

    /** Loops that share a ring push each other aside and always touch. */
    private static boolean beside(PieceWork work, int a, int b) {
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

    private static Balls balls(Body body, Laid.Place place) {
        var middles = new ArrayList<Vector3D>();
        var radii = new ArrayList<Double>();
        for (Body.Tube tube : body.tubes()) {
            List<Vector3D> points = tube.points();
            for (int i = 0; i < points.size(); i++) {
                Vector3D from = points.get(i);
                Vector3D to = points.get(Math.min(i + 1, points.size() - 1));
                int steps = Math.max(1, (int) Math.ceil(from.distance(to) / (tube.diameterMm() / 2)));
                for (int step = 0; step < steps && middles.size() <= MOST_BALLS; step++) {
                    double share = (double) step / steps;
                    middles.add(place.of(new Vector3D(1 - share, from, share, to)));
                    radii.add(tube.diameterMm() / 2);
                }
            }
        }
        for (Solid solid : body.solids()) {
            middles.add(place.of(solid.centre()));
            radii.add(Math.min(solid.diameterMm(), solid.lengthMm()) / 2);
        }
        Vector3D middle =
                middles.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / Math.max(1, middles.size()));
        double reach = 0;
        for (int i = 0; i < middles.size(); i++) {
            reach = Math.max(reach, middles.get(i).distance(middle) + radii.get(i));
        }
        return new Balls(middles, radii, middle, reach);
    }

    private static double depth(Balls one, Balls other) {
        boolean far = one.middle().distance(other.middle()) > one.reach() + other.reach();
        if (far || one.middles().size() > MOST_BALLS || other.middles().size() > MOST_BALLS) {
            return 0;
        }
        double deepest = 0;
        for (int i = 0; i < one.middles().size(); i++) {
            Effort.check();
            for (int j = 0; j < other.middles().size(); j++) {
                double apart = one.middles().get(i).distance(other.middles().get(j));
                deepest = Math.max(deepest, one.radii().get(i) + other.radii().get(j) - apart);
            }
        }
        return deepest;
    }
}
