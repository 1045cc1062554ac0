package toroid.server.piece;

import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Solid;
import toroid.core.piece.Laid;
import toroid.core.piece.PieceWork;
import toroid.core.piece.part.Body;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartSpec;
import toroid.server.form.FormAnswer;
import toroid.server.form.Points;

/**
 * Its parts where they are, each shape told once. Lengths mm.
 *
 * @param shapes of the parts that differ
 * @param shapeOf the shape of each part
 * @param along each part's place in the row laid out: three rows of a turn and where its origin is, twelve numbers
 * @param down the same hung by its first part, each turned by its weight
 * @param round the same closed on a table; null where it does not close
 * @param roundShapeOf the shape of each part there: what is supple is bent
 */
public record PieceDrawing(
        @NotNull List<Shape> shapes,
        @NotNull List<Integer> shapeOf,
        @NotNull List<double[]> along,
        @NotNull List<double[]> down,
        List<double[]> round,
        List<Integer> roundShapeOf) {
    /** A part's wires and what is on them, where its own origin is. */
    record Shape(@NotNull List<Tube> tubes, @NotNull List<FormAnswer.SolidView> solids) {}

    /**
     * @param metal null for the piece's
     * @param points three numbers each
     */
    record Tube(
            String metal,
            @NotNull double diameterMm,
            @NotNull double[] points,
            @NotNull boolean closed) {}

    static PieceDrawing of(PieceWork work, Laid hung, PartMaker maker) {
        Map<PartSpec, Integer> places = new LinkedHashMap<>();
        var shapes = new ArrayList<Shape>();
        var shapeOf = new ArrayList<Integer>();
        for (var part : work.parts()) {
            Integer place = places.get(part.spec());
            if (place == null) {
                place = shapes.size();
                places.put(part.spec(), place);
                shapes.add(shape(part.spec().body(maker)));
            }
            shapeOf.add(place);
        }
        Laid round = Laid.round(work);
        var roundShapeOf = new ArrayList<>(shapeOf);
        int points = 0;
        for (int i = 0; round != null && i < shapeOf.size(); i++) {
            Laid.Place place = round.places().get(i);
            if (place.arc() != null) {
                Shape bent = shape(bent(work.parts().get(i).spec().body(maker), place.arc()));
                points += size(bent);
                roundShapeOf.set(i, shapes.size());
                shapes.add(bent);
            }
            if (points > MOST_POINTS) {
                round = null;
                shapes.subList(places.size(), shapes.size()).clear();
            }
        }
        return new PieceDrawing(
                shapes,
                shapeOf,
                places(Laid.of(work, Laid.Way.ALONG)),
                places(hung),
                round == null ? null : places(round),
                round == null ? null : roundShapeOf);
    }

    /** Of more points than these, bent, nothing is told: a piece of so many strands goes round nobody. */
    private static final int MOST_POINTS = 100_000;

    private static int size(Shape shape) {
        return shape.solids().size()
                + shape.tubes().stream()
                        .mapToInt(tube -> tube.points().length / 3)
                        .sum();
    }

    private static Body bent(Body body, Laid.Arc arc) {
        var here = new Laid.Place(Vector3D.ZERO, Rotation.IDENTITY, arc);
        return new Body(
                body.tubes().stream()
                        .map(tube -> new Body.Tube(
                                tube.metal(),
                                tube.diameterMm(),
                                fine(tube).stream().map(here::of).toList(),
                                tube.closed()))
                        .toList(),
                body.solids().stream()
                        .map(solid -> new Solid(
                                solid.kind(),
                                here.of(solid.centre()),
                                here.direction(solid.centre(), solid.axis()),
                                solid.diameterMm(),
                                solid.lengthMm(),
                                solid.holeMm()))
                        .toList());
    }

    /** Long straight stretches in steps, so that they bend. */
    private static List<Vector3D> fine(Body.Tube tube) {
        var points = new ArrayList<Vector3D>();
        List<Vector3D> given = tube.points();
        for (int i = 0; i + 1 < given.size(); i++) {
            int steps = (int) Math.ceil(given.get(i).distance(given.get(i + 1)) / STEP_MM);
            for (int step = 0; step < steps; step++) {
                double share = (double) step / steps;
                points.add(new Vector3D(1 - share, given.get(i), share, given.get(i + 1)));
            }
        }
        points.add(given.get(given.size() - 1));
        return points;
    }

    private static final double STEP_MM = 3;

    private static Shape shape(Body body) {
        return new Shape(
                body.tubes().stream()
                        .map(tube ->
                                new Tube(tube.metal(), tube.diameterMm(), Points.inRow(tube.points()), tube.closed()))
                        .toList(),
                body.solids().stream().map(FormAnswer.SolidView::of).toList());
    }

    static List<double[]> places(Laid laid) {
        return laid.places().stream()
                .map(place -> {
                    double[][] turn = place.turn().getMatrix();
                    double[] twelve = new double[12];
                    for (int row = 0; row < 3; row++) {
                        for (int column = 0; column < 3; column++) {
                            twelve[3 * row + column] = Points.rounded(turn[row][column]);
                        }
                    }
                    twelve[9] = Points.rounded(place.at().getX());
                    twelve[10] = Points.rounded(place.at().getY());
                    twelve[11] = Points.rounded(place.at().getZ());
                    return twelve;
                })
                .toList();
    }
}
