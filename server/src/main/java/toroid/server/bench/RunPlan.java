package toroid.server.bench;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.bench.RingStep;
import toroid.core.ring.Coil;
import toroid.server.ring.RingJobData;
import toroid.server.ring.RingSizes;

/** The plan as it stood when the run began; frozen, so that planned can be set against made. */
public record RunPlan(
        @NotNull RingJobData job,
        @NotNull RingSizes sizes,
        @NotNull List<Coil> coils,
        @NotNull List<RingStep> steps) {

    /** Wire of the coils wound once {@code stepsDone} steps are done, mm. */
    double wireUsedMm(int stepsDone) {
        double used = 0;
        for (int i = 0; i < Math.min(stepsDone, steps.size()); i++) {
            if (steps.get(i).kind() == RingStep.Kind.WIND) {
                used += coils.get(steps.get(i).coil() - 1).wireMm();
            }
        }
        return used;
    }
}
