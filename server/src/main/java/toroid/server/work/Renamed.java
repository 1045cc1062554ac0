package toroid.server.work;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.function.UnaryOperator;

/** Upgrades of what only took another name. */
final class Renamed {
    private Renamed() {}

    /** Of content: a field called otherwise now. */
    static UnaryOperator<ObjectNode> field(String before, String now) {
        return content -> renamed(content, before, now);
    }

    /** Of a plan: the same within the job it was planned from. */
    static UnaryOperator<ObjectNode> inThePlannedJob(String before, String now) {
        return plan -> {
            if (plan.path("facts").path("job") instanceof ObjectNode job) {
                renamed(job, before, now);
            }
            return plan;
        };
    }

    /** Of a plan: what its operations take was a length while only wire was taken. */
    static UnaryOperator<ObjectNode> inDraws() {
        return plan -> {
            plan.path("work")
                    .path("operations")
                    .forEach(operation ->
                            operation.path("draws").forEach(draw -> renamed((ObjectNode) draw, "lengthMm", "amount")));
            return plan;
        };
    }

    private static ObjectNode renamed(ObjectNode object, String before, String now) {
        JsonNode kept = object.remove(before);
        if (kept != null) {
            object.set(now, kept);
        }
        return object;
    }

    /** The job of a plan from when steps were numbered, which stood beside them. */
    static ObjectNode inTheNumberedJob(ObjectNode plan, String before, String now) {
        if (plan.path("job") instanceof ObjectNode job) {
            renamed(job, before, now);
        }
        return plan;
    }
}
