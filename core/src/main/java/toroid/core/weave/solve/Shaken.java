package toroid.core.weave.solve;

import java.util.ArrayList;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;

/**
 * Several starts: {@link Tightest} from the pose given, then from it shaken a little, roughly; the best is then solved to the end. Small enough that no ring
 * crosses another, so the weave stays the same weave. Seeded: the same question has the same answer.
 */
final class Shaken {
    private static final int SHAKES = 3;
    private static final double SHAKE = 0.3;
    private static final int APART = 3;
    private static final int TOGETHER = 8;
    private static final double APART_SHARE = 0.2;
    private static final double FAR = 0.3;
    private static final double NEAR = 0.03;
    private static final int PATH = 6;
    private static final int ENDINGS = 4;
    private static final int EASINGS = 6;
    private static final double NEARLY = 0.85;
    private static final double TILT_SHARE = 0.3;
    private static final double ROUGH = 1e-5;
    private static final double PLAY_SHARE = 0.45;
    private static final long SEED = 20261125;

    private Shaken() {}

    static Solved tightest(Pose start, double tolerance) {
        Solved best = Tightest.solve(start, false, false, ROUGH);
        var random = new Random(SEED);
        Freedom freedom = Freedom.of(start.lattice(), start.rings().size(), false, false);
        double unit = start.rings().get(0).radius();
        for (int i = 0; i < SHAKES + APART + TOGETHER; i++) {
            Pose before = i % 2 == 0 ? start : best.pose();
            Pose from = i < SHAKES
                    ? shaken(start, freedom, random)
                    : i < SHAKES + APART ? apart(before, random) : together(before, i, random);
            Solved again = Tightest.solve(from, false, false, ROUGH);
            if (again.gap() > best.gap() + ROUGH * unit && sameLinks(start, again.pose())) {
                best = again;
            }
        }
        Solved last = Tightest.solve(best.pose(), false, false, tolerance);
        for (int more = 0; more < ENDINGS; more++) {
            Solved again = Tightest.solve(last.pose(), false, false, tolerance);
            if (again.gap() - last.gap() < tolerance * unit) {
                break;
            }
            last = again;
        }
        return last;
    }

    /** As {@link Tightest#solve}; where the wire does not fit but nearly would, from pushed starts too, until it does. */
    static Solved eased(Pose start, boolean pitchHeld, boolean acrossHeld, double wire, double tolerance) {
        Solved best = Tightest.solve(start, pitchHeld, acrossHeld, tolerance);
        if (best.gap() >= wire || best.gap() < NEARLY * wire) {
            return best;
        }
        var random = new Random(SEED);
        for (int i = 0; i < EASINGS && best.gap() < wire; i++) {
            Pose from = i % 2 == 0 ? apart(best.pose(), random) : together(best.pose(), i, random);
            Solved again = Tightest.solve(from, pitchHeld, acrossHeld, tolerance);
            if (again.gap() > best.gap() && sameLinks(start, again.pose())) {
                best = again;
            }
        }
        return best;
    }

    /**
     * The longest or shortest cell from the widest pose and from it shaken within the play it has; the best that came to rest.
     */
    static Solved pulled(Pose widest, double gap, double wire, PitchSolve.Of of, boolean longest, double tolerance) {
        Solved best = PitchSolve.attempted(widest, wire, of, longest, tolerance);
        var random = new Random(SEED);
        Freedom freedom = Freedom.of(widest.lattice(), widest.rings().size(), false, false);
        for (int i = 0; i < SHAKES && gap > wire; i++) {
            Pose start = moved(widest, freedom, random, PLAY_SHARE * (gap - wire));
            Solved again = PitchSolve.attempted(start, wire, of, longest, tolerance);
            double gained = PitchSolve.pitch(again.pose(), of) - PitchSolve.pitch(best.pose(), of);
            if (again.converged() && (!best.converged() || (longest ? gained : -gained) > 0)) {
                best = again;
            }
        }
        return best;
    }

    private static boolean sameLinks(Pose start, Pose reached) {
        return LinkPattern.found(start).equals(LinkPattern.found(reached));
    }

    /**
     * Off every symmetry: a start that lies on an axis or in a plane may rest there on a saddle, from which small shakes of the whole
     * lattice, mostly spent on its far ends, do not lead. Each ring of the cell is moved and tilted by itself, by less than half the gap
     * between any two, so that none crosses another.
     */
    private static Pose apart(Pose start, Random random) {
        double by = APART_SHARE * gap(start);
        var rings = new ArrayList<Circle>();
        for (Circle ring : start.rings()) {
            Vector3D tilt = any(random).scalarMultiply(TILT_SHARE * by / ring.radius());
            rings.add(new Circle(
                    ring.centre().add(any(random).scalarMultiply(by)),
                    ring.normal().add(tilt).normalize(),
                    ring.radius()));
        }
        return start.withRings(rings);
    }

    /** All rings of the cell the same way off the lattice's axis, as far as none comes near another, in every direction in turn. */
    private static Pose together(Pose start, int turn, Random random) {
        double unit = start.rings().get(0).radius();
        double angle = 2 * Math.PI * (turn / 2 + random.nextDouble()) / (TOGETHER / 2.0);
        Vector3D way = new Vector3D(0, Math.cos(angle), Math.sin(angle));
        Pose now = start;
        for (int step = 1; step <= PATH; step++) {
            Vector3D move = way.scalarMultiply(FAR * unit * step / PATH);
            Pose next = start.withRings(start.rings().stream()
                    .map(ring -> new Circle(ring.centre().add(move), ring.normal(), ring.radius()))
                    .toList());
            if (gap(next) < NEAR * unit) {
                return now;
            }
            now = next;
        }
        return now;
    }

    private static double gap(Pose pose) {
        double unit = pose.rings().get(0).radius();
        return Math.min(unit, Contacts.smallest(pose, Neighbours.of(pose, 1.2 * unit), 2 * unit));
    }

    private static Vector3D any(Random random) {
        return new Vector3D(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).normalize();
    }

    private static Pose shaken(Pose start, Freedom freedom, Random random) {
        double unit = start.rings().get(0).radius();
        double gap = Contacts.smallest(start, Neighbours.of(start, 1.2 * unit), 2 * unit);
        return moved(start, freedom, random, SHAKE * Math.min(gap, unit));
    }

    /** No ring against another by more than twice that much. */
    private static Pose moved(Pose start, Freedom freedom, Random random, double by) {
        double[] way = new double[freedom.columns()];
        for (int k = 0; k < way.length; k++) {
            way[k] = random.nextGaussian();
        }
        Step step = new Step(start, freedom, way);
        int cells = Neighbours.of(start, 1.2 * start.rings().get(0).radius()).cells();
        return start.stepped(step, by / step.furthest(cells));
    }
}
