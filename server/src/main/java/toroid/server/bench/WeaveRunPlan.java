package toroid.server.bench;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import toroid.core.numeric.Checks;
import toroid.core.weave.assembly.Assembly;
import toroid.server.weave.WeaveJobData;

/**
 * The plan as it stood when the run began. Two steps come first: close so many, open so many, each counted; then every ring that is
 * laid down or comes in open is a step.
 *
 * @param weave the weave's name
 * @param total rings of the piece
 * @param preClosed closed beforehand
 * @param opened opened beforehand
 * @param assemblySteps rings laid down or coming in open, in turn
 */
public record WeaveRunPlan(
        @NotNull WeaveJobData job,
        @NotNull String weave,
        @NotNull int total,
        @NotNull int preClosed,
        @NotNull int opened,
        @NotNull int assemblySteps)
        implements RunKeeper.Plan {
    /** Steps before the first ring comes in: closing, opening. */
    public static final int FIRST = 2;

    private static final int MOST_STEPS = 6000;

    static WeaveRunPlan of(WeaveJobData job, String weave, Assembly assembly) {
        Checks.within("rings", assembly.steps().size(), 1, MOST_STEPS, "rings to put in", "Make it in parts.");
        return new WeaveRunPlan(
                job,
                weave,
                assembly.piece().size(),
                assembly.preClosed(),
                assembly.opened(),
                assembly.steps().size());
    }

    @Override
    public int length() {
        return FIRST + assemblySteps;
    }

    /** Which ring comes in at that step, from 1; 0 for none. */
    int ringAt(int step) {
        return step < FIRST || step >= length() ? 0 : step - FIRST + 1;
    }

    /** The rings were made before; no wire leaves a spool here. */
    @Override
    public double wireUsedMm(int stepsDone) {
        return 0;
    }

    @Override
    public UUID spool() {
        return null;
    }
}
