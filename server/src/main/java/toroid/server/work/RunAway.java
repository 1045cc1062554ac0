package toroid.server.work;

import java.time.Instant;
import java.util.UUID;

/**
 * A run was taken out of the notebook, or came back into it.
 *
 * @param away else it came back
 * @param at when it was taken away
 */
public record RunAway(UUID run, UUID job, boolean away, Instant at) {}
