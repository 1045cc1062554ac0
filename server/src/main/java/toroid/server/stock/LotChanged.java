package toroid.server.stock;

import java.util.UUID;

/** A lot is told otherwise than it was. */
public record LotChanged(UUID lot, String kind) {}
