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

    private NonNegative(double[][] a, double[] b) {
        this.a = a;
        this.b = b;
        x = new double[b.length];
        passive = new int[b.length];
    }

    /** @return λ */
    static double[] solve(double[][] a, double[] b) {
        var problem = new NonNegative(a, b);
        problem.run();
        return problem.x;
    }

    private void run() {
        double tolerance = RELATIVE * (1 + Arrays.stream(b).map(Math::abs).max().orElse(0));
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

    private double[] onPassive() {
        double[][] l = new double[count][count];
        double[] y = new double[count];
        for (int i = 0; i < count; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = a[passive[i]][passive[j]];
                for (int k = 0; k < j; k++) {
                    sum -= l[i][k] * l[j][k];
                }
                l[i][j] = i == j ? Math.sqrt(Math.max(1e-300, sum)) : sum / l[j][j];
            }
            double sum = b[passive[i]];
            for (int k = 0; k < i; k++) {
                sum -= l[i][k] * y[k];
            }
            y[i] = sum / l[i][i];
        }
        for (int i = count - 1; i >= 0; i--) {
            for (int k = i + 1; k < count; k++) {
                y[i] -= l[k][i] * y[k];
            }
            y[i] /= l[i][i];
        }
        return y;
    }
}
