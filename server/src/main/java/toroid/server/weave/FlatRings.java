package toroid.server.weave;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;

/** Rings as numbers in a row: centre, normal and radius, ring after ring. */
final class FlatRings {
    private static final int NUMBERS = 7;

    private FlatRings() {}

    static double[] of(List<Circle> rings) {
        double[] all = new double[NUMBERS * rings.size()];
        for (int n = 0; n < rings.size(); n++) {
            Circle ring = rings.get(n);
            System.arraycopy(ring.centre().toArray(), 0, all, NUMBERS * n, 3);
            System.arraycopy(ring.normal().toArray(), 0, all, NUMBERS * n + 3, 3);
            all[NUMBERS * n + 6] = ring.radius();
        }
        return all;
    }

    static List<Circle> rings(double[] all) {
        var rings = new ArrayList<Circle>();
        for (int at = 0; at < all.length; at += NUMBERS) {
            rings.add(new Circle(
                    new Vector3D(all[at], all[at + 1], all[at + 2]),
                    new Vector3D(all[at + 3], all[at + 4], all[at + 5]),
                    all[at + 6]));
        }
        return rings;
    }
}
