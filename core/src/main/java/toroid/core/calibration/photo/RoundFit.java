package toroid.core.calibration.photo;

import java.util.List;

/**
 * The circle nearest to spots along an edge: the algebraic fit (Kåsa 1976) as a start, then Gauss and Newton's steps on the distances
 * themselves, so that spots on part of the edge do not draw it small. mm.
 */
record RoundFit(Spot centre, double radius) {
    private static final int STEPS = 20;
    private static final double STILL = 1e-12;

    /** @param spots three up; a radius that is not a number where they lie in a line */
    static RoundFit of(List<Spot> spots) {
        RoundFit fit = algebraic(spots);
        for (int i = 0; i < STEPS; i++) {
            RoundFit next = stepped(spots, fit);
            double moved = Math.abs(next.radius - fit.radius) + next.centre.to(fit.centre);
            fit = next;
            if (!(moved > STILL)) {
                break;
            }
        }
        return fit;
    }

    /** x² + y² = 2ax + 2by + c, least squares about the mean. */
    private static RoundFit algebraic(List<Spot> spots) {
        double mx = spots.stream().mapToDouble(Spot::x).average().orElseThrow();
        double my = spots.stream().mapToDouble(Spot::y).average().orElseThrow();
        double uu = 0;
        double uv = 0;
        double vv = 0;
        double uz = 0;
        double vz = 0;
        double z = 0;
        for (Spot one : spots) {
            double u = one.x() - mx;
            double v = one.y() - my;
            double square = u * u + v * v;
            uu += u * u;
            uv += u * v;
            vv += v * v;
            uz += u * square;
            vz += v * square;
            z += square;
        }
        double det = uu * vv - uv * uv;
        double a = (uz * vv - vz * uv) / det / 2;
        double b = (vz * uu - uz * uv) / det / 2;
        return new RoundFit(new Spot(mx + a, my + b), Math.sqrt(a * a + b * b + z / spots.size()));
    }

    private static RoundFit stepped(List<Spot> spots, RoundFit fit) {
        // normal equations of residuals d − r in (x, y, r)
        double[][] n = new double[3][4];
        for (Spot one : spots) {
            double d = Math.max(STILL, one.to(fit.centre));
            double[] row = {(fit.centre.x() - one.x()) / d, (fit.centre.y() - one.y()) / d, -1};
            for (int i = 0; i < 3; i++) {
                for (int k = 0; k < 3; k++) {
                    n[i][k] += row[i] * row[k];
                }
                n[i][3] -= row[i] * (d - fit.radius);
            }
        }
        double det = det(n, 0, 1, 2);
        return new RoundFit(
                new Spot(fit.centre.x() + det(n, 3, 1, 2) / det, fit.centre.y() + det(n, 0, 3, 2) / det),
                fit.radius + det(n, 0, 1, 3) / det);
    }

    private static double det(double[][] m, int a, int b, int c) {
        return m[0][a] * (m[1][b] * m[2][c] - m[1][c] * m[2][b])
                - m[0][b] * (m[1][a] * m[2][c] - m[1][c] * m[2][a])
                + m[0][c] * (m[1][a] * m[2][b] - m[1][b] * m[2][a]);
    }
}
