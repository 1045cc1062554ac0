package toroid.core.weave.solve;

import java.util.Arrays;

/**
 * The quadratic programme {@code min ½ λᵀAλ − bᵀλ, λ ≥ 0} for a positive definite A: the dual of a least-distance step. Active
 * sets after Lawson and Hanson, Solving Least Squares Problems, 1974, ch. 23, in the normal-equations form of Bro and de Jong, J.
 * Chemometrics 11, 1997. Solved by Cholesky's decomposition on the passive set.
 */
final class NonNegative {
    private static final double RELATIVE = 1e-12;

    private final double[][] a;
    private final double[] b;
    private final double[] x;
    private final int[] passive;
    private int count;

    /** Cholesky's factor on the passive set, and the right side solved with it: row by row, the first so many as it stands. */
    private final double[][] l;

    private final double[] half;
    private int factored;

    private NonNegative(double[][] a, double[] b) {
        this.a = a;
        this.b = b;
        x = new double[b.length];
        passive = new int[b.length];
        l = new double[b.length][];
        half = new double[b.length];
    }

    /** @return λ */
    static double[] solve(double[][] a, double[] b) {
        var problem = new NonNegative(a, b);
        problem.run();
        return problem.x;
    }

    private void run() {
        double largest = 0;
        for (double each : b) {
            largest = Math.max(largest, Math.abs(each));
        }
        double tolerance = RELATIVE * (1 + largest);
        boolean[] in = new boolean[b.length];
        for (int round = 0; round < 6 * b.length + 20; round++) {
            int most = steepest(in, tolerance);
            if (most < 0) {
                return;
            }
            in[most] = true;
            passive[count++] = most;
            settle(in);
        }
    }

    /** The multiplier that would gain most by leaving zero; −1 when none would. */
    private int steepest(boolean[] in, double tolerance) {
        int best = -1;
        double most = tolerance;
        for (int i = 0; i < b.length; i++) {
            if (!in[i]) {
                double gain = b[i];
                for (int k = 0; k < count; k++) {
                    gain -= a[i][passive[k]] * x[passive[k]];
                }
                if (gain > most) {
                    most = gain;
                    best = i;
                }
            }
        }
        return best;
    }

    /** Solves on the passive set, letting go of what would turn negative. */
    private void settle(boolean[] in) {
        while (count > 0) {
            double[] wanted = onPassive();
            double share = 1;
            for (int k = 0; k < count; k++) {
                if (wanted[k] <= 0) {
                    double now = x[passive[k]];
                    share = Math.min(share, now / (now - wanted[k]));
                }
            }
            for (int k = 0; k < count; k++) {
                int i = passive[k];
                x[i] += share * (wanted[k] - x[i]);
            }
            if (share >= 1) {
                return;
            }
            int kept = 0;
            for (int k = 0; k < count; k++) {
                int i = passive[k];
                if (x[i] > 1e-15 * (1 + Math.abs(b[i]))) {
                    passive[kept++] = i;
                } else {
                    factored = Math.min(factored, kept);
                    x[i] = 0;
                    in[i] = false;
                }
            }
            if (kept == count) {
                return;
            }
            count = kept;
        }
    }

    /** A row of the factor rests on those before it alone: what was there before the set changed stands. */
    private void factor() {
        for (int i = factored; i < count; i++) {
            double[] row = new double[i + 1];
            l[i] = row;
            for (int j = 0; j <= i; j++) {
                double sum = a[passive[i]][passive[j]];
                double[] other = l[j];
                for (int k = 0; k < j; k++) {
                    sum -= row[k] * other[k];
                }
                row[j] = i == j ? Math.sqrt(Math.max(1e-300, sum)) : sum / other[j];
            }
            double sum = b[passive[i]];
            for (int k = 0; k < i; k++) {
                sum -= row[k] * half[k];
            }
            half[i] = sum / row[i];
        }
        factored = count;
    }

    private double[] onPassive() {
        factor();
        double[] y = Arrays.copyOf(half, count);
        for (int i = count - 1; i >= 0; i--) {
            for (int k = i + 1; k < count; k++) {
                y[i] -= l[k][i] * y[k];
            }
            y[i] /= l[i][i];
        }
        return y;
    }
}
