package toroid.core.weave.circle;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/**
 * Every local minimum of the distance between two circles.
 *
 * <p>For a place P(φ) on one circle the nearest place of the other, with centre c, unit normal n and radius R, is exact:
 * {@code d² = z² + (ρ − R)²}, {@code z = (P − c)·n}, ρ its distance from the axis. What is left is one-dimensional in φ: sampled
 * {@value #SAMPLES} times, each minimum bracketed and the slope's root refined by the Illinois form of regula falsi (Dowell and
 * Jarratt, BIT 11, 1971) to a relative 1e-14. Two circles have at most four minima (the distance's stationary points are roots of
 * a polynomial of degree 8; Neff, 1990); two closer together than a sixth of a right angle may be found as one. Circles side by
 * side nearly all round (parallel, one axis) have no single nearest place: six places round them are told as well, each with its
 * own exact distance.
 */
public final class CircleDistance {
    /** Samples on the first circle while solving. */
    public static final int SAMPLES = 72;

    /** Samples where an answer is looked at once more before it is given. */
    private static final int FINE_SAMPLES = 720;

    /** Angles evenly round a circle. */
    private record Round(int count, double step, double[] cos, double[] sin) {
        static Round of(int count) {
            double step = 2 * Math.PI / count;
            double[] cos = new double[count];
            double[] sin = new double[count];
            for (int i = 0; i < count; i++) {
                cos[i] = Math.cos(i * step);
                sin[i] = Math.sin(i * step);
            }
            return new Round(count, step, cos, sin);
        }
    }

    private static final Round USUAL = Round.of(SAMPLES);
    private static final Round FINE = Round.of(FINE_SAMPLES);
    private static final int MOST_ROUNDS = 60;
    private static final double EVEN_SHARE = 0.25;
    private static final int EVEN_PLACES = 6;

    /** What is done with each minimum. */
    public interface Visitor {
        /**
         * @param distance between the two places, zero or more
         * @param onA the place on the first circle
         * @param onB the place on the second
         */
        void minimum(double distance, Vector3D onA, Vector3D onB);
    }

    /** What is done with each minimum before its places are worked out. */
    private interface Found {
        void at(double distance, double angle);
    }

    private static final class Least implements Found {
        private double distance = Double.POSITIVE_INFINITY;

        @Override
        public void at(double found, double angle) {
            distance = Math.min(distance, found);
        }
    }

    private final Round round;
    private final Circle b;
    private final Vector3D u;
    private final Vector3D v;
    private final Vector3D start;
    private final double radius;

    // the first circle in the second's frame: offset and both axes along b's normal, and squares, for speed
    private final double zc;
    private final double zu;
    private final double zv;
    private final double cc;
    private final double cu;
    private final double cv;

    private CircleDistance(Circle a, Circle b, Round round) {
        this.round = round;
        this.b = b;
        radius = a.radius();
        u = a.across();
        v = Vectors.cross(a.normal(), u);
        start = a.centre().subtract(b.centre());
        zc = Vectors.dot(start, b.normal());
        zu = radius * Vectors.dot(u, b.normal());
        zv = radius * Vectors.dot(v, b.normal());
        cc = start.getNormSq() + radius * radius;
        cu = 2 * radius * Vectors.dot(start, u);
        cv = 2 * radius * Vectors.dot(start, v);
    }

    /** Every minimum not further than {@code reach}. */
    public static void minima(Circle a, Circle b, double reach, Visitor visitor) {
        double sum = a.radius() + b.radius() + reach;
        if (a.centre().distanceSq(b.centre()) > sum * sum) {
            return;
        }
        var between = new CircleDistance(a, b, USUAL);
        between.find(reach, (distance, angle) -> between.places(distance, angle, visitor));
    }

    /** The smallest distance; infinite beyond {@code reach}. */
    public static double smallest(Circle a, Circle b, double reach) {
        double sum = a.radius() + b.radius() + reach;
        if (a.centre().distanceSq(b.centre()) > sum * sum) {
            return Double.POSITIVE_INFINITY;
        }
        var least = new Least();
        new CircleDistance(a, b, USUAL).find(reach, least);
        return least.distance;
    }

    /** The smallest distance, looked for twelve times as closely and from both circles; infinite beyond {@code reach}. */
    public static double smallestFine(Circle a, Circle b, double reach) {
        double sum = a.radius() + b.radius() + reach;
        if (a.centre().distanceSq(b.centre()) > sum * sum) {
            return Double.POSITIVE_INFINITY;
        }
        var least = new Least();
        new CircleDistance(a, b, FINE).find(reach, least);
        new CircleDistance(b, a, FINE).find(reach, least);
        return least.distance;
    }

