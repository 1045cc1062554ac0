package toroid.core.weave.solve;

/**
 * The step nearest to a wished one that keeps every contact open: {@code min ½|δ − δ₀|² with G δ ≥ h}, each row let slip a little
 * (elastic, {@value #SLIP}) so that contacts that repeat one another do no harm. By its dual ({@link NonNegative}).
 */
final class LeastDistance {
    static final double SLIP = 1e-10;

    private LeastDistance() {}

    /**
     * The move nearest to a wished one that opens every gap to what is wanted.
     *
     * @param wanted how wide every gap shall be
     * @param reach gaps up to that wide are looked at
     * @param wish a move
     */
    static double[] opened(Movable<?> rings, double wanted, double reach, double[] wish) {
        Movable.Gaps gaps = rings.gaps(reach);
        double[][] rows = new double[gaps.count()][];
        double[] missing = new double[gaps.count()];
        for (int i = 0; i < rows.length; i++) {
            rows[i] = gaps.row(i);
            missing[i] = wanted - gaps.distance(i);
        }
        return step(rows, missing, wish);
    }

    /**
     * @param rows G
     * @param wanted h
     * @param wish δ₀
     * @return δ
     */
    static double[] step(double[][] rows, double[] wanted, double[] wish) {
        int m = rows.length;
        double[][] a = new double[m][m];
        double[] b = new double[m];
        for (int i = 0; i < m; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = dot(rows[i], rows[j]);
                a[i][j] = sum;
                a[j][i] = sum;
            }
            a[i][i] += SLIP * (1 + a[i][i]);
            b[i] = wanted[i] - dot(rows[i], wish);
        }
        double[] lambda = NonNegative.solve(a, b);
        double[] step = wish.clone();
        for (int i = 0; i < m; i++) {
            if (lambda[i] != 0) {
                for (int k = 0; k < step.length; k++) {
                    step[k] += lambda[i] * rows[i][k];
                }
            }
        }
        return step;
    }

    private static double dot(double[] x, double[] y) {
        double sum = 0;
        for (int k = 0; k < x.length; k++) {
            sum += x[k] * y[k];
        }
        return sum;
    }
}
