package toroid.server.wire;

import java.util.UUID;
import toroid.core.metal.FlowEstimate;

/** What is known of a spool's strength: the handbook's value, or better, a fit to the maker's own coils. */
public interface WireKnowledge {

    /**
     * @param spoolId null for wire not in stock, which has the handbook's value
     * @param data metal and temper
     */
    FlowEstimate flowOf(UUID spoolId, SpoolData data);
}
