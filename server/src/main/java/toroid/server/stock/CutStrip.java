package toroid.server.stock;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A strip as it was cut.
 *
 * @param leftMm of it
 * @param offcutId the lot the rest became; null where it stays on its spool, or is too short to keep
 */
public record CutStrip(
        @NotNull UUID id,
        @NotNull UUID lotId,
        @NotNull String strip,
        @NotNull Instant cutAt,
        @NotNull List<CutGiven.LengthCut> lengths,
        @NotNull double leftMm,
        UUID offcutId) {}
