package toroid.server.work;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import toroid.core.work.Plan;
import toroid.core.work.Progress;
import toroid.server.preference.Choices;
import toroid.server.ring.RingJobData;

/**
 * A kind of job: all that jobs, runs and the bench have to know of what is made. One class for each.
 *
 * @param <C> a job's content, a record
 * @param <F> what its plan keeps beside the operations, a record
 */
public interface JobKind<C, F> {
    /** Its word in addresses and tables. */
    String id();

    Class<C> content();

    Class<F> facts();

    /** The record its {@link #sketch} is. */
    Class<?> sketches();

    String nameOf(C content);

    /** The lot it is made from; null for wire not in stock. */
    UUID lotOf(C content);

    /**
     * Refuses content that cannot be kept.
     *
     * @throws toroid.core.numeric.Refusal in words
     */
    void check(C content);

    /**
     * The plan it would have now, against the stock and all that was learnt.
     *
     * @throws toroid.core.numeric.Refusal when it cannot be made so
     */
    Planned<F> plan(C content);

    /** The job as it was planned. */
    C contentOf(F facts);

    /**
     * What a list shows of it.
     *
     * @param facts null when it cannot be planned
     */
    Object sketch(C content, F facts);

    /**
     * The rings it is made of, as jobs of their own; none where it takes no rings.
     *
     * @throws toroid.core.numeric.Refusal when it cannot be made so
     */
    default List<RingJobData> cuts(C content, Choices choices) {
        return List.of();
    }

    /**
     * The wire it has cut, each length in one piece; none where its rings are jobs of their own and it takes no other wire.
     *
     * @throws toroid.core.numeric.Refusal when it cannot be made so
     */
    default List<WireLength> lengths(C content) {
        return List.of();
    }

    /** Whether its plan may be another once the shelf has more or less of that kind of stock. */
    default boolean takes(String stockKind) {
        return false;
    }

    /** Whether more is shown of a run than its plan. */
    default boolean showsMore() {
        return false;
    }

    /** What is shown of a run beside its plan, as it stands when the run begins. */
    default Object shown(F facts) {
        throw new UnsupportedOperationException("nothing is shown beside a " + id() + " plan");
    }

    /** What was kept of that, perhaps by an earlier version, in today's terms. */
    default JsonNode shownToday(JsonNode kept) {
        return kept;
    }

    /** What older content becomes: the first of them lifts version 1 to 2. */
    default List<UnaryOperator<ObjectNode>> contentUpgrades() {
        return List.of();
    }

    /** What an older plan becomes: the first of them lifts version 1 to 2. */
    List<UnaryOperator<ObjectNode>> planUpgrades();

    /** Progress as it was told when steps were numbered: steps done, and counts by the number of the step. */
    default Progress numbered(Plan plan, int steps, Map<Integer, Integer> counts) {
        return Numbered.progress(plan, steps, counts);
    }

    /** The version plans are written in. */
    default int planVersion() {
        return planUpgrades().size() + 1;
    }

    default int contentVersion() {
        return contentUpgrades().size() + 1;
    }
}
