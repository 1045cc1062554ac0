package toroid.core.weave.solve;

import java.util.Arrays;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.vector.constrained.InequalityConstraint;
import org.hipparchus.optim.nonlinear.vector.constrained.LagrangeSolution;
import org.hipparchus.optim.nonlinear.vector.constrained.SQPOptimizerS;
import org.hipparchus.optim.nonlinear.vector.constrained.SQPOption;
import org.hipparchus.optim.nonlinear.vector.constrained.TwiceDifferentiableFunction;

/**
 * The widest smallest gap as a textbook problem for Hipparchus' SQP: maximise t with every distance at least t. Only to compare
 * with {@link Tightest}. The distances are the two least of each near pair; their slopes are those of {@link Contacts}, brought
 * to the rotation vectors' coordinates by the left Jacobian of SO(3) (Chirikjian, Stochastic Models, Information Theory, and Lie
 * Groups 2, 2012, §10.6). A little |x|² keeps it from running along flat ridges.
 */
final class SqpTightest {
    private static final int MINIMA = 2;
    private static final double FAR = 10;
    private static final double REGULAR = 1e-8;

    private final Pose base;
    private final Freedom freedom;
    private final Neighbours neighbours;
    private final double unit;

    SqpTightest(Pose base) {
        this.base = base;
        this.freedom = Freedom.of(base.lattice(), base.rings().size(), false, false);
        this.unit = base.rings().get(0).radius();
        this.neighbours = Neighbours.of(base, 0.6 * unit);
    }

    /** What was reached. */
    record Reached(Pose pose, double gap) {}

    Reached solve(double tolerance, int iterations) {
        int n = freedom.columns();
        double[] start = new double[n + 1];
        start[n] = Contacts.smallest(base, neighbours, 2 * unit);
        var option = new SQPOption();
        option.setEps(tolerance);
        option.setQpMaxLoop(2000);
        LagrangeSolution solution = new SQPOptimizerS()
                .optimize(
                        new InitialGuess(start),
                        new ObjectiveFunction(new Gap(n)),
                        new Apart(),
                        option,
                        new MaxIter(iterations));
        Pose pose = pose(solution.getX());
        return new Reached(pose, Contacts.smallest(pose, Neighbours.of(pose, 1.2 * unit), 2 * unit));
    }

    private Pose pose(RealVector x) {
        return base.stepped(new Step(base, freedom, Arrays.copyOf(x.toArray(), freedom.columns())), 1);
    }

    /** −t + ε|x|²/2. */
    private static final class Gap extends TwiceDifferentiableFunction {
        private final int n;

        Gap(int n) {
            this.n = n;
        }

        @Override
        public int dim() {
            return n + 1;
        }

        @Override
        public double value(RealVector x) {
            double sum = 0;
            for (int k = 0; k < n; k++) {
                sum += x.getEntry(k) * x.getEntry(k);
            }
            return -x.getEntry(n) + REGULAR * sum / 2;
        }

        @Override
        public RealVector gradient(RealVector x) {
            RealVector gradient = x.mapMultiply(REGULAR);
            gradient.setEntry(n, -1);
            return gradient;
        }

        @Override
        public RealMatrix hessian(RealVector x) {
            var hessian = new Array2DRowRealMatrix(n + 1, n + 1);
            for (int k = 0; k < n; k++) {
                hessian.setEntry(k, k, REGULAR);
            }
            return hessian;
        }
    }

    /** The two least distances of each pair, less t. */
    private final class Apart extends InequalityConstraint {
        Apart() {
            super(new ArrayRealVector(MINIMA * neighbours.pairs().size()));
        }

        @Override
        public int dim() {
            return freedom.columns() + 1;
        }

        @Override
        public RealVector value(RealVector x) {
            return new ArrayRealVector(Arrays.stream(distances(x))
                    .mapToDouble(row -> row[freedom.columns() + 1])
                    .toArray());
        }

        @Override
        public RealMatrix jacobian(RealVector x) {
            double[][] rows = distances(x);
            return new Array2DRowRealMatrix(
                    Arrays.stream(rows)
                            .map(row -> Arrays.copyOf(row, freedom.columns() + 1))
                            .toArray(double[][]::new),
                    false);
        }

        /** For each constraint its slopes, −1 for t, and last its value. */
        private double[][] distances(RealVector x) {
            int n = freedom.columns();
            Pose pose = pose(x);
            double t = x.getEntry(n);
            double[][] all = new double[MINIMA * neighbours.pairs().size()][];
            for (int p = 0; p < neighbours.pairs().size(); p++) {
                Movable.Gaps contacts = Contacts.of(
                        pose,
                        freedom,
                        new Neighbours(java.util.List.of(neighbours.pairs().get(p)), 1),
                        FAR * unit);
                Integer[] order = new Integer[contacts.count()];
                Arrays.setAll(order, i -> i);
                Arrays.sort(order, java.util.Comparator.comparingDouble(contacts::distance));
                for (int m = 0; m < MINIMA; m++) {
                    double[] row = new double[n + 2];
                    if (m < order.length) {
                        System.arraycopy(turned(contacts.row(order[m]), pose, x), 0, row, 0, n);
                        row[n + 1] = contacts.distance(order[m]) - t;
                    } else {
                        row[n + 1] = FAR * unit - t;
                    }
                    row[n] = -1;
                    all[MINIMA * p + m] = row;
                }
            }
            return all;
        }
    }

    /** Slopes against a tilt of the ring as it lies → slopes against its rotation vector. */
    private double[] turned(double[] row, Pose pose, RealVector x) {
        double[] slopes = row.clone();
        Step step = new Step(base, freedom, Arrays.copyOf(x.toArray(), freedom.columns()));
        for (int k = 0; k < base.rings().size(); k++) {
            int at = Freedom.PER_RING * k + 3;
            if (row[at] == 0 && row[at + 1] == 0) {
                continue;
            }
            Vector3D now = pose.rings().get(k).normal();
            Vector3D u = now.orthogonal();
            Vector3D moment = new Vector3D(row[at], u, row[at + 1], now.crossProduct(u));
            Vector3D phi = step.tilt(k);
            double angle = phi.getNorm();
            Vector3D back = moment;
            if (angle > 1e-9) {
                double first = (1 - Math.cos(angle)) / (angle * angle);
                double second = (angle - Math.sin(angle)) / (angle * angle * angle);
                Vector3D once = phi.crossProduct(moment);
                back = new Vector3D(1, moment, -first, once, second, phi.crossProduct(once));
            }
            Vector3D from = base.rings().get(k).normal();
            Vector3D v = from.orthogonal();
            slopes[at] = back.dotProduct(v);
            slopes[at + 1] = back.dotProduct(from.crossProduct(v));
        }
        return slopes;
    }
}
