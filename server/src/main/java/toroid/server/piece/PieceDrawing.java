package toroid.server.piece;

import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
 * @param draped the same hung from a neck, seen from its front; null where it goes round none, or as close as it
 * @param drapedShapeOf the shape of each part there
 */
public record PieceDrawing(
        @NotNull List<Shape> shapes,
        @NotNull List<Integer> shapeOf,
        @NotNull List<double[]> along,
        @NotNull List<double[]> down,
        List<double[]> round,
        List<Integer> roundShapeOf,
        List<double[]> draped,
        List<Integer> drapedShapeOf) {
    /** A part's wires and what is on them, where its own origin is. */
    record Shape(@NotNull List<Tube> tubes, @NotNull List<FormAnswer.SolidView> solids) {}

    /**
     * @param metal null for the piece's
     * @param points three numbers each
     * @param sections where it is hammered, as of a form worked out; empty for one that is round all along
     */
    record Tube(
            String metal,
            @NotNull double diameterMm,
            @NotNull double[] points,
            @NotNull boolean closed,
            @NotNull double[] sections,
            @NotNull List<FormAnswer.HoleView> holes) {
        static Tube of(Body.Tube tube) {
            return new Tube(
                    tube.metal(),
                    tube.diameterMm(),
                    Points.inRow(tube.points()),
                    tube.closed(),
                    Points.sections(tube.sections()),
                    tube.holes().stream().map(FormAnswer.HoleView::of).toList());
        }
    }

    /** @param draped as it hangs from a neck; null where it does not */
    static PieceDrawing of(PieceWork work, Laid hung, Laid draped, PartMaker maker) {
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
        List<Integer> roundShapeOf = round == null ? null : bent(shapes, shapeOf, work, round, maker);
        List<Integer> drapedShapeOf = draped == null ? null : bent(shapes, shapeOf, work, draped, maker);
        return new PieceDrawing(
                shapes,
                shapeOf,
                places(Laid.of(work, Laid.Way.ALONG)),
                places(hung),
                roundShapeOf == null ? null : places(round),
                roundShapeOf,
                drapedShapeOf == null ? null : places(draped),
                drapedShapeOf);
    }

    /** Adds the shapes of what is bent; null, and nothing added, where they have too many points. */
    private static List<Integer> bent(
            List<Shape> shapes, List<Integer> straight, PieceWork work, Laid laid, PartMaker maker) {
        var shapeOf = new ArrayList<>(straight);
        int before = shapes.size();
        int points = 0;
        for (int i = 0; i < straight.size(); i++) {
            Laid.Place place = laid.places().get(i);
            if (place.bend() != null) {
                Shape bent = shape(place.own(work.parts().get(i).spec().body(maker)));
                points += size(bent);
                shapeOf.set(i, shapes.size());
                shapes.add(bent);
            }
            if (points > MOST_POINTS) {
                shapes.subList(before, shapes.size()).clear();
                return null;
            }
        }
        return shapeOf;
    }

    /** Of more points than these, bent, nothing is told: a piece of so many strands goes round nobody. */
    private static final int MOST_POINTS = 100_000;

    private static int size(Shape shape) {
        return shape.solids().size()
                + shape.tubes().stream()
                        .mapToInt(tube -> tube.points().length / 3)
                        .sum();
    }

    private static Shape shape(Body body) {
        return new Shape(
                body.tubes().stream().map(Tube::of).toList(),
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
