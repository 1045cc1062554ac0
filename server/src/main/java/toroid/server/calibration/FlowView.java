package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import toroid.core.metal.FlowCurve;
import toroid.core.metal.FlowEstimate;

/**
 * How a wire is taken to flow.
 *
 * @param flowStressMpa at {@code atStrain}
 * @param standardErrorMpa of that
 * @param hardeningExponent n of {@code σ = K εⁿ}
 * @param scatterMm of one coil's inner diameter about the prediction
 * @param measurements how many it rests on; 0 for the handbook
 */
record FlowView(
        @NotNull double flowStressMpa,
        @NotNull double standardErrorMpa,
        @NotNull double hardeningExponent,
        @NotNull double atStrain,
        @NotNull double scatterMm,
        @NotNull int measurements) {
    static FlowView of(FlowEstimate flow) {
        return new FlowView(
                flow.curve().strengthMpa(),
                flow.strengthErrorMpa(),
                flow.curve().exponent(),
                FlowCurve.REFERENCE_STRAIN,
                flow.scatterMm(),
                flow.measurements());
    }
}
