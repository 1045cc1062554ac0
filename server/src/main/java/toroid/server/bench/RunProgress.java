package toroid.server.bench;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import jakarta.validation.constraints.NotNull;
import java.util.Map;

/** Where the maker is: steps done, counts by step index, a note. */
public record RunProgress(
        @NotNull int step,
        @NotNull @JsonSetter(contentNulls = Nulls.FAIL) Map<Integer, Integer> counts,
        @NotNull String note) {}
