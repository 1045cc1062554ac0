package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * What one spool has taught. Lengths mm, stresses MPa; bands 95 %.
 *
 * @param handbook before anything was measured
 * @param fitted from its own coils; null before the first
 * @param readings each measurement with what is predicted for it now, oldest first
 * @param rods the shelf's rods: handbook and own prediction
 */
record SpringbackView(
        @NotNull FlowView handbook,
        FlowView fitted,
        @NotNull List<ReadingView> readings,
        @NotNull List<RodPrediction> rods) {

    /** One measurement; {@code residualMm} is measured less fitted, null when left out. */
    record ReadingView(
            @NotNull UUID id,
            @NotNull int version,
            @NotNull Instant takenAt,
            @NotNull Quantity measured,
            @NotNull double valueMm,
            @NotNull double mandrelDiameterMm,
            @NotNull double sprungInnerMm,
            Double residualMm,
            Double handbookMm,
            @NotNull boolean leftOut) {}

    /** One rod; null where the wire takes no set on it. */
    record RodPrediction(
            @NotNull double mandrelDiameterMm, Double handbookMm, Double fittedMm, Double lowMm, Double highMm) {}
}
