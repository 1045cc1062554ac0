package toroid.server.bench;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import toroid.core.bench.RingStep;
import toroid.core.ring.Coil;
import toroid.server.ring.RingJobData;
import toroid.server.ring.RingSizes;

/** The plan as it stood when the run began; frozen, so that planned can be set against made. */
public record RunPlan(
        @NotNull RingJobData job,
        @NotNull RingSizes sizes,
        @NotNull List<Coil> coils,
        @NotNull List<RingStep> steps) implements RunKeeper.Plan {
    @Override
    public int length() {
        return steps.size();
    }

    @Override
    public UUID spool() {
        return job.spoolId();
    }

    @Override
    public double wireUsedMm(int stepsDone) {
        double used = 0;
        for (int i = 0; i < Math.min(stepsDone, steps.size()); i++) {
            if (steps.get(i).kind() == RingStep.Kind.WIND) {
                used += coils.get(steps.get(i).coil() - 1).wireMm();
            }
        }
        return used;
    }
}