    private void find(double reach, Found found) {
        double[] squares = sampled();
        double least = Double.MAX_VALUE;
        double most = 0;
        for (double square : squares) {
            least = Math.min(least, square);
            most = Math.max(most, square);
        }
        double far = reach + radius * round.step();
        if (least >= far * far) {
            return;
        }
        int n = squares.length;
        if (isNearlyEven(least, most)) {
            for (int i = 0; i < n; i += n / EVEN_PLACES) {
                report(i * round.step(), reach, found);
            }
        }
        double before = squares[n - 1];
        for (int i = 0; i < n; i++) {
            double here = squares[i];
            if (here <= before && here < squares[i + 1 < n ? i + 1 : 0] && here < far * far) {
                report(refined((i - 1) * round.step(), (i + 1) * round.step()), reach, found);
            }
            before = here;
        }
    }

    /** {@link #square} at every sample; written out, as it is what every solver waits for most. */
    private double[] sampled() {
        double[] cos = round.cos();
        double[] sin = round.sin();
        double[] squares = new double[round.count()];
        double other = b.radius();
        for (int i = 0; i < squares.length; i++) {
            double z = zc + zu * cos[i] + zv * sin[i];
            double whole = cc + cu * cos[i] + cv * sin[i];
            double short_ = Math.sqrt(Math.max(0, whole - z * z)) - other;
            squares[i] = z * z + short_ * short_;
        }
        return squares;
    }

    /** Whether the circles lie so nearly side by side all round that no single place stands for their contact. */
    private boolean isNearlyEven(double least, double most) {
        return Math.sqrt(most) - Math.sqrt(least) < EVEN_SHARE * radius;
    }

    private void report(double angle, double reach, Found found) {
        double distance = Math.sqrt(Math.max(0, square(Math.cos(angle), Math.sin(angle))));
        if (distance <= reach) {
            found.at(distance, angle);
        }
    }

    /** The two places of the minimum there. */
    private void places(double distance, double angle, Visitor visitor) {
        Vector3D place = Vectors.sum(1, start, radius * Math.cos(angle), u, radius * Math.sin(angle), v);
        Vector3D flat = Vectors.sum(1, place, -Vectors.dot(place, b.normal()), b.normal());
        double rho = flat.getNorm();
        Vector3D out =
                rho > 1e-12 ? flat.scalarMultiply(b.radius() / rho) : b.across().scalarMultiply(b.radius());
        visitor.minimum(distance, place.add(b.centre()), out.add(b.centre()));
    }

    private double square(double cos, double sin) {
        double z = zc + zu * cos + zv * sin;
        double whole = cc + cu * cos + cv * sin;
        double short_ = Math.sqrt(Math.max(0, whole - z * z)) - b.radius();
        return z * z + short_ * short_;
    }

    /** Half the slope of the squared distance. */
    private double slope(double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        double z = zc + zu * cos + zv * sin;
        double dz = -zu * sin + zv * cos;
        double rho = Math.sqrt(Math.max(1e-24, cc + cu * cos + cv * sin - z * z));
        double half = (-cu * sin + cv * cos) / 2 - z * dz;
        return z * dz + (rho - b.radius()) * half / rho;
    }

    /** By thirds, where the slopes at the ends do not bracket one root. */
    private double lowest(double from, double to) {
        double low = from;
        double high = to;
        for (int cut = 0; cut < MOST_ROUNDS; cut++) {
            double first = low + (high - low) / 3;
            double second = high - (high - low) / 3;
            if (square(Math.cos(first), Math.sin(first)) < square(Math.cos(second), Math.sin(second))) {
                high = second;
            } else {
                low = first;
            }
        }
        return (low + high) / 2;
    }

    private double refined(double from, double to) {
        double low = from;
        double high = to;
        double atLow = slope(low);
        double atHigh = slope(high);
        if (!(atLow < 0 && atHigh > 0)) {
            return lowest(from, to);
        }
        int side = 0;
        for (int cut = 0; cut < MOST_ROUNDS && high - low > 1e-15 * Math.max(1, Math.abs(high)); cut++) {
            double next = (low * atHigh - high * atLow) / (atHigh - atLow);
            if (!(next > low && next < high)) {
                next = (low + high) / 2;
            }
            double at = slope(next);
            if (at == 0) {
                return next;
            }
            if (at < 0) {
                low = next;
                atLow = at;
                atHigh = side < 0 ? atHigh / 2 : atHigh;
                side = -1;
            } else {
                high = next;
                atHigh = at;
                atLow = side > 0 ? atLow / 2 : atLow;
                side = 1;
            }
            if (Math.abs(at) < 1e-16) {
                return next;
            }
        }
        return (low + high) / 2;
    }
}
