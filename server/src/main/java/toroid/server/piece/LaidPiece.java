package toroid.server.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Flat;
import toroid.core.form.Solid;
import toroid.core.metal.Metal;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.Laid;
import toroid.core.piece.Piece;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceWork;
import toroid.core.piece.part.Body;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartSpec;

/**
 * A piece laid out in one way, for what is printed and taken away. Lengths mm.
 *
 * @param bodies of the parts that differ, each in its own coordinates
 * @param parts where each part is
 */
public record LaidPiece(
        Piece piece, Metal metal, PieceWork work, PieceLists lists, List<Body> bodies, List<Placed> parts) {
    /** @param body which of the bodies */
    public record Placed(String name, int body, Vector3D at, Rotation turn) {
        public Vector3D of(Vector3D own) {
            return at.add(turn.applyTo(own));
        }

        Flat.Section turned(Flat.Section own) {
            return new Flat.Section(turn.applyTo(own.across()), own.halfWideMm(), own.halfThickMm());
        }
    }

    static LaidPiece of(Piece piece, Metal metal, PieceWork work, PieceLists lists, Laid laid, PartMaker maker) {
        Map<PartSpec, Integer> straight = new HashMap<>();
        var bodies = new ArrayList<Body>();
        var parts = new ArrayList<Placed>();
        for (int i = 0; i < laid.places().size(); i++) {
            Laid.Place place = laid.places().get(i);
            PartSpec spec = work.parts().get(i).spec();
            Integer body = place.bend() == null ? straight.get(spec) : null;
            if (body == null) {
                body = bodies.size();
                bodies.add(place.own(spec.body(maker)));
                if (place.bend() == null) {
                    straight.put(spec, body);
                }
            }
            parts.add(new Placed(work.parts().get(i).name(), body, place.at(), place.turn()));
        }
        return new LaidPiece(piece, metal, work, lists, bodies, parts);
    }

    private static final int MOST_PLACES = 400_000;

    /** A wire where it is in the piece. */
    public record Wire(
            String metal, double diameterMm, List<Vector3D> points, boolean closed, List<Flat.Section> sections) {}

    /** @throws toroid.core.numeric.Refusal where they have more places than a drawing holds */
    public List<Wire> wires() {
        long places = parts.stream()
                .mapToLong(part -> bodies.get(part.body()).tubes().stream()
                        .mapToInt(tube -> tube.points().size())
                        .sum())
                .sum();
        Checks.within("line", places, 0, MOST_PLACES, Unit.POINTS, Remedy.MAKE_IT_IN_PARTS);
        return parts.stream()
                .flatMap(part -> bodies.get(part.body()).tubes().stream()
                        .map(tube -> new Wire(
                                tube.metal() == null ? metal.id() : tube.metal(),
                                tube.diameterMm(),
                                tube.points().stream().map(part::of).toList(),
                                tube.closed(),
                                tube.sections().stream().map(part::turned).toList())))
                .toList();
    }

    /** What it takes on paper, from its front: left, right, lowest, top; mm. */
    public record Box(double left, double right, double low, double top) {
        public double width() {
            return right - left;
        }

        public double height() {
            return top - low;
        }
    }

    /** @throws toroid.core.numeric.Refusal as {@link #wires} */
    public Box box() {
        double[] box = {Double.MAX_VALUE, -Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE};
        wires().forEach(wire -> wire.points().forEach(point -> hold(box, point, wire.diameterMm() / 2)));
        solids().forEach(solid -> solid.outline().forEach(point -> hold(box, point, 0)));
        return new Box(box[0], box[1], box[2], box[3]);
    }

    private static void hold(double[] box, Vector3D point, double reach) {
        box[0] = Math.min(box[0], point.getX() - reach);
        box[1] = Math.max(box[1], point.getX() + reach);
        box[2] = Math.min(box[2], point.getY() - reach);
        box[3] = Math.max(box[3], point.getY() + reach);
    }

    public List<Solid> solids() {
        return parts.stream()
                .flatMap(part -> bodies.get(part.body()).solids().stream()
                        .map(solid ->
                                solid.at(part.of(solid.centre()), part.turn().applyTo(solid.axis()))))
                .toList();
    }
}
