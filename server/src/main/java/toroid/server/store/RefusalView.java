package toroid.server.store;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.Map;
import toroid.core.numeric.Code;
import toroid.core.numeric.Refusal;

/**
 * A refusal as it is told: nothing in words, so that whoever shows it says it in the maker's own unit.
 *
 * @param code why
 * @param field of what is refused
 * @param value as text, as it was given
 * @param minimum least that is allowed, in {@code unit}
 * @param maximum most that is allowed, in {@code unit}
 * @param unit of value, minimum and maximum
 * @param remedy the way out of a range; where it is missing the code's own sentence tells it
 * @param values what else a sentence needs; lengths among them are mm, their keys end in {@code Mm}
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record RefusalView(
        @NotNull @Schema(ref = "#/components/schemas/RefusalCode")
        String code,

        String field,
        String value,
        Double minimum,
        Double maximum,
        @Schema(ref = "#/components/schemas/RefusalUnit") String unit,
        @Schema(ref = "#/components/schemas/Remedy") String remedy,
        @NotNull Map<String, Object> values) {

    public static RefusalView of(Refusal refusal) {
        return new RefusalView(
                refusal.code(),
                refusal.field(),
                refusal.value(),
                refusal.minimum().isPresent() ? refusal.minimum().getAsDouble() : null,
                refusal.maximum().isPresent() ? refusal.maximum().getAsDouble() : null,
                refusal.unit(),
                refusal.remedy(),
                refusal.values());
    }

    /** What needs no more than its code. */
    public static RefusalView of(Code code) {
        return new RefusalView(code.id(), null, null, null, null, null, null, Map.of());
    }
}
