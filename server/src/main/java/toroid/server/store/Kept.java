package toroid.server.store;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/**
 * A thing as kept.
 *
 * @param version to be sent back with the next edit
 * @param deleted taken away, but still there to bring back
 */
public record Kept<D>(
        @NotNull UUID id,
        @NotNull int version,
        @NotNull Instant updatedAt,
        @NotNull boolean deleted,
        @NotNull D data) {
    /** The same, its data told otherwise. */
    public <T> Kept<T> with(T told) {
        return new Kept<>(id, version, updatedAt, deleted, told);
    }

    public static <D> Kept<D> of(Stored stored, D data) {
        return new Kept<>(stored.id(), stored.version(), stored.updatedAt(), stored.isDeleted(), data);
    }
}
