package toroid.core.form;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.WirePoint;

/** Points of several wires by their place, so that only near ones are looked at. */
final class NearPoints {
    private final double cell;
    private final Map<Long, List<Place>> cells = new HashMap<>();

    /** A point and which wire it is of. */
    record Place(int wire, WirePoint point) {}

    /** Whether a place counts. */
    interface Test {
        boolean counts(Place place);
    }

    /** @param cellMm no question reaches further than this */
    NearPoints(double cellMm) {
        cell = cellMm;
    }

    void add(int wire, List<WirePoint> points) {
        for (WirePoint point : points) {
            Vector3D at = point.frame().position();
            cells.computeIfAbsent(key(at(at.getX()), at(at.getY()), at(at.getZ())), any -> new ArrayList<>())
                    .add(new Place(wire, point));
        }
    }

    private long at(double place) {
        return (long) Math.floor(place / cell);
    }

    private static long key(long x, long y, long z) {
        return (x * 73_856_093L) ^ (y * 19_349_663L << 1) ^ (z * 83_492_791L << 2);
    }

    /** Whether any place in the 27 cubes about that one counts. */
    boolean any(Vector3D place, Test test) {
        long x = at(place.getX());
        long y = at(place.getY());
        long z = at(place.getZ());
        for (long i = x - 1; i <= x + 1; i++) {
            for (long j = y - 1; j <= y + 1; j++) {
                for (long k = z - 1; k <= z + 1; k++) {
                    for (Place near : cells.getOrDefault(key(i, j, k), List.of())) {
                        if (test.counts(near)) {
                            return true;
                        }
                    }
                }
            }
        }
        return false;
    }
}
