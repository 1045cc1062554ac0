package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Port;
import toroid.core.form.Solid;
import toroid.core.numeric.Vectors;
import toroid.core.piece.part.Body;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;

/**
 * Where every part of a piece is, laid out taut: the row along x or hung down, what hangs from it straight down, seen from the front along z. Each
 * part's face is turned as {@link PieceWork#facingDegrees} says.
 *
 * @param places one for each part
 */
public record Laid(List<Place> places) {
    /**
     * @param at where the part's own origin comes to be, mm
     * @param turn how it is turned, of its own coordinates into those of the piece
     * @param bend how it is bent first; null where it stays straight
     */
    public record Place(Vector3D at, Rotation turn, Bend bend) {
        public Vector3D of(Vector3D own) {
            return put(bend == null ? own : bend.of(own));
        }

        /** Where a place of what was bent first comes to be. */
        Vector3D put(Vector3D bent) {
            return at.add(turn.applyTo(bent));
        }

        /** A direction of the piece at a place of the part, in the part's own coordinates. */
        Vector3D own(Vector3D place, Vector3D way) {
            Vector3D unbent = turn.applyInverseTo(way);
            if (bend == null) {
                return unbent;
            }
            return new Vector3D(
                    Vectors.dot(unbent, bend.direction(place, Vector3D.PLUS_I)),
                    Vectors.dot(unbent, bend.direction(place, Vector3D.PLUS_J)),
                    Vectors.dot(unbent, bend.direction(place, Vector3D.PLUS_K)));
        }

        /** Its body as it is before it is turned and put in its place: bent where it is bent. */
        public Body own(Body body) {
            return bend == null ? body : bent(body, bend);
        }
    }

