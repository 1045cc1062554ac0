package toroid.server.calibration;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;

/**
 * What a reading teaches by. Lengths mm; what has no meaning for a quantity is left out.
 *
 * @param wireMm the wire measured on
 * @param rodMm rings: what it was wound on
 * @param turns rings: of one ring
 * @param cut rings: {@code none}, {@code saw} or {@code flush}
 * @param lossMm rings: kerf or trim
 * @param flipped rings: flush cutters turned over before each ring
 * @param formId forms: which
 * @param inPieceMm a cut length: what of it stays in the piece
 * @param tailMm a cut length: the form's own handling tail
 * @param leastMm a finished length: the least it can be, plain turns left out
 * @param plainMm a finished length: its plain turns
 * @param thickMm a flat's width: its thickness
 * @param work minutes: of what work, as {@link toroid.core.form.HandWork} names it
 * @param statedMin minutes: what is stated for it, whatever was expected of these hands
 * @param timings minutes: how many timings that expectation rested on
 * @param practised practice: what of which exercise
 * @param beyondTurns good rings: turns the coil had beyond those planned for its rings
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record ReadingContext(
        Double wireMm,
        Double rodMm,
        Integer turns,
        @Schema(allowableValues = {"none", "saw", "flush"}) String cut,
        Double lossMm,
        Boolean flipped,
        String formId,
        Double inPieceMm,
        Double tailMm,
        Double leastMm,
        Double plainMm,
        Double thickMm,
        String work,
        Double statedMin,
        Integer timings,
        Practised practised,
        Double beyondTurns) {
    /**
     * What of an exercise it is of.
     *
     * @param exercise by its id
     * @param criterion of that exercise, by its id
     * @param weaveId which weave is recalled; null elsewhere
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Practised(
            @NotNull String exercise, @NotNull String criterion, String weaveId) {}

    static final ReadingContext NOTHING = new ReadingContext(
            null, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null);

    /** A coil wound on that rod, outside any run. */
    public static ReadingContext coil(double wireMm, double rodMm) {
        return new ReadingContext(
                wireMm, rodMm, 1, "none", 0.0, null, null, null, null, null, null, null, null, null, null, null, null);
    }

    /** Practised so in that wire, on that form or on none. */
    public static ReadingContext practice(Practised practised, Double wireMm, String formId) {
        return new ReadingContext(
                wireMm, null, null, null, null, null, formId, null, null, null, null, null, null, null, null, practised,
                null);
    }

    ReadingContext inWire(double mm) {
        return new ReadingContext(
                mm,
                rodMm,
                turns,
                cut,
                lossMm,
                flipped,
                formId,
                inPieceMm,
                tailMm,
                leastMm,
                plainMm,
                thickMm,
                work,
                statedMin,
                timings,
                practised,
                beyondTurns);
    }
}
