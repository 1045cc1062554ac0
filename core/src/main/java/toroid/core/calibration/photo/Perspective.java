package toroid.core.calibration.photo;

import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealVector;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * How a plane is seen: the projective map that takes four spots to four others, by its eight coefficients (direct linear transform; Hartley
 * and Zisserman, Multiple View Geometry, 2nd ed., 4.1). Exact for a camera without distortion.
 */
final class Perspective {
    private final double[] h;

    private Perspective(double[] h) {
        this.h = h;
    }

    /**
     * @param from four spots, no three in a line
     * @param to where they go
     * @throws Refusal where they make no quadrilateral
     */
    static Perspective of(Spot[] from, double[][] to) {
        var a = new double[8][];
        var b = new double[8];
        for (int i = 0; i < 4; i++) {
            double x = from[i].x();
            double y = from[i].y();
            double u = to[i][0];
            double v = to[i][1];
            a[2 * i] = new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y};
            a[2 * i + 1] = new double[] {0, 0, 0, x, y, 1, -v * x, -v * y};
            b[2 * i] = u;
            b[2 * i + 1] = v;
        }
        try {
            RealVector solved = new LUDecomposition(new Array2DRowRealMatrix(a, false))
                    .getSolver()
                    .solve(new ArrayRealVector(b, false));
            return new Perspective(solved.toArray());
        } catch (MathIllegalArgumentException | MathIllegalStateException singular) {
            throw Refusal.of(RefusalCode.CORNERS_MAKE_NO_CARD, "corners", null);
        }
    }

    /** Where a spot goes. */
    Spot of(Spot one) {
        double w = h[6] * one.x() + h[7] * one.y() + 1;
        return new Spot((h[0] * one.x() + h[1] * one.y() + h[2]) / w, (h[3] * one.x() + h[4] * one.y() + h[5]) / w);
    }

    /** The way back. */
    Perspective inverse() {
        // the adjugate of the 3 × 3 matrix, scaled to a last coefficient of 1
        double a = h[4] - h[5] * h[7];
        double b = h[2] * h[7] - h[1];
        double c = h[1] * h[5] - h[2] * h[4];
        double d = h[5] * h[6] - h[3];
        double e = h[0] - h[2] * h[6];
        double f = h[2] * h[3] - h[0] * h[5];
        double g = h[3] * h[7] - h[4] * h[6];
        double i = h[1] * h[6] - h[0] * h[7];
        double j = h[0] * h[4] - h[1] * h[3];
        return new Perspective(new double[] {a / j, b / j, c / j, d / j, e / j, f / j, g / j, i / j});
    }

    /**
     * How much it is seen from the side there: the cosine of the slant, the smaller stretch over the larger one; 1 from straight above. Exact
     * far from the edges of the view, where perspective itself stretches little.
     */
    double slantCosine(Spot at) {
        double step = 0.5;
        Spot right = of(new Spot(at.x() + step, at.y()));
        Spot left = of(new Spot(at.x() - step, at.y()));
        Spot down = of(new Spot(at.x(), at.y() + step));
        Spot up = of(new Spot(at.x(), at.y() - step));
        double a = right.x() - left.x();
        double b = down.x() - up.x();
        double c = right.y() - left.y();
        double d = down.y() - up.y();
        double sum = a * a + b * b + c * c + d * d;
        double area = Math.abs(a * d - b * c);
        double root = Math.sqrt(Math.max(0, sum * sum - 4 * area * area));
        return Math.sqrt((sum - root) / (sum + root));
    }
}
