package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.piece.part.PartWork;
import toroid.core.quantity.Force;

/**
 * A necklace on a neck: behind it lies on half the girth, its two ends in the middle of that; before it hangs from both sides of the neck as
 * {@link Sag} has it, each part with the weight of all that hangs from it. The neck is taken as round and its sides as of one height, skin
 * and cloth as without friction, the breast as upright: what is told of it is within about a centimetre (our estimate).
 *
 * @param neckRadiusMm of the circle it lies on
 * @param deepestMm how far its row hangs below the sides of the neck, to its lowest bearing point
 * @param pullN at the sides of the neck, along the row
 * @param stretches of the row, from its first end on: parts, and small steps of what is supple
 */
public record Draped(double neckRadiusMm, double deepestMm, double pullN, List<Stretch> stretches) {
    /**
     * A stiff part, or a step of a supple one.
     *
     * @param part its place in the piece
     * @param from where it begins: across, up, forward; mm, from the middle of the neck
     * @param to where it ends
     */
    public record Stretch(int part, Vector3D from, Vector3D to) {
        Vector3D way() {
            return to.subtract(from).normalize();
        }
    }

    public Draped {
        stretches = List.copyOf(stretches);
    }

    /** What bends is hung in steps of this, mm: a tenth changes a necklace's depth by less than 0.1 mm. */
    private static final double STEP_MM = 3;

    private static final int MOST_STEPS = 600;

    /** How far the neck's back is higher than its front, drawn so; of a grown person's, about. From memory. */
    private static final double BACK_UP_DEGREES = 35;

    /** A stretch of the row before it is hung. */
    private record Bit(int part, double lengthMm, double grams, double share) {}

    /** @return null where it does not hang: as close as the neck, or one part too wide */
    public static Draped of(PieceWork work, double girthMm) {
        if (work.lengthMm() <= girthMm) {
            return null;
        }
        double radius = girthMm / (2 * Math.PI);
        List<Bit> row = row(work);
        double length = row.stream().mapToDouble(Bit::lengthMm).sum();
        // as much of the row behind on either side as half the back
        int first = after(row, girthMm / 4);
        int last = after(row, length - girthMm / 4);
        List<Sag.Link> front = row.subList(first, last).stream()
                .map(one -> new Sag.Link(one.lengthMm(), one.grams(), one.share()))
                .toList();
        Sag sag = Sag.of(front, 2 * radius);
        if (sag == null) {
            return null;
        }
        var stretches = new ArrayList<Stretch>();
        behind(stretches, row.subList(0, first), radius, -1);
        double deepest = 0;
        Vector3D at = new Vector3D(-radius, 0, 0);
        for (int i = first; i < last; i++) {
            double fall = sag.fallRadians().get(i - first);
            Vector3D to = at.add(new Vector3D(Math.cos(fall), -Math.sin(fall), 0)
                    .scalarMultiply(row.get(i).lengthMm()));
            stretches.add(new Stretch(row.get(i).part(), at, to));
            deepest = Math.max(deepest, -to.getY());
            at = to;
        }
        behind(stretches, row.subList(last, row.size()), radius, 1);
        double newtons = Math.hypot(sag.sideways(), sag.carried()) / 1000 * Force.STANDARD_GRAVITY;
        return new Draped(radius, deepest, newtons, stretches);
    }

    /** How many stretches end before that place of the row, to the nearest. */
    private static int after(List<Bit> row, double placeMm) {
        double at = 0;
        for (int i = 0; i < row.size(); i++) {
            if (at + row.get(i).lengthMm() / 2 > placeMm) {
                return i;
            }
            at += row.get(i).lengthMm();
        }
        return row.size();
    }

    /** Round the back of the neck, evenly: to its left side, or from its right one. */
    private static void behind(List<Stretch> stretches, List<Bit> row, double radius, int side) {
        double length = row.stream().mapToDouble(Bit::lengthMm).sum();
        double at = side < 0 ? 0 : length;
        for (Bit one : row) {
            double next = at - side * one.lengthMm();
            stretches.add(new Stretch(one.part(), back(radius, at / length, side), back(radius, next / length, side)));
            at = next;
        }
    }

    /** @param share of the way from the middle of the back to a side of the neck */
    private static Vector3D back(double radius, double share, int side) {
        double angle = share * Math.PI / 2;
        var level = new Vector3D(side * radius * Math.sin(angle), 0, -radius * Math.cos(angle));
        return new Rotation(Vector3D.PLUS_I, Math.toRadians(BACK_UP_DEGREES), RotationConvention.VECTOR_OPERATOR)
                .applyTo(level);
    }

    private static List<Bit> row(PieceWork work) {
        double[] carries = Hanging.carriesG(work);
        var row = new ArrayList<Bit>();
        for (int i : work.row()) {
            PartWork part = work.parts().get(i);
            int steps =
                    part.isSupple() ? (int) Math.min(MOST_STEPS, Math.max(1, Math.ceil(part.spanMm() / STEP_MM))) : 1;
            List<Load> loads = loads(work, i, carries);
            for (int step = 0; step < steps; step++) {
                row.add(bit(part, i, step, steps, loads));
            }
        }
        return row;
    }

    /** @param alongMm from where the part begins, along its pull */
    private record Load(double grams, double alongMm) {}

    /** What hangs from a part besides its row, where that hangs along it. */
    private static List<Load> loads(PieceWork work, int i, double[] carries) {
        var loads = new ArrayList<Load>();
        for (Joint joint : work.joints()) {
            if (joint.a() == i && joint.b() > i && work.placed().get(joint.b()).hanging() >= 0) {
                loads.add(new Load(
                        carries[joint.b()],
                        along(work.hung().get(i), joint.portA().centre())));
            }
        }
        if (!work.parts().get(i).isSupple()) {
            PartWork part = work.parts().get(i);
            loads.add(new Load(part.massG(), along(work.hung().get(i), part.middle())));
        }
        return loads;
    }

    private static double along(Hung hung, Vector3D place) {
        Vector3D begins = hung.in().bearing(hung.pull().negate());
        return place.subtract(begins).dotProduct(hung.pull());
    }

    private static Bit bit(PartWork part, int i, int step, int steps, List<Load> loads) {
        double length = part.spanMm() / steps;
        double grams = part.isSupple() ? part.massG() / steps : 0;
        double moment = grams * length / 2;
        for (Load load : loads) {
            int at = Math.max(0, Math.min(steps - 1, (int) Math.floor(load.alongMm() / length)));
            if (at == step) {
                grams += load.grams();
                moment += load.grams() * (load.alongMm() - step * length);
            }
        }
        double share = grams <= 0 ? 0.5 : moment / grams / length;
        return new Bit(i, length, grams, Math.max(0, Math.min(1, share)));
    }
}
