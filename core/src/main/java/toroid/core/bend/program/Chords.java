package toroid.core.bend.program;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A wire as chords of its middle line, in plain numbers for speed. Closest places of two chords: Ericson, Real-Time Collision
 * Detection, 2005, §5.1.9.
 */
final class Chords {
    private static final double TINY = 1e-18;

    private final double[] at;
    private final double[] along;
    private final double longest;
    private final double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
    private final double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};

    Chords(List<WirePoint> points) {
        at = new double[3 * points.size()];
        along = new double[points.size()];
        double most = 0;
        for (int i = 0; i < points.size(); i++) {
            Vector3D p = points.get(i).frame().position();
            at[3 * i] = p.getX();
            at[3 * i + 1] = p.getY();
            at[3 * i + 2] = p.getZ();
            for (int axis = 0; axis < 3; axis++) {
                low[axis] = Math.min(low[axis], at[3 * i + axis]);
                high[axis] = Math.max(high[axis], at[3 * i + axis]);
            }
            along[i] = points.get(i).alongMm();
            most = i == 0 ? 0 : Math.max(most, along[i] - along[i - 1]);
        }
        longest = most;
    }

    /** How far apart the two wires' boxes along the axes are, mm; 0 where they overlap. */
    double boxesApart(Chords other) {
        double square = 0;
        for (int axis = 0; axis < 3; axis++) {
            double gap = Math.max(0, Math.max(low[axis] - other.high[axis], other.low[axis] - high[axis]));
            square += gap * gap;
        }
        return Math.sqrt(square);
    }

    int count() {
        return along.length - 1;
    }

    /** The longest chord, measured along the wire, mm. */
    double longestMm() {
        return longest;
    }

    double along(int point) {
        return along[point];
    }

    double along(int chord, double share) {
        return along[chord] + share * (along[chord + 1] - along[chord]);
    }

    double lengthMm() {
        return along[along.length - 1];
    }

    /** A chord's middle, on one axis. */
    double middle(int chord, int axis) {
        return (at[3 * chord + axis] + at[3 * chord + 3 + axis]) / 2;
    }

    double start(int chord, int axis) {
        return at[3 * chord + axis];
    }

    double run(int chord, int axis) {
        return at[3 * chord + 3 + axis] - at[3 * chord + axis];
    }

    Vector3D place(int chord, double share) {
        return new Vector3D(
                start(chord, 0) + share * run(chord, 0),
                start(chord, 1) + share * run(chord, 1),
                start(chord, 2) + share * run(chord, 2));
    }

    Vector3D direction(int chord) {
        return new Vector3D(run(chord, 0), run(chord, 1), run(chord, 2));
    }

    /** Square of the distance of two chords' middles. */
    double middlesApart(int chord, Chords other, int otherChord) {
        double dx = middle(chord, 0) - other.middle(otherChord, 0);
        double dy = middle(chord, 1) - other.middle(otherChord, 1);
        double dz = middle(chord, 2) - other.middle(otherChord, 2);
        return dx * dx + dy * dy + dz * dz;
    }

    /**
     * The closest places of chord i here and chord j there.
     *
     * @param shares receives how far along each chord they lie, 0 to 1
     * @return the square of their distance
     */
    double closest(int i, Chords there, int j, double[] shares) {
        double a = 0;
        double b = 0;
        double c = 0;
        double e = 0;
        double f = 0;
        for (int k = 0; k < 3; k++) {
            double u = run(i, k);
            double v = there.run(j, k);
            double r = start(i, k) - there.start(j, k);
            a += u * u;
            b += u * v;
            c += u * r;
            e += v * v;
            f += v * r;
        }
        settle(a, b, c, e, f, shares);
        double square = 0;
        for (int k = 0; k < 3; k++) {
            double gap = start(i, k) + shares[0] * run(i, k) - there.start(j, k) - shares[1] * there.run(j, k);
            square += gap * gap;
        }
        return square;
    }

    private static void settle(double a, double b, double c, double e, double f, double[] shares) {
        if (a < TINY || e < TINY) {
            shares[0] = a < TINY ? 0 : clamp(-c / a);
            shares[1] = e < TINY ? 0 : clamp(f / e);
            return;
        }
        double denominator = a * e - b * b;
        double s = denominator > TINY ? clamp((b * f - c * e) / denominator) : 0;
        double t = (b * s + f) / e;
        if (t < 0 || t > 1) {
            t = clamp(t);
            s = clamp((b * t - c) / a);
        }
        shares[0] = s;
        shares[1] = t;
    }

    private static double clamp(double x) {
        return Math.max(0, Math.min(1, x));
    }
}
