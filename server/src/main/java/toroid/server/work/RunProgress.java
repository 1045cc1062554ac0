package toroid.server.work;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import toroid.core.work.Progress;
import toroid.core.work.Skipped;
import toroid.core.work.Skipped.Reason;
import toroid.core.work.Spoilt;
import toroid.core.work.Spoilt.Why;
import toroid.server.store.Words;

/**
 * How far a run is.
 *
 * @param done over how many copies an operation is done, by its id
 * @param counts how often a counted operation was done, over all copies, by its id
 * @param more copies beyond those planned, less than 0 where some are given up; null for none
 * @param spoilt what came to nothing; null for none
 * @param skipped what was passed by; null for none
 */
public record RunProgress(
        @NotNull @JsonSetter(contentNulls = Nulls.FAIL) Map<String, Integer> done,
        @NotNull @JsonSetter(contentNulls = Nulls.FAIL) Map<String, Integer> counts,
        Integer more,

        @JsonSetter(contentNulls = Nulls.FAIL) List<@Valid SpoiltAt> spoilt,

        @JsonSetter(contentNulls = Nulls.FAIL) List<@Valid SkippedAt> skipped,

        @NotNull String note) {
    /** What came to nothing, as the core has it. */
    public record SpoiltAt(
            @NotNull String operation,
            @NotNull int times,
            @NotNull Why why,
            @NotNull String said,
            Integer copy) {
        public Spoilt toCore() {
            Words.checkNote(said);
            return new Spoilt(operation, times, why, said, copy);
        }

        static List<SpoiltAt> of(Progress progress) {
            return progress.spoilt().stream()
                    .map(one -> new SpoiltAt(one.operation(), one.times(), one.why(), one.said(), one.copy()))
                    .toList();
        }
    }

    /** What was passed by, as the core has it. */
    public record SkippedAt(
            @NotNull String operation,
            @NotNull int times,
            @NotNull Reason why,
            @NotNull String said) {
        Skipped toCore() {
            Words.checkNote(said);
            return new Skipped(operation, times, why, said);
        }

        static List<SkippedAt> of(Progress progress) {
            return progress.skipped().stream()
                    .map(one -> new SkippedAt(one.operation(), one.times(), one.why(), one.said()))
                    .toList();
        }
    }

    Progress toCore() {
        return new Progress(
                done,
                counts,
                more == null ? 0 : more,
                spoilt == null
                        ? List.of()
                        : spoilt.stream().map(SpoiltAt::toCore).toList(),
                skipped == null
                        ? List.of()
                        : skipped.stream().map(SkippedAt::toCore).toList());
    }

    public static RunProgress of(Progress progress, String note) {
        return new RunProgress(
                progress.done(),
                progress.counts(),
                progress.more(),
                SpoiltAt.of(progress),
                SkippedAt.of(progress),
                note);
    }
}
