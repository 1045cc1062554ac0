package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Solid;
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

    boolean areTooMany() {
        return middles.size() > MOST;
    }

    private static Balls of(Body body, Laid.Place place) {
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
}
