package toroid.server.form;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import toroid.core.form.FormWork;
import toroid.core.form.OutlineRow;
import toroid.core.form.Schools;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.wire.Wire;
import toroid.server.store.Words;

/**
 * A form job's content. Lengths mm.
 *
 * @param formId a form of the catalogue
 * @param spoolId the spool it is cut from; its metal, temper and diameter then count, not those here
 * @param parameters chosen by the maker, by id; what is left out takes its default for the wire
 * @param hand right, left, or pairs of both
 * @param pieces how many to make
 * @param rhythm one operation over all pieces, pairs in tandem, or one piece from start to end
 * @param tailFactor handling tails against the form's own
 */
public record FormJobData(
        @NotNull String name,
        @NotNull String formId,
        UUID spoolId,
        @NotNull String metal,
        @NotNull Temper temper,
        @NotNull double wireDiameterMm,
        @NotNull Map<String, Object> parameters,
        @NotNull Hand hand,
        @NotNull int pieces,
        @NotNull Rhythm rhythm,
        @NotNull Schools.Cutting cutting,
        Double plainFromMm,
        @NotNull double tailFactor,
        @NotNull String note) {
    public static final int MOST_PIECES = FormWork.MOST_PIECES;
    private static final int MOST_PARAMETERS = 40;
    private static final int LONGEST_WORD = 80;

    /** Which of the mirrored twins. */
    public enum Hand {
        RIGHT,
        LEFT,
        PAIRS
    }

    /** How a batch is run. */
    public enum Rhythm {
        BATCH,
        TANDEM,
        ONE_BY_ONE
    }

    public FormJobData {
        parameters = parameters == null ? Map.of() : parameters;
    }

    /** What can be checked without working the form out; a form that cannot be made may still be kept while it is mended. */
    void check() {
        Words.checkName(name);
        Words.checkNote(note);
        toroid.core.form.Forms.byId(formId);
        Metals.byId(metal).yieldStrength(temper);
        Wire.checkDiameter(wireDiameterMm);
        Checks.within("pieces", pieces, 1, MOST_PIECES, "pieces", "Split the job.");
        Checks.within(
                "parameters", parameters.size(), 0, MOST_PARAMETERS, "values", "Leave out what is not this form's.");
        parameters.forEach(FormJobData::checkKeepable);
        Checks.within("tailFactor", tailFactor, 0.1, 10, "", "One is the form's own tail.");
        Checks.within("plainFromMm", plainFromMm == null ? 1 : plainFromMm, 0, 100, "mm", "0.8 and 1.0 are usual.");
    }

    /** A number, a word or the rows of an outline; nothing larger than those can be. */
    private static void checkKeepable(String id, Object value) {
        boolean number = value == null || value instanceof Number;
        boolean word = value instanceof String said && said.length() <= LONGEST_WORD;
        boolean rows = value instanceof List<?> list && list.size() <= OutlineRow.MOST_ROWS;
        if (id.length() > LONGEST_WORD || !(number || word || rows)) {
            throw Refusal.of(
                    "bad-parameter",
                    id.length() > LONGEST_WORD ? "parameters" : id,
                    null,
                    "A parameter is a number, a short word or the rows of an outline.",
                    "Leave it out, or give one of those.");
        }
    }

    public FormQuestion question() {
        return new FormQuestion(
                wireDiameterMm,
                metal,
                temper.name(),
                spoolId,
                parameters,
                hand == Hand.LEFT,
                cutting,
                plainFromMm,
                tailFactor,
                pieces);
    }
}
