package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Vectors;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;
import toroid.core.quantity.Force;

/**
 * How a piece hangs where its parts lie against each other: least potential energy with no part in another. Each contact pushes its two parts apart along the way
 * between them with a force that is raised while they are in each other and let go while they are not (Uzawa's method); under it every part hangs where the
 * moments of its weights, of its contacts and of those of all that hangs from it are in balance about its bearing. Twisting about the pull is left to the joints.
 * No friction. Parts are balls ({@link Balls}): right to about a tenth of a wire.
 *
 * @param hanging with all that was pushed apart
 * @param pushes which parts push each other
 */
public record PushedApart(Hanging hanging, List<Push> pushes) {
    /** @param forceN between them, 0 up */
    public record Push(int a, int b, double forceN) {}

    private static final int MOST_TURNS = 150;

    /** Where more pairs than these are in each other it is no earring but a chain held up, and nothing is pushed. */
    private static final int MOST_PAIRS = 12;

    /** Pairs further apart than this are looked at now and then only, mm. */
    private static final double NEAR_MM = 0.5;

    private static final int NOW_AND_THEN = 10;

    /** Contacts this near are settled, mm. */
    private static final double SETTLED_MM = 0.03;

    /** Share of what would part two that each turn takes; and of the way to the new balance. */
    private static final double SHARE = 0.35;

    /** A part leans at most so far, as a share of its moment. */
    private static final double MOST_LEAN = 0.9;

    private static final Vector3D DOWN = Vector3D.MINUS_J;

    public PushedApart {
        pushes = List.copyOf(pushes);
    }

    /** One contact, its force in grams' weight. */
    private static final class Contact {
        private final int a;
        private final int b;
        private double force;
        private Balls.Nearest nearest;

        Contact(int a, int b) {
            this.a = a;
            this.b = b;
        }
    }

    /** In a piece with very many parts nothing is pushed. */
    public static PushedApart of(PieceWork work, PartMaker maker) {
        Hanging free = Hanging.of(work);
        int n = work.parts().size();
        if (n > Touching.MOST_PARTS) {
            return new PushedApart(free, List.of());
        }
        Laid laid = Laid.hung(work, free);
        List<Contact> contacts = contacts(work, Balls.of(work, laid, maker));
        long deep = contacts.stream()
                .filter(one -> one.nearest.depthMm() > SETTLED_MM)
                .count();
        if (deep == 0 || deep > MOST_PAIRS) {
            return new PushedApart(free, List.of());
        }
        List<Balls> own = work.parts().stream()
                .map(part -> Balls.of(part.spec().body(maker), new Laid.Place(Vector3D.ZERO, Rotation.IDENTITY, null)))
                .toList();
        double[] carries = Hanging.carriesG(work);
        Hanging hanging = free;
        for (int turn = 0; turn < MOST_TURNS; turn++) {
            Effort.check();
            boolean whole = turn % NOW_AND_THEN == 0;
            List<Contact> looked = contacts.stream()
                    .filter(one -> whole || one.force > 0 || one.nearest.depthMm() > -NEAR_MM)
                    .toList();
            boolean settled = push(work, laid, looked, carries, hanging, own);
            Hanging next = balanced(work, laid, contacts, carries, hanging);
            boolean still = moved(hanging, next) < 1e-5;
            hanging = next;
            laid = Laid.hung(work, hanging);
            if (settled && still) {
                break;
            }
        }
        List<Push> pushes = contacts.stream()
                .filter(one -> one.force > 0)
                .map(one -> new Push(one.a, one.b, one.force / 1000 * Force.STANDARD_GRAVITY))
                .toList();
        return new PushedApart(hanging, pushes);
    }

    /** Pairs that are near each other and may not be in each other. */
    private static List<Contact> contacts(PieceWork work, List<Balls> balls) {
        Set<List<Integer>> joined = Touching.joined(work);
        var contacts = new ArrayList<Contact>();
        for (int a = 0; a < balls.size(); a++) {
            for (int b = a + 1; b < balls.size(); b++) {
                if (joined.contains(List.of(a, b)) || Touching.beside(work, a, b)) {
                    continue;
                }
                var contact = new Contact(a, b);
                contact.nearest = balls.get(a).nearest(balls.get(b));
                if (contact.nearest != null) {
                    contacts.add(contact);
                }
            }
        }
        return contacts;
    }

