package toroid.core.weave;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.solve.Pose;

/** Another way to the same answers, with nothing of the solver's: brute sampling for gaps, Gauss's integral for links. */
public final class Independent {
    private Independent() {}

    /** All rings of the cell, and of every cell at most {@code cells} away. */
    static List<Circle> neighbourhood(Pose pose, int cells) {
        var rings = new ArrayList<Circle>();
        boolean finite = pose.pitch() == 0;
        int around = pose.lattice().around();
        int second = !pose.lattice().isTwofold() ? 0 : around > 0 ? around - 1 : cells;
        int along = finite ? 0 : cells;
        for (int i = -along; i <= along; i++) {
            for (int j = around > 0 ? 0 : -second; j <= second; j++) {
                for (int k = 0; k < pose.rings().size(); k++) {
                    if (i != 0 || j != 0) {
                        rings.add(pose.image(k, i, j));
                    }
                }
            }
        }
        return rings;
    }

    /** A place on a circle by its own formula: any frame in its plane. */
    private static Vector3D place(Circle c, double angle) {
        Vector3D helper = Math.abs(c.normal().getZ()) < 0.7 ? Vector3D.PLUS_K : Vector3D.PLUS_I;
        Vector3D u = Vectors.cross(c.normal(), helper).normalize();
        Vector3D v = Vectors.cross(c.normal(), u);
        return c.centre()
                .add(u.scalarMultiply(c.radius() * Math.cos(angle)))
                .add(v.scalarMultiply(c.radius() * Math.sin(angle)));
    }

    /** From a place to the nearest place of a circle: project, then step to the rim. */
    private static double toCircle(double x, double y, double z, Circle c) {
        double dx = x - c.centre().getX();
        double dy = y - c.centre().getY();
        double dz = z - c.centre().getZ();
        double nx = c.normal().getX();
        double ny = c.normal().getY();
        double nz = c.normal().getZ();
        double up = dx * nx + dy * ny + dz * nz;
        double rho = Math.sqrt(square(dx - up * nx) + square(dy - up * ny) + square(dz - up * nz)) - c.radius();
        return Math.sqrt(up * up + rho * rho);
    }

    private static double square(double x) {
        return x * x;
    }

    /** The smallest distance of two circles, by {@code samples} places on the first and the exact nearest on the second. */
    public static double gap(Circle a, Circle b, int samples) {
        double least = Double.MAX_VALUE;
        Vector3D helper = Math.abs(a.normal().getZ()) < 0.7 ? Vector3D.PLUS_K : Vector3D.PLUS_I;
        Vector3D u = Vectors.cross(a.normal(), helper).normalize();
        Vector3D v = Vectors.cross(a.normal(), u);
        for (int i = 0; i < samples; i++) {
            double angle = 2 * Math.PI * i / samples;
            double cos = a.radius() * Math.cos(angle);
            double sin = a.radius() * Math.sin(angle);
            double x = a.centre().getX() + cos * u.getX() + sin * v.getX();
            double y = a.centre().getY() + cos * u.getY() + sin * v.getY();
            double z = a.centre().getZ() + cos * u.getZ() + sin * v.getZ();
            least = Math.min(least, toCircle(x, y, z, b));
        }
        return least;
    }

    /** The smallest distance between any ring of the cell and any other ring. */
    public static double smallestGap(Pose pose, int cells, int samples) {
        List<Circle> own = pose.rings();
        List<Circle> others = neighbourhood(pose, cells);
        double least = Double.MAX_VALUE;
        for (int a = 0; a < own.size(); a++) {
            for (int b = a + 1; b < own.size(); b++) {
                least = Math.min(least, gap(own.get(a), own.get(b), samples));
            }
            for (Circle other : others) {
                double reach = own.get(a).radius() + other.radius() + 1;
                if (own.get(a).centre().distance(other.centre()) < reach) {
                    least = Math.min(least, gap(own.get(a), other, samples));
                }
            }
        }
        return least;
    }

    /**
     * Gauss's linking integral {@code (1/4π) ∮∮ (r₁ − r₂)·(dr₁ × dr₂)/|r₁ − r₂|³} by the trapezoidal rule, which converges
     * exponentially on closed smooth curves.
     */
    public static double gauss(Circle a, Circle b, int samples) {
        double sum = 0;
        double step = 2 * Math.PI / samples;
        Vector3D[] there = new Vector3D[samples];
        Vector3D[] onward = new Vector3D[samples];
        for (int j = 0; j < samples; j++) {
            there[j] = place(b, j * step);
            onward[j] = b.normal().crossProduct(there[j].subtract(b.centre()));
        }
        for (int i = 0; i < samples; i++) {
            Vector3D p = place(a, i * step);
            Vector3D dp = a.normal().crossProduct(p.subtract(a.centre()));
            for (int j = 0; j < samples; j++) {
                double x = p.getX() - there[j].getX();
                double y = p.getY() - there[j].getY();
                double z = p.getZ() - there[j].getZ();
                Vector3D o = onward[j];
                double triple = x * (dp.getY() * o.getZ() - dp.getZ() * o.getY())
                        + y * (dp.getZ() * o.getX() - dp.getX() * o.getZ())
                        + z * (dp.getX() * o.getY() - dp.getY() * o.getX());
                double apart = x * x + y * y + z * z;
                sum += triple / (apart * Math.sqrt(apart));
            }
        }
        return sum * step * step / (4 * Math.PI);
    }
}
