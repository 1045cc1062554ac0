package toroid.core.numeric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Against the library's own, which are worked out in twice the precision. */
class VectorsTest {
    private static final double UNIT = Math.scalb(1.0, -53);
    private final Random chance = new Random(11);

    private Vector3D any() {
        double scale = Math.pow(10, 6 * chance.nextDouble() - 3);
        return new Vector3D(
                scale * chance.nextGaussian(), scale * chance.nextGaussian(), scale * chance.nextGaussian());
    }

    @Test
    void productsErrByNoMoreThanTheySay() {
        for (int i = 0; i < 5000; i++) {
            Vector3D u = any();
            Vector3D v = any();
            double most = 4 * UNIT * u.getNorm1() * v.getNorm1();
            assertThat(Vectors.dot(u, v)).isCloseTo(u.dotProduct(v), within(most));
            assertThat(Vectors.cross(u, v).distanceInf(u.crossProduct(v))).isLessThanOrEqualTo(most);
        }
    }

    @Test
    void sumsErrByNoMoreThanTheySay() {
        for (int i = 0; i < 5000; i++) {
            Vector3D u = any();
            Vector3D v = any();
            Vector3D w = any();
            Vector3D x = any();
            double a = chance.nextGaussian();
            double b = chance.nextGaussian();
            double c = chance.nextGaussian();
            double d = chance.nextGaussian();
            double two = Math.abs(a) * u.getNormInf() + Math.abs(b) * v.getNormInf();
            double three = two + Math.abs(c) * w.getNormInf();
            double four = three + Math.abs(d) * x.getNormInf();
            near(Vectors.sum(a, u, b, v), new Vector3D(a, u, b, v), two);
            near(Vectors.sum(a, u, b, v, c, w), new Vector3D(a, u, b, v, c, w), three);
            near(Vectors.sum(a, u, b, v, c, w, d, x), new Vector3D(a, u, b, v, c, w, d, x), four);
        }
    }

    private static void near(Vector3D plain, Vector3D exact, double added) {
        assertThat(plain.distanceInf(exact)).isLessThanOrEqualTo(4 * UNIT * added);
    }
}
