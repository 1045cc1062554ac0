package toroid.core.bend.program;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** The closest places of two straight segments (Ericson, Real-Time Collision Detection, 2005, §5.1.9). */
final class Chords {
    private static final double TINY = 1e-18;

    private Chords() {}

    /** Shares along {@code p + s u} and {@code q + t v}, each within 0 to 1. */
    static double[] closest(Vector3D p, Vector3D u, Vector3D q, Vector3D v) {
        Vector3D r = p.subtract(q);
        double a = u.getNormSq();
        double e = v.getNormSq();
        double f = v.dotProduct(r);
        if (a < TINY || e < TINY) {
            return new double[] {a < TINY ? 0 : clamp(-u.dotProduct(r) / a), e < TINY ? 0 : clamp(f / e)};
        }
        double b = u.dotProduct(v);
        double c = u.dotProduct(r);
        double denominator = a * e - b * b;
        double s = denominator > TINY ? clamp((b * f - c * e) / denominator) : 0;
        double t = (b * s + f) / e;
        if (t < 0 || t > 1) {
            t = clamp(t);
            s = clamp((b * t - c) / a);
        }
        return new double[] {s, t};
    }

    private static double clamp(double x) {
        return Math.max(0, Math.min(1, x));
    }
}
