package toroid.server.cutting;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;

/** @param jobs to cut for, each once */
record ListsQuestion(@NotNull @Size(max = MOST_JOBS) List<@NotNull UUID> jobs) {
    static final int MOST_JOBS = 60;
}
