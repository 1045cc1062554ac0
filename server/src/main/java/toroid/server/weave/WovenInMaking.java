package toroid.server.weave;

import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * A weave as part of something larger, as it is put together.
 *
 * @param rings seven numbers for each: centre, normal, radius, mm
 * @param wiresMm wire of each
 * @param steps in the order of assembly; none where there are more than can be shown
 * @param preClosed places of the rings closed beforehand
 */
public record WovenInMaking(
        @NotNull double[] rings,
        @NotNull double[] wiresMm,
        @NotNull List<PatchAnswers.PatchStep> steps,
        @NotNull int[] preClosed) {}
