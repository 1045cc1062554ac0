package toroid.server.work;

import java.util.UUID;
import toroid.server.store.Kept;

/**
 * A run went on, or something was measured in it.
 *
 * @param progress where it is now; null where only something was measured
 */
public record RunMoved(UUID run, Kept<RunProgress> progress) {}
