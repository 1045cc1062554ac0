package toroid.core.weave.solve;

import toroid.core.numeric.Effort;

/**
 * The longest or shortest pitch at which wire of a given thickness still fits, from a pose in which it does.
 *
 * <p>Least-distance steps towards a wished pitch with every gap kept at the wire's thickness, then back onto it by steps with no
 * wish at all. A step counts only if the pitch came nearer and no gap fell short by more than the tolerance.
 */
final class PitchSolve {
    private static final int MOST_STEPS = 400;
    private static final int MOST_MENDS = 12;
    private static final double SHARE = 0.25;

    /** Contacts this much wider than the wire are looked at in a step. */
    private static final double WINDOW = 0.25;

    /** As in {@link Tightest}: creeping along a flat ridge ends it. */
    private static final double STALL = 1e-6;

    private static final int STALL_STEPS = 60;
    private static final double STALL_FACTOR = 10;

    private static final double CREEP = 1e-4;
    private static final double CREEP_FACTOR = 10;

    private PitchSolve() {}

    /** Which pitch. */
    enum Of {
        ALONG,
        ACROSS
    }

    /** As {@link #solve}; not converged, where the cell becomes too short to be looked at whole. */
    static Solved attempted(Pose pose, double wire, Of of, boolean longest, double tolerance) {
        try {
            return solve(pose, wire, of, longest, tolerance);
        } catch (Neighbours.TooShort collapsed) {
            return new Solved(pose, wire, Double.NaN, 0, false);
        }
    }

    /**
     * @param pose in which all gaps are at least {@code wire}
     * @param wire its thickness
     * @param of which pitch
     * @param longest or shortest
     * @param tolerance of gaps and pitch, in units of the first ring's radius
     */
    static Solved solve(Pose pose, double wire, Of of, boolean longest, double tolerance) {
        Freedom freedom = Freedom.of(pose.lattice(), pose.rings().size(), false, false);
        int column = of == Of.ALONG ? freedom.pitch() : freedom.across();
        double unit = pose.rings().get(0).radius();
        double push = 0.2 * unit;
        double slack = tolerance * unit;
        Pose now = pose;
        double[] reached = new double[MOST_STEPS + 1];
        for (int step = 1; step <= MOST_STEPS; step++) {
            Effort.check();
            reached[step] = pitch(now, of);
            double lately = step > STALL_STEPS ? Math.abs(reached[step] - reached[step - STALL_STEPS]) : unit;
            if (lately < STALL * unit) {
                return new Solved(now, gapOf(now, unit), STALL_FACTOR * lately, step, true);
            }
            double[] by = step(now, freedom, wire, column, longest ? push : -push);
            double gain = longest ? by[column] : -by[column];
            if (gain < slack && push >= 1e-3 * unit) {
                return new Solved(now, gapOf(now, unit), gain, step, true);
            }
            Pose next = mended(moved(now, freedom, by, wire), freedom, wire, slack);
            double gained = next == null ? -1 : (longest ? 1 : -1) * (pitch(next, of) - pitch(now, of));
            if (gained > 1e-4 * Math.min(gain, push)) {
                push = gained > 0.5 * gain ? Math.min(unit, 2 * push) : push;
                now = next;
            } else {
                push *= 0.4;
                if (push < 1e-12 * unit) {
                    return new Solved(now, gapOf(now, unit), gain, step, gain < 1e-5 * unit);
                }
            }
        }
        // still creeping along a flat ridge: what is left is told, at the rate it came lately
        double lately = Math.abs(reached[MOST_STEPS] - reached[MOST_STEPS - STALL_STEPS]);
        return new Solved(now, gapOf(now, unit), CREEP_FACTOR * lately, MOST_STEPS, lately < CREEP * unit);
    }

    static double pitch(Pose pose, Of of) {
        return of == Of.ALONG ? pose.pitch() : pose.across();
    }

    private static double gapOf(Pose pose, double unit) {
        return Contacts.smallest(pose, Neighbours.of(pose, 1.2 * unit), 2 * unit);
    }

    private static double[] step(Pose pose, Freedom freedom, double wire, int column, double wish) {
        double unit = pose.rings().get(0).radius();
        Contacts contacts = Contacts.of(pose, freedom, Neighbours.of(pose, 1.2 * unit), wire + WINDOW * unit);
        double[][] rows = new double[contacts.count()][];
        double[] wanted = new double[contacts.count()];
        for (int i = 0; i < rows.length; i++) {
            rows[i] = contacts.row(i);
            wanted[i] = wire - contacts.distance(i);
        }
        double[] wishes = new double[freedom.columns()];
        if (column >= 0) {
            wishes[column] = wish;
        }
        return LeastDistance.step(rows, wanted, wishes);
    }

    private static Pose moved(Pose pose, Freedom freedom, double[] by, double wire) {
        Step move = new Step(pose, freedom, by);
        double unit = pose.rings().get(0).radius();
        double furthest = move.furthest(Neighbours.of(pose, 1.2 * unit).cells());
        return pose.stepped(move, Math.min(1, SHARE * wire / Math.max(1e-300, furthest)));
    }

    /** Back to where no gap is short; null when that fails. */
    private static Pose mended(Pose pose, Freedom freedom, double wire, double slack) {
        Pose now = pose;
        double unit = pose.rings().get(0).radius();
        for (int mend = 0; mend < MOST_MENDS; mend++) {
            double gap = gapOf(now, unit);
            if (gap >= wire - slack) {
                return now;
            }
            if (gap < 0.5 * wire) {
                return null;
            }
            now = moved(now, freedom, step(now, freedom, wire + slack / 2, -1, 0), wire);
        }
        return null;
    }
}
