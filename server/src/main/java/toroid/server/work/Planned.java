package toroid.server.work;

import java.util.Objects;
import toroid.core.work.Plan;

/**
 * A job planned: all that is shown of it beside its operations, and the operations. Frozen when a run begins.
 *
 * @param facts of the job's kind
 */
public record Planned<F>(F facts, Plan work) {
    public Planned {
        Objects.requireNonNull(facts, "a plan without facts");
        Objects.requireNonNull(work, "a plan without operations");
    }
}
