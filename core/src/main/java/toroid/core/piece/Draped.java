package toroid.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Vectors;
import toroid.core.piece.part.PartWork;
import toroid.core.quantity.Force;

/**
 * A necklace on a neck: behind it lies on half the girth; before it hangs from both sides of the neck as {@link Sag} has it, each part with the
 * weight of all that hangs from it, slid round until both sides carry alike. The neck is taken as round and its sides as of one height, skin and
 * cloth as without friction, the breast as upright: what is told of it is within about a centimetre (our estimate).
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

    /** A row longer than so many steps is hung in longer ones. */
    private static final int MOST_STEPS = 1000;

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
        Front front = balanced(row, girthMm / 2, 2 * radius);
        if (front == null) {
            return null;
        }
        Sag sag = front.sag();
        var stretches = new ArrayList<Stretch>();
        List<Bit> right = row.subList(front.last(), row.size());
        List<Bit> left = row.subList(0, front.first());
        double behind = length(right) + length(left);
        around(stretches, left, radius, length(right), behind);
        double deepest = 0;
        Vector3D at = new Vector3D(-radius, 0, 0);
        for (int i = front.first(); i < front.last(); i++) {
            double fall = sag.fallRadians().get(i - front.first());
            Vector3D to = at.add(new Vector3D(Math.cos(fall), -Math.sin(fall), 0)
                    .scalarMultiply(row.get(i).lengthMm()));
            stretches.add(new Stretch(row.get(i).part(), at, to));
            deepest = Math.max(deepest, -to.getY());
            at = to;
        }
        around(stretches, right, radius, 0, behind);
        double newtons = Math.hypot(sag.sideways(), sag.carried()) / 1000 * Force.STANDARD_GRAVITY;
        return new Draped(radius, deepest, newtons, stretches);
    }

    private static double length(List<Bit> row) {
        return row.stream().mapToDouble(Bit::lengthMm).sum();
    }

    /** Sides that differ by less of what they carry are alike: skin holds that. Our own. */
    private static final double EVEN = 0.02;

    /**
     * What of the row hangs before the neck.
     *
     * @param uneven how much more one side of the neck carries than the other, as a share of both, to the nearest {@value #EVEN}
     */
    private record Front(int first, int last, Sag sag, double uneven) {}

    /** It slides round the neck until both its sides carry alike, to the nearest stretch. */
    private static Front balanced(List<Bit> row, double behindMm, double spanMm) {
        double length = length(row);
        int middle = after(row, behindMm / 2);
        Front best = front(row, middle, length - behindMm, spanMm);
        for (int way = -1; way <= 1; way += 2) {
            for (int first = middle + way; first >= 0 && first < row.size(); first += way) {
                Effort.check();
                Front next = front(row, first, length - behindMm, spanMm);
                if (next == null || best != null && next.uneven() >= best.uneven()) {
                    break;
                }
                best = next;
            }
        }
        return best;
    }

    /** As long as that before the neck, within one stretch: the most even of such. Null where it does not hang so. */
    private static Front front(List<Bit> row, int first, double frontMm, double spanMm) {
        int last = after(row, length(row.subList(0, first)) + frontMm);
        return Stream.of(last, last - 1, last + 1)
                .filter(end -> end > first && end <= row.size())
                .map(end -> between(row, first, end, spanMm))
                .filter(Objects::nonNull)
                .min(Comparator.comparingDouble(Front::uneven))
                .orElse(null);
    }

    private static Front between(List<Bit> row, int first, int last, double spanMm) {
        List<Sag.Link> links = row.subList(first, last).stream()
                .map(one -> new Sag.Link(one.lengthMm(), one.grams(), one.share()))
                .toList();
        Sag sag = Sag.of(links, spanMm);
        if (sag == null) {
            return null;
        }
        double all = links.stream().mapToDouble(Sag.Link::weight).sum();
        double uneven = Math.rint((2 * sag.carried() / all - 1) / EVEN) * EVEN;
        return new Front(first, last, sag, Math.abs(uneven));
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

    /** Round the back of the neck, evenly, from its right side to its left; it begins so far from the right side. */
    private static void around(List<Stretch> stretches, List<Bit> row, double radius, double fromMm, double behindMm) {
        double at = fromMm;
        for (Bit one : row) {
            double next = at + one.lengthMm();
            stretches.add(new Stretch(one.part(), back(radius, at / behindMm), back(radius, next / behindMm)));
            at = next;
        }
    }

    /** @param share of the way round the back, from the right side of the neck */
    private static Vector3D back(double radius, double share) {
        double angle = Math.PI / 2 - Math.PI * share;
        var level = new Vector3D(radius * Math.sin(angle), 0, -radius * Math.cos(angle));
        return new Rotation(Vector3D.PLUS_I, Math.toRadians(BACK_UP_DEGREES), RotationConvention.VECTOR_OPERATOR)
                .applyTo(level);
    }

    private static List<Bit> row(PieceWork work) {
        double[] carries = Hanging.carriesG(work);
        double step = Math.max(STEP_MM, work.lengthMm() / MOST_STEPS);
        var row = new ArrayList<Bit>();
        for (int i : work.row()) {
            PartWork part = work.parts().get(i);
            int steps = part.isSupple() ? Math.max(1, (int) Math.ceil(part.spanMm() / step)) : 1;
            List<Load> loads = loads(work, i, carries);
            for (int n = 0; n < steps; n++) {
                row.add(bit(part, i, n, steps, loads));
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
        return Vectors.dot(place.subtract(begins), hung.pull());
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
