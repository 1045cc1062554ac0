package toroid.server.work;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import jakarta.validation.constraints.NotNull;
import java.util.Map;
import toroid.core.work.Progress;

/**
 * How far a run is.
 *
 * @param done over how many copies an operation is done, by its id
 * @param counts how often a counted operation was done, over all copies, by its id
 */
public record RunProgress(
        @NotNull @JsonSetter(contentNulls = Nulls.FAIL) Map<String, Integer> done,
        @NotNull @JsonSetter(contentNulls = Nulls.FAIL) Map<String, Integer> counts,
        @NotNull String note) {
    Progress toCore() {
        return new Progress(done, counts);
    }

    static RunProgress of(Progress progress, String note) {
        return new RunProgress(progress.done(), progress.counts(), note);
    }
}
