package toroid.server.stock;

import java.util.UUID;

/** Wire was cut for a job, or it turned out that it was not. */
public record CutMade(UUID job) {}
