package toroid.server.photo;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/**
 * A photo of a run.
 *
 * @param operation at which it was taken, by its id in the run's plan; null where it is of the whole
 * @param note what is to be seen
 * @param width of the large picture, pixels
 * @param height of the large picture, pixels
 */
record PhotoData(
        @NotNull UUID runId,
        String operation,
        @NotNull String note,
        @NotNull int width,
        @NotNull int height) {}
