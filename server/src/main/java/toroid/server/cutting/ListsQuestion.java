package toroid.server.cutting;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;

/**
 * What is cut for.
 *
 * @param jobs each once
 * @param nearSizes whether wire of nearly the size stands for it; null for no
 */
record ListsQuestion(@NotNull @Size(max = MOST_JOBS) List<@NotNull UUID> jobs, Boolean nearSizes) {
    static final int MOST_JOBS = 60;
}