    /** The body of what is bent first, in its own coordinates still. */
    private static Body bent(Body body, Bend bend) {
        return new Body(
                body.tubes().stream()
                        .map(tube -> new Body.Tube(
                                tube.metal(),
                                tube.diameterMm(),
                                fine(tube).stream().map(bend::of).toList(),
                                tube.closed()))
                        .toList(),
                body.solids().stream()
                        .map(solid -> solid.at(bend.of(solid.centre()), bend.direction(solid.centre(), solid.axis())))
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
                points.add(Vectors.sum(1 - share, given.get(i), share, given.get(i + 1)));
            }
        }
        points.add(given.get(given.size() - 1));
        return points;
    }

    private static final double STEP_MM = 3;

    /** What becomes of a part that is supple and lies along x. */
    public sealed interface Bend {
        /** A place of it. */
        Vector3D of(Vector3D own);

        /** A direction at a place of it. */
        Vector3D direction(Vector3D own, Vector3D way);
    }

    /** Along a line of equal steps, its front as far to the front as it goes. */
    public record Curve(double stepMm, List<Vector3D> places) implements Bend {
        public Curve {
            places = List.copyOf(places);
        }

        @Override
        public Vector3D of(Vector3D own) {
            int step = step(own);
            Vector3D from = places.get(step);
            double share = own.getX() / stepMm - step;
            Vector3D at = from.add(places.get(step + 1).subtract(from).scalarMultiply(share));
            return at.add(direction(own, new Vector3D(0, own.getY(), own.getZ())));
        }

        @Override
        public Vector3D direction(Vector3D own, Vector3D way) {
            int step = step(own);
            Vector3D along = places.get(step + 1).subtract(places.get(step)).normalize();
            Vector3D across = Vectors.cross(Vector3D.PLUS_K, along).normalize();
            return Vectors.sum(way.getX(), along, way.getY(), across, way.getZ(), Vectors.cross(along, across));
        }

        private int step(Vector3D own) {
            return Math.max(0, Math.min(places.size() - 2, (int) Math.floor(own.getX() / stepMm)));
        }
    }

    /** What is supple and lies along x bent to the right about a circle of that radius, mm: as long along its row as before, what is below the row outside. */
    public record Arc(double radiusMm) implements Bend {
        @Override
        public Vector3D of(Vector3D own) {
            double angle = own.getX() / radiusMm;
            double out = radiusMm - own.getY();
            return new Vector3D(out * Math.sin(angle), out * Math.cos(angle) - radiusMm, -own.getZ());
        }

        @Override
        public Vector3D direction(Vector3D own, Vector3D way) {
            return new Rotation(Vector3D.PLUS_K, -own.getX() / radiusMm, RotationConvention.VECTOR_OPERATOR)
                    .applyTo(new Vector3D(way.getX(), -way.getY(), -way.getZ()));
        }
    }

    /** Which way the row goes. */
    public enum Way {
        ALONG(Vector3D.PLUS_I),
        DOWN(Vector3D.MINUS_J);

        private final Vector3D row;

        Way(Vector3D row) {
            this.row = row;
        }
    }

    public Laid {
        places = List.copyOf(places);
    }

    public static Laid of(PieceWork work, Way way) {
        List<Vector3D> own = work.hung().stream().map(Hung::pull).toList();
        return of(work, way, own);
    }

    /** Hung by its first part, each turned by its weight and by what pushes it. */
    public static Laid hung(PieceWork work, PartMaker maker) {
        return hung(work, PushedApart.of(work, maker).hanging());
    }

    /** Hung by its first part, each turned by its weight. */
    public static Laid hung(PieceWork work, Hanging hanging) {
        return of(work, Way.DOWN, hanging.down());
    }

    private static Laid of(PieceWork work, Way way, List<Vector3D> own) {
        var places = new ArrayList<Place>();
        for (int i = 0; i < work.parts().size(); i++) {
            boolean inRow = work.placed().get(i).depth() == 0;
            Vector3D pull = inRow ? way.row : Vector3D.MINUS_J;
            Vector3D from = i == 0 ? Vector3D.ZERO : bearing(work, i, places, pull);
            places.add(place(work, i, pull, from, own.get(i)));
        }
        return new Laid(places);
    }

    /**
     * From the first bearing point, or the top of a first part that is held there, down to the lowest of it, mm: as exact as its bodies are drawn,
     * within 0.3 % of a ring's radius.
     */
    public double depthMm(PieceWork work, PartMaker maker) {
        double lowest = 0;
        for (int i = 0; i < places.size(); i++) {
            Place place = places.get(i);
            Body body = place.own(work.parts().get(i).spec().body(maker));
            for (Body.Tube tube : body.tubes()) {
                for (Vector3D point : tube.points()) {
                    lowest = Math.min(lowest, place.put(point).getY() - tube.diameterMm() / 2);
                }
            }
            for (Solid solid : body.solids()) {
                Vector3D down = place.turn().applyInverseTo(Vector3D.MINUS_J);
                lowest = Math.min(lowest, place.put(solid.centre()).getY() - solid.reachMm(down));
            }
        }
        return -lowest;
    }

    /**
     * Closed as it lies on a table: the row's corners on one circle as {@link Worn} has it, beginning at the top and going round to the right; what
     * hangs from it outwards. Null where it does not close.
     */
    public static Laid round(PieceWork work) {
        double radius = Worn.cornerRadiusMm(work);
        if (radius == 0) {
            return null;
        }
        var places = new ArrayList<Place>();
        double at = 0;
        for (int i = 0; i < work.parts().size(); i++) {
            PartWork part = work.parts().get(i);
            if (work.placed().get(i).depth() > 0) {
                Vector3D hangs = places.get(work.hangsBy(i).a())
                        .of(work.hangsBy(i).portA().centre());
                Vector3D out = new Vector3D(hangs.getX(), hangs.getY(), 0).normalize();
                places.add(place(
                        work,
                        i,
                        out,
                        bearing(work, i, places, out),
                        work.hung().get(i).pull()));
                continue;
            }
            double sweep = part.isSupple() ? part.spanMm() / radius : 2 * Math.asin(part.spanMm() / (2 * radius));
            Vector3D from = onCircle(radius, at);
            if (part.isSupple()) {
                var begins = new Rotation(Vector3D.PLUS_K, -at, RotationConvention.VECTOR_OPERATOR);
                places.add(new Place(from, begins, new Arc(radius)));
            } else {
                var pull = new Vector3D(Math.cos(at + sweep / 2), -Math.sin(at + sweep / 2), 0);
                places.add(place(work, i, pull, from, work.hung().get(i).pull()));
            }
            at += sweep;
        }
        return new Laid(places);
    }

    /** As it hangs from a neck, seen from the front; what hangs from the row straight down. */
    public static Laid draped(PieceWork work, Draped draped) {
        Map<Integer, List<Draped.Stretch>> stretches =
                draped.stretches().stream().collect(Collectors.groupingBy(Draped.Stretch::part));
        var places = new ArrayList<Place>();
        for (int i = 0; i < work.parts().size(); i++) {
            PartWork part = work.parts().get(i);
            List<Draped.Stretch> own = stretches.get(i);
            Vector3D pull = own == null ? Vector3D.MINUS_J : own.get(0).way();
            if (own != null && part.isSupple()) {
                var line = new ArrayList<Vector3D>();
                line.add(own.get(0).from());
                own.forEach(one -> line.add(one.to()));
                places.add(new Place(Vector3D.ZERO, Rotation.IDENTITY, new Curve(part.spanMm() / own.size(), line)));
            } else {
                Vector3D from = own == null
                        ? bearing(work, i, places, pull)
                        : own.get(0).from();
                places.add(place(work, i, pull, from, work.hung().get(i).pull()));
            }
        }
        return new Laid(places);
    }

    private static Vector3D onCircle(double radius, double angle) {
        return new Vector3D(radius * Math.sin(angle), radius * Math.cos(angle), 0);
    }

    /** Where it bears in what it hangs in; of several that hang side by side in one loop each in its turn. */
    private static Vector3D bearing(PieceWork work, int part, List<Place> places, Vector3D pull) {
        Joint joint = work.hangsBy(part);
        Place parent = places.get(joint.a());
        Vector3D own = parent.own(joint.portA().centre(), pull);
        List<Joint> beside = work.joints().stream()
                .filter(other -> other.a() == joint.a()
                        && other.portA() == joint.portA()
                        && work.placed().get(other.b()).hanging() >= 0
                        && other.b() > 0)
                .toList();
        int at = beside.indexOf(joint);
        if (at < 0 || beside.size() == 1) {
            return parent.of(joint.portA().bearing(own));
        }
        double angle = (at - (beside.size() - 1) / 2.0) * besideRadians(joint);
        var turned = new Rotation(joint.portA().axis(), angle, RotationConvention.VECTOR_OPERATOR);
        return parent.of(joint.portA().bearing(turned.applyTo(own)));
    }

    /** The angle a wire of thickness w takes on the inside: {@code 2 asin(w/(ID − w))}. Derived by us. */
    static double besideRadians(Joint joint) {
        double wire = joint.portB().wireMm();
        return 2 * Math.asin(Math.min(1, wire / Math.max(wire, joint.portA().insideMm() - wire)));
    }

    private static Place place(PieceWork work, int i, Vector3D pull, Vector3D from, Vector3D own) {
        PartWork part = work.parts().get(i);
        Hung hung = work.hung().get(i);
        Port in = hung.in();
        var facing =
                new Rotation(pull, Math.toRadians(work.facingDegrees().get(i)), RotationConvention.VECTOR_OPERATOR);
        Vector3D face = facing.applyTo(Vector3D.PLUS_K);
        Vector3D axis = in.axis().subtract(own.scalarMultiply(Vectors.dot(in.axis(), own)));
        Rotation turn =
                axis.getNorm() < SQUARE ? new Rotation(own, pull) : new Rotation(own, axis.normalize(), pull, face);
        if (turn.applyTo(part.bow()).getZ() < 0) {
            // either face goes to the front; what is domed turns its outside there
            turn = new Rotation(pull, Math.PI, RotationConvention.VECTOR_OPERATOR).applyTo(turn);
        }
        // the first of a row with its only loop towards the row begins at its far end
        boolean ends = hung.turned() && part.last() == null;
        Vector3D bears = turn.applyTo(in.bearing(ends ? own : own.negate()));
        return new Place(from.subtract(ends ? bears.subtract(pull.scalarMultiply(part.spanMm())) : bears), turn, null);
    }

    /** A loop whose axis lies along the pull has no face. */
    private static final double SQUARE = 1e-3;
}
