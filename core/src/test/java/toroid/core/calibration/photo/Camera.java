package toroid.core.calibration.photo;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/** A pinhole camera above a table, with a lens that is a little off: what it sees is known to be true. */
final class Camera {
    private final Vector3D lens;
    private final Rotation look;
    private final double focal;
    private final double distortion;

    /**
     * @param away from the table's origin, mm
     * @param slant from straight above, degrees
     * @param turn about the upright, degrees
     * @param focal points
     * @param distortion radial, as a share at half the focal length from the middle
     */
    Camera(double away, double slant, double turn, double focal, double distortion) {
        look = new Rotation(Vector3D.PLUS_K, Math.toRadians(turn), RotationConvention.VECTOR_OPERATOR)
                .applyTo(new Rotation(Vector3D.PLUS_I, Math.toRadians(slant), RotationConvention.VECTOR_OPERATOR));
        lens = look.applyTo(new Vector3D(0, 0, away));
        this.focal = focal;
        this.distortion = distortion;
    }

    /** Where a place is in its picture. */
    Spot sees(Vector3D place) {
        Vector3D seen = look.applyInverseTo(place.subtract(lens));
        double x = seen.getX() / -seen.getZ();
        double y = seen.getY() / -seen.getZ();
        double off = 1 + distortion * 4 * (x * x + y * y);
        return new Spot(2000 + focal * x * off, 1500 - focal * y * off);
    }

    /** The way a spot of its picture looks along, from the lens. */
    Vector3D ray(Spot spot) {
        double x = (spot.x() - 2000) / focal;
        double y = (1500 - spot.y()) / focal;
        double square = x * x + y * y;
        for (int i = 0; i < 8; i++) {
            double off = 1 + distortion * 4 * square;
            square = ((spot.x() - 2000) * (spot.x() - 2000) + (1500 - spot.y()) * (1500 - spot.y()))
                    / focal
                    / focal
                    / off
                    / off;
        }
        double off = 1 + distortion * 4 * square;
        return look.applyTo(new Vector3D(x / off, y / off, -1)).normalize();
    }

    /** Whether there is wire on the way: a ring that lies on the table. */
    boolean hits(Spot spot, Vector3D centre, double middleRadius, double wire) {
        Vector3D way = ray(spot);
        double nearest = Double.MAX_VALUE;
        int around = 720;
        for (int i = 0; i < around; i++) {
            double angle = 2 * Math.PI * i / around;
            Vector3D on =
                    centre.add(new Vector3D(middleRadius * Math.cos(angle), middleRadius * Math.sin(angle), wire / 2));
            Vector3D to = on.subtract(lens);
            nearest = Math.min(
                    nearest, Vectors.sum(1, to, -Vectors.dot(to, way), way).getNorm());
        }
        return nearest < wire / 2;
    }

    /** Outward from a spot to where the picture changes from table to wire, or back. */
    Spot edge(
            Spot from,
            double dx,
            double dy,
            double least,
            double most,
            Vector3D centre,
            double middleRadius,
            double wire) {
        double low = least;
        double high = most;
        boolean before = hits(at(from, dx, dy, low), centre, middleRadius, wire);
        for (int i = 0; i < 24; i++) {
            double half = (low + high) / 2;
            if (hits(at(from, dx, dy, half), centre, middleRadius, wire) == before) {
                low = half;
            } else {
                high = half;
            }
        }
        return at(from, dx, dy, high);
    }

    private static Spot at(Spot from, double dx, double dy, double far) {
        return new Spot(from.x() + far * dx, from.y() + far * dy);
    }
}
