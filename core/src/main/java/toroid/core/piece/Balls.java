package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Solid;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Vectors;
import toroid.core.piece.part.Body;
import toroid.core.piece.part.PartMaker;

/**
 * A part as balls along it, half a wire apart, beads as balls of their thickness; and one ball that holds them all.
 *
 * @param middles mm, where the part is in its piece
 * @param radii of each, mm
 */
record Balls(List<Vector3D> middles, List<Double> radii, Vector3D middle, double reach) {
    /** A part of more balls than these is a whole strand or cord, and not looked through. */
    private static final int MOST = 3000;

    /** Every part of a piece. */
    static List<Balls> of(PieceWork work, Laid laid, PartMaker maker) {
        return IntStream.range(0, work.parts().size())
                .mapToObj(i ->
                        of(work.parts().get(i).spec().body(maker), laid.places().get(i)))
                .toList();
    }

    /** The same turned and put somewhere. */
    Balls at(Laid.Place place) {
        return new Balls(middles.stream().map(place::of).toList(), radii, place.of(middle), reach);
    }

    /**
     * Where two come nearest.
     *
     * @param depthMm how far they are in each other there; negative where they are apart
     * @param place between them
     * @param way from the first to the second, unit vector
     */
    record Nearest(double depthMm, Vector3D place, Vector3D way) {}

    /** Null where they are far from each other, or too many. */
    Nearest nearest(Balls other) {
        if (areTooMany() || other.areTooMany() || middle.distance(other.middle) > reach + other.reach + NEAR_MM) {
            return null;
        }
        Nearest nearest = null;
        for (int i = 0; i < middles.size(); i++) {
            Effort.check();
            for (int j = 0; j < other.middles.size(); j++) {
                Vector3D apart = other.middles.get(j).subtract(middles.get(i));
                double depth = radii.get(i) + other.radii.get(j) - apart.getNorm();
                if (nearest == null || depth > nearest.depthMm()) {
                    Vector3D way = apart.getNorm() < 1e-9 ? Vector3D.PLUS_I : apart.normalize();
                    nearest = new Nearest(depth, middles.get(i).add(0.5, apart), way);
                }
            }
        }
        return nearest;
    }

    /** What is no nearer is not looked at. */
    private static final double NEAR_MM = 1;

    boolean areTooMany() {
        return middles.size() > MOST;
    }

    static Balls of(Body body, Laid.Place place) {
        var middles = new ArrayList<Vector3D>();
        var radii = new ArrayList<Double>();
        for (Body.Tube tube : body.tubes()) {
            List<Vector3D> points = tube.points();
            for (int i = 0; i < points.size(); i++) {
                Vector3D from = points.get(i);
                Vector3D to = points.get(Math.min(i + 1, points.size() - 1));
                int steps = Math.max(1, (int) Math.ceil(from.distance(to) / (tube.diameterMm() / 2)));
                for (int step = 0; step < steps && middles.size() <= MOST; step++) {
                    double share = (double) step / steps;
                    middles.add(place.of(Vectors.sum(1 - share, from, share, to)));
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
}
