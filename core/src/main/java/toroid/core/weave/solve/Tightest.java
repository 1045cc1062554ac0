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
public final class Tightest {
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
        return Solved.of(of(PoseMove.of(pose, pitchHeld, acrossHeld), tolerance));
    }

    /**
     * @param start rings apart, as they shall be linked
     * @param tolerance the gain in the gap that is no gain any more, in units of the first ring's radius
     */
    public static <M extends Movable<M>> AtRest<M> of(M start, double tolerance) {
        double unit = start.unit();
        double push = 0.5 * unit;
        double window = unit;
        M now = start;
        double gap = now.smallest(2 * unit);
        M before = now;
        int revived = 0;
        double[] gaps = new double[MOST_STEPS + 1];
        for (int step = 1; step <= MOST_STEPS; step++) {
            Effort.check();
            gaps[step] = gap;
            double lately = step > STALL_STEPS ? gap - gaps[step - STALL_STEPS] : Double.MAX_VALUE;
            if (lately < STALL * unit) {
                return new AtRest<>(now, gap, STALL_FACTOR * lately, step, true);
            }
            if (step % LEAP_EVERY == 0) {
                M far = leapt(before, now, gap, window);
                if (far != null) {
                    now = far;
                    gap = now.smallest(2 * unit);
                }
                before = now;
            }
            double[] by = risen(now, gap, window, push);
            double predicted = by[now.columns()] - gap;
            if (predicted < tolerance * unit) {
                if (push >= ENOUGH_PUSH * unit || revived++ > MOST_REVIVALS) {
                    return new AtRest<>(now, gap, predicted, step, true);
                }
                push *= 8; // so small a push promises nothing anywhere
                continue;
            }
            double furthest = now.furthest(by);
            double scale = Math.min(1, SHARE * gap / furthest);
            double promised = scale * predicted;
            Reached<M> next = led(now.stepped(by, scale), gap, promised, window);
            if (next.gap() > gap + ENOUGH * promised) {
                boolean good = next.gap() > gap + 0.3 * promised;
                now = next.rings().settled();
                gap = next.gap();
                window = Math.max(0.05 * unit, Math.min(window, 4 * furthest * scale + 0.05 * unit));
                push = good ? Math.min(MOST_PUSH * unit, 2.5 * push) : push;
            } else {
                push *= 0.35;
                if (push < 1e-13 * unit) {
                    return new AtRest<>(now, gap, predicted, step, predicted < 1e-6 * unit);
                }
            }
        }
        return new AtRest<>(now, gap, Double.NaN, MOST_STEPS, false);
    }

    /** Where a step came to, led back to what it promised where it fell short of it by much and that is better. */
    private static <M extends Movable<M>> Reached<M> led(M next, double gap, double promised, double window) {
        Reached<M> first = Reached.by(next);
        if (first.gap() >= gap + CORRECT_BELOW * promised) {
            return first;
        }
        Reached<M> better = Reached.by(corrected(next, gap + promised, window));
        return better.gap() > first.gap() ? better : first;
    }

    /** A pose on trial with its smallest gap, which takes a search through all near pairs. */
    private record Reached<M extends Movable<M>>(M rings, double gap) {
        static <M extends Movable<M>> Reached<M> by(M rings) {
            return new Reached<>(rings, rings.smallest(2 * rings.unit()));
        }
    }

    /** Further the way the last steps led, as far as that opens the gap; null when it does not. */
    private static <M extends Movable<M>> M leapt(M before, M now, double gap, double window) {
        M best = null;
        double most = gap;
        for (double leap = FIRST_LEAP; leap <= LAST_LEAP; leap *= 2) {
            M far = now.beyond(before, leap);
            if (now.furthestFrom(far) > SHARE * gap / 4) {
                break;
            }
            for (int mend = 0; mend < LEAP_MENDS; mend++) {
                far = corrected(far, most * (1 + 1e-9), window);
            }
            double reached = far.smallest(2 * now.unit());
            if (reached <= most) {
                break;
            }
            most = reached;
            best = far.settled();
        }
        return best;
    }

    /** What the step lost by the gaps' curvature, won back: the smallest move that opens every gap to what was promised. */
    private static <M extends Movable<M>> M corrected(M rings, double wanted, double window) {
        double[] by = LeastDistance.opened(rings, wanted, wanted + window, new double[rings.columns()]);
        return rings.stepped(by, Math.min(1, SHARE * wanted / Math.max(1e-300, rings.furthest(by))));
    }

    /** δ, and last the gap it would reach. */
    private static double[] risen(Movable<?> rings, double gap, double window, double push) {
        Movable.Gaps contacts = rings.gaps(gap + window);
        int n = rings.columns();
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
