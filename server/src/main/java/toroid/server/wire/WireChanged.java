package toroid.server.wire;

import java.util.UUID;

/** A lot of wire is another than it was, or more is known of it: what was worked out in it may come out otherwise. */
public record WireChanged(UUID lot) {}
