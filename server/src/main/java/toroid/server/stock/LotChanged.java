package toroid.server.stock;

import java.util.UUID;

/**
 * A lot is told otherwise than it was.
 *
 * @param anew whether it serves for something else than before: it is new, or its facts are others
 */
public record LotChanged(UUID lot, String kind, boolean anew) {}
