package toroid.core.weave.solve;

import java.util.Random;

/**
 * Several starts: {@link Tightest} from the pose given, then from it shaken a little, roughly; the best is then solved to the end. Small enough that no ring
 * crosses another, so the weave stays the same weave. Seeded: the same question has the same answer.
 */
final class Shaken {
    private static final int SHAKES = 3;
    private static final double SHAKE = 0.3;
    private static final double ROUGH = 1e-5;
    private static final double PLAY_SHARE = 0.45;
    private static final long SEED = 20261125;

    private Shaken() {}

    static Solved tightest(Pose start, double tolerance) {
        Solved best = Tightest.solve(start, false, false, ROUGH);
        var random = new Random(SEED);
        Freedom freedom = Freedom.of(start.lattice(), start.rings().size(), false, false);
        for (int i = 0; i < SHAKES; i++) {
            Solved again = Tightest.solve(shaken(start, freedom, random), false, false, ROUGH);
            if (again.gap() > best.gap() + ROUGH * start.rings().get(0).radius()) {
                best = again;
            }
        }
        return Tightest.solve(best.pose(), false, false, tolerance);
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
