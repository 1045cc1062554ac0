package toroid.core.weave.solve;

import toroid.core.numeric.Effort;

/**
 * The pose with the widest smallest gap between centre circles: the thickest wire that fits these rings. {@code AR_min = 2R/t − 1}
 * for the first class's ring radius R.
 *
 * <p>Proximal steps: the gaps are taken as linear in the motion, the smallest is raised as far as {@code |δ|²/2} allows
 * ({@link LeastDistance} with the gap itself as one more unknown), and a step counts only if the true smallest gap grew. No ring
 * moves further in a step than a quarter of the gap, so that none can cross another and the links stay what they were.
 */
final class Tightest {
    private static final int MOST_STEPS = 400;
    private static final double SHARE = 0.25;
    private static final double ENOUGH = 1e-4;
    private static final double ENOUGH_PUSH = 0.05;
    private static final double MOST_PUSH = 1e4;
    private static final double CORRECT_BELOW = 0.9;
    private static final int MOST_REVIVALS = 8;
    private static final int LEAP_EVERY = 10;
    private static final int LEAP_MENDS = 3;
    private static final double FIRST_LEAP = 2;
    private static final double LAST_LEAP = 64;

    /** Creeping along a flat ridge: so little gained in so many steps ends it, told as this many times what was gained. */
    private static final double STALL = 1e-6;

    private static final int STALL_STEPS = 60;
    private static final double STALL_FACTOR = 10;

    private Tightest() {}

    /**
     * @param pose rings apart, as they shall be linked
     * @param pitchHeld whether p₁ is given
     * @param acrossHeld whether p₂ is given
     * @param tolerance the gain in the gap that is no gain any more, in units of the first ring's radius
     */
    static Solved solve(Pose pose, boolean pitchHeld, boolean acrossHeld, double tolerance) {
        Freedom freedom = Freedom.of(pose.lattice(), pose.rings().size(), pitchHeld, acrossHeld);
        double unit = pose.rings().get(0).radius();
        double push = 0.5 * unit;
        double window = unit;
        Pose now = pose;
        Neighbours neighbours = Neighbours.of(now, 1.2 * unit);
        double gap = Contacts.smallest(now, neighbours, 2 * unit);
        Pose before = now;
        int revived = 0;
        double[] gaps = new double[MOST_STEPS + 1];
        for (int step = 1; step <= MOST_STEPS; step++) {
            Effort.check();
            gaps[step] = gap;
            double lately = step > STALL_STEPS ? gap - gaps[step - STALL_STEPS] : Double.MAX_VALUE;
            if (lately < STALL * unit) {
                return new Solved(now, gap, STALL_FACTOR * lately, step, true);
            }
            if (step % LEAP_EVERY == 0) {
                Pose far = leapt(before, now, freedom, gap, window);
                if (far != null) {
                    now = far;
                    gap = gapOf(now, unit);
                }
                before = now;
            }
            neighbours = Neighbours.of(now, 1.2 * unit);
            Contacts contacts = Contacts.of(now, freedom, neighbours, gap + window);
            double[] by = risen(contacts, freedom, gap, push);
            double predicted = by[freedom.columns()] - gap;
            if (predicted < tolerance * unit) {
                if (push >= ENOUGH_PUSH * unit || revived++ > MOST_REVIVALS) {
                    return new Solved(now, gap, predicted, step, true);
                }
                push *= 8; // so small a push promises nothing anywhere
                continue;
            }
            Step move = new Step(now, freedom, by);
            double furthest = move.furthest(neighbours.cells());
            double scale = Math.min(1, SHARE * gap / furthest);
            Pose next = now.stepped(move, scale);
            double reached = Contacts.smallest(next, neighbours, 2 * unit);
            double promised = scale * predicted;
            if (reached < gap + CORRECT_BELOW * promised) {
                Pose better = corrected(next, freedom, neighbours, gap + promised, window);
                double corrected = Contacts.smallest(better, neighbours, 2 * unit);
                if (corrected > reached) {
                    next = better;
                    reached = corrected;
                }
            }
            if (reached > gap + ENOUGH * promised) {
                boolean good = reached > gap + 0.3 * promised;
                now = next;
                gap = reached;
                window = Math.max(0.05 * unit, Math.min(window, 4 * furthest * scale + 0.05 * unit));
                push = good ? Math.min(MOST_PUSH * unit, 2.5 * push) : push;
            } else {
                push *= 0.35;
                if (push < 1e-13 * unit) {
                    return new Solved(now, gap, predicted, step, predicted < 1e-6 * unit);
                }
            }
        }
        return new Solved(now, gap, Double.NaN, MOST_STEPS, false);
    }

    private static double gapOf(Pose pose, double unit) {
        return Contacts.smallest(pose, Neighbours.of(pose, 1.2 * unit), 2 * unit);
    }

    /** Further the way the last steps led, as far as that opens the gap; null when it does not. */
    private static Pose leapt(Pose before, Pose now, Freedom freedom, double gap, double window) {
        double unit = now.rings().get(0).radius();
        Pose best = null;
        double most = gap;
        for (double leap = FIRST_LEAP; leap <= LAST_LEAP; leap *= 2) {
            Pose far = now.beyond(before, leap);
            if (now.furthestFrom(far) > SHARE * gap / 4) {
                break;
            }
            Neighbours neighbours = Neighbours.of(far, 1.2 * unit);
            for (int mend = 0; mend < LEAP_MENDS; mend++) {
                far = corrected(far, freedom, neighbours, most * (1 + 1e-9), window);
            }
            double reached = gapOf(far, unit);
            if (reached <= most) {
                break;
            }
            most = reached;
            best = far;
        }
        return best;
    }

    /** What the step lost by the gaps' curvature, won back: the smallest move that opens every gap to what was promised. */
    private static Pose corrected(Pose pose, Freedom freedom, Neighbours neighbours, double wanted, double window) {
        Contacts contacts = Contacts.of(pose, freedom, neighbours, wanted + window);
        double[][] rows = new double[contacts.count()][];
        double[] short_ = new double[contacts.count()];
        for (int i = 0; i < rows.length; i++) {
            rows[i] = contacts.row(i);
            short_[i] = wanted - contacts.distance(i);
        }
        Step move = new Step(pose, freedom, LeastDistance.step(rows, short_, new double[freedom.columns()]));
        double furthest = move.furthest(neighbours.cells());
        return pose.stepped(move, Math.min(1, SHARE * wanted / Math.max(1e-300, furthest)));
    }

    /** δ, and last the gap it would reach. */
    private static double[] risen(Contacts contacts, Freedom freedom, double gap, double push) {
        int n = freedom.columns();
        double[][] rows = new double[contacts.count()][n + 1];
        double[] wanted = new double[contacts.count()];
        for (int i = 0; i < rows.length; i++) {
            System.arraycopy(contacts.row(i), 0, rows[i], 0, n);
            rows[i][n] = -1;
            wanted[i] = -(contacts.distance(i) - gap);
        }
        double[] wish = new double[n + 1];
        wish[n] = push;
        double[] by = LeastDistance.step(rows, wanted, wish);
        by[n] += gap;
        return by;
    }
}