    /** Raises or lets go every force by what is wanting; true where nothing is left in anything, and nothing pushed from afar. */
    private static boolean push(
            PieceWork work, Laid laid, List<Contact> contacts, double[] carries, Hanging hanging, List<Balls> own) {
        boolean settled = true;
        for (Contact one : contacts) {
            Balls.Nearest nearest = own.get(one.a)
                    .at(laid.places().get(one.a))
                    .nearest(own.get(one.b).at(laid.places().get(one.b)));
            double depth = nearest == null ? -1 : nearest.depthMm();
            if (nearest != null) {
                one.nearest = nearest;
            }
            settled &= depth < SETTLED_MM && (one.force == 0 || depth > -SETTLED_MM);
            double gives =
                    gives(work, laid, one, one.a, carries, hanging) + gives(work, laid, one, one.b, carries, hanging);
            one.force = gives > 0 ? Math.max(0, one.force + SHARE * depth / gives) : 0;
        }
        return settled;
    }

    /** How far a part gives at a contact for a gram's weight, mm: lever² over its moment. */
    private static double gives(PieceWork work, Laid laid, Contact one, int part, double[] carries, Hanging hanging) {
        if (isStill(work, part)) {
            return 0;
        }
        double lever = Vectors.cross(
                        one.nearest.place().subtract(bearing(work, laid, hanging, part)), one.nearest.way())
                .getNorm();
        double moment =
                Hanging.moment(work, part, carries, hanging.down().get(part)).getNorm();
        return moment < 1e-9 ? 0 : lever * lever / moment;
    }

    /** Held at its far end; or a ring, which rolls and passes on what pushes it. */
    private static boolean isStill(PieceWork work, int part) {
        PartWork own = work.parts().get(part);
        return Hanging.isHeldStraight(work, part)
                || own.first() == own.last() && own.middles().isEmpty();
    }

    private static Vector3D bearing(PieceWork work, Laid laid, Hanging hanging, int part) {
        Vector3D up = hanging.down().get(part).negate();
        return laid.places().get(part).of(work.hung().get(part).in().bearing(up));
    }

    /** Every part turned towards where its weights and its contacts are in balance. */
    private static Hanging balanced(
            PieceWork work, Laid laid, List<Contact> contacts, double[] carries, Hanging hanging) {
        int n = work.parts().size();
        Vector3D[] torque = new Vector3D[n];
        Vector3D[] force = new Vector3D[n];
        for (int i = 0; i < n; i++) {
            torque[i] = Vector3D.ZERO;
            force[i] = Vector3D.ZERO;
        }
        for (Contact one : contacts) {
            Vector3D push = one.nearest.way().scalarMultiply(one.force);
            add(work, laid, hanging, torque, force, one.b, one.nearest.place(), push);
            add(work, laid, hanging, torque, force, one.a, one.nearest.place(), push.negate());
        }
        // what pushes a part pushes what it hangs in, at its bearing
        for (int i = n - 1; i > 0; i--) {
            add(work, laid, hanging, torque, force, work.hangsBy(i).a(), bearing(work, laid, hanging, i), force[i]);
        }
        var down = new ArrayList<Vector3D>();
        for (int i = 0; i < n; i++) {
            down.add(
                    isStill(work, i)
                            ? hanging.down().get(i)
                            : leant(
                                    laid.places().get(i).turn(),
                                    hanging.down().get(i),
                                    torque[i],
                                    Hanging.moment(
                                            work, i, carries, hanging.down().get(i))));
        }
        return Hanging.of(work, down, hanging.carriesG());
    }

    private static void add(
            PieceWork work,
            Laid laid,
            Hanging hanging,
            Vector3D[] torque,
            Vector3D[] force,
            int part,
            Vector3D at,
            Vector3D push) {
        if (push.getNorm() > 0) {
            torque[part] = torque[part].add(Vectors.cross(at.subtract(bearing(work, laid, hanging, part)), push));
            force[part] = force[part].add(push);
        }
    }

    /**
     * Which way is down for a part under a torque: its moment leans until {@code moment × down + torque} has no part left across the pull.
     *
     * @param moment in its own coordinates
     */
    private static Vector3D leant(Rotation turn, Vector3D down, Vector3D torque, Vector3D moment) {
        double all = moment.getNorm();
        if (all < 1e-9) {
            return down;
        }
        double x = torque.getZ();
        double z = -torque.getX();
        double across = Math.hypot(x, z);
        double scale = across > MOST_LEAN * all ? MOST_LEAN * all / across : 1;
        var wanted = new Vector3D(x * scale, -Math.sqrt(all * all - across * across * scale * scale), z * scale);
        var lean = new Rotation(turn.applyTo(moment), wanted);
        var part = new Rotation(
                lean.getAxis(RotationConvention.VECTOR_OPERATOR),
                0.5 * lean.getAngle(),
                RotationConvention.VECTOR_OPERATOR);
        return turn.applyInverseTo(part.applyInverseTo(DOWN)).normalize();
    }

    private static double moved(Hanging from, Hanging to) {
        double most = 0;
        for (int i = 0; i < from.down().size(); i++) {
            most = Math.max(most, from.down().get(i).distance(to.down().get(i)));
        }
        return most;
    }
}
