package toroid.core.calibration.photo;

/** A place in a photo, in its points from the left and from above; or on the table, mm. */
public record Spot(double x, double y) {
    double to(Spot other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
