package toroid.server.calibration;

/** A reading as it is told: coils and rings as what they are inside, wherever they were measured. */
final class AsTold {
    private AsTold() {}

    static Quantity quantity(Quantity quantity) {
        return switch (quantity) {
            case COIL_OUTER -> Quantity.COIL_INNER;
            case RING_OUTER -> Quantity.RING_INNER;
            default -> quantity;
        };
    }

    static double value(ReadingData m) {
        return switch (m.quantity()) {
            case COIL_INNER, COIL_OUTER -> m.sprung().sprungInnerMm();
            case RING_OUTER -> m.value() - 2 * m.context().wireMm();
            default -> m.value();
        };
    }

    /** What it was to come out at; null where nothing was planned. */
    static Double planned(ReadingData m) {
        boolean outside = m.quantity() == Quantity.COIL_OUTER || m.quantity() == Quantity.RING_OUTER;
        return m.planned() == null || !outside
                ? m.planned()
                : Double.valueOf(m.planned() - 2 * m.context().wireMm());
    }
}
