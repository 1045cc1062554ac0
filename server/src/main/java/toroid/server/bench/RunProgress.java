package toroid.server.bench;

import jakarta.validation.constraints.NotNull;
import java.util.Map;

/** Where the maker is: steps done, counts by step index, a note. */
public record RunProgress(
        @NotNull int step,
        @NotNull Map<Integer, Integer> counts,
        @NotNull String note) {}
