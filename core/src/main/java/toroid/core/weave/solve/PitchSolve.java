package toroid.core.weave.solve;

import toroid.core.numeric.Effort;

/**
 * The largest or smallest of a size (a pitch, a larger ring's radius) at which wire of a given thickness still fits, from a pose in which
 * it does.
 *
 * <p>Least-distance steps towards a wished size with every gap kept at the wire's thickness, then back onto it by steps with no
 * wish at all. A step counts only if the size came nearer and no gap fell short by more than the tolerance.
 */
public final class PitchSolve {
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

    /** As {@link #of}; not converged, where the cell becomes too short to be looked at whole. */
    static Solved attempted(Pose pose, double wire, Of of, boolean longest, double tolerance) {
        try {
            PoseMove start = PoseMove.of(pose, false, false);
            int column =
                    of == Of.ALONG ? start.freedom().pitch() : start.freedom().across();
            return Solved.of(of(start, wire, column, longest, Double.POSITIVE_INFINITY, tolerance));
        } catch (Neighbours.TooShort collapsed) {
            return new Solved(pose, wire, Double.NaN, 0, false);
        }
    }

    /**
     * @param start in which all gaps are at least {@code wire}
     * @param wire its thickness
     * @param column of the size
     * @param largest or smallest
     * @param end how large is enough
     * @param tolerance of gaps and size, in units of the first ring's radius
     */
    public static <M extends Movable<M>> AtRest<M> of(
            M start, double wire, int column, boolean largest, double end, double tolerance) {
        double unit = start.unit();
        double push = 0.2 * unit;
        double slack = tolerance * unit;
        M now = start;
        double[] reached = new double[MOST_STEPS + 1];
        for (int step = 1; step <= MOST_STEPS; step++) {
            Effort.check();
            reached[step] = now.size(column);
            double lately = step > STALL_STEPS ? Math.abs(reached[step] - reached[step - STALL_STEPS]) : unit;
            if (lately < STALL * unit) {
                return new AtRest<>(now, now.smallest(2 * unit), STALL_FACTOR * lately, step, true);
            }
            if (now.size(column) >= end) {
                return new AtRest<>(now, now.smallest(2 * unit), Double.POSITIVE_INFINITY, step, true);
            }
            double[] by = step(now, wire, column, largest ? push : -push);
            double gain = largest ? by[column] : -by[column];
            if (gain < slack && push >= 1e-3 * unit) {
                return new AtRest<>(now, now.smallest(2 * unit), gain, step, true);
            }
            M next = mended(moved(now, by, wire), wire, slack);
            double gained = next == null ? -1 : (largest ? 1 : -1) * (next.size(column) - now.size(column));
            if (gained > 1e-4 * Math.min(gain, push)) {
                push = gained > 0.5 * gain ? Math.min(unit, 2 * push) : push;
                now = next;
            } else {
                push *= 0.4;
                if (push < 1e-12 * unit) {
                    return new AtRest<>(now, now.smallest(2 * unit), gain, step, gain < 1e-5 * unit);
                }
            }
        }
        // still creeping along a flat ridge: what is left is told, at the rate it came lately
        double lately = Math.abs(reached[MOST_STEPS] - reached[MOST_STEPS - STALL_STEPS]);
        return new AtRest<>(now, now.smallest(2 * unit), CREEP_FACTOR * lately, MOST_STEPS, lately < CREEP * unit);
    }

    static double pitch(Pose pose, Of of) {
        return of == Of.ALONG ? pose.pitch() : pose.across();
    }

    private static double[] step(Movable<?> rings, double wire, int column, double wish) {
        double[] wishes = new double[rings.columns()];
        if (column >= 0) {
            wishes[column] = wish;
        }
        return LeastDistance.opened(rings, wire, wire + WINDOW * rings.unit(), wishes);
    }

    private static <M extends Movable<M>> M moved(M rings, double[] by, double wire) {
        return rings.stepped(by, Math.min(1, SHARE * wire / Math.max(1e-300, rings.furthest(by))))
                .settled();
    }

    /** Back to where no gap is short; null when that fails. */
    private static <M extends Movable<M>> M mended(M rings, double wire, double slack) {
        M now = rings;
        for (int mend = 0; mend < MOST_MENDS; mend++) {
            double gap = now.smallest(2 * rings.unit());
            if (gap >= wire - slack) {
                return now;
            }
            if (gap < 0.5 * wire) {
                return null;
            }
            now = moved(now, step(now, wire + slack / 2, -1, 0), wire);
        }
        return null;
    }
}
