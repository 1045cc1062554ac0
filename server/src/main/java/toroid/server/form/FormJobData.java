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
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.wire.Wire;
import toroid.server.store.JobContent;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;

/**
 * A form job's content. Lengths mm.
 *
 * @param formId a form of the catalogue
 * @param spoolId the spool it is cut from; its metal, temper and diameter then count, not those here
 * @param parameters chosen by the maker, by id; what is left out takes its default for the wire
 * @param hand right, left, or pairs of both
 * @param copies how many to make
 * @param rhythm one operation over all copies, pairs in tandem, one piece from start to end, or the first alone
 * @param tailFactor handling tails against the form's own
 * @param lots wires cut from a spool of their own, by the wire's name; none when left out
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
        @NotNull int copies,
        @NotNull Rhythm rhythm,
        @NotNull Schools.Cutting cutting,
        Double plainFromMm,
        @NotNull double tailFactor,
        Map<String, UUID> lots,
        @NotNull String note)
        implements JobContent {
    public static final int MOST_COPIES = FormWork.MOST_COPIES;
    private static final int MOST_PARAMETERS = 40;
    private static final int MOST_LOTS = 12;
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
        ONE_BY_ONE,
        /** The first one from start to end, then the rest by it, step by step. */
        FIRST_ALONE;

        /** Over how many of them each step is done before the next. */
        public int perGroup(int copies) {
            return switch (this) {
                case BATCH -> copies;
                case TANDEM -> Math.min(2, copies);
                case ONE_BY_ONE -> 1;
                case FIRST_ALONE -> Math.max(1, copies - 1);
            };
        }

        /** How many are made by themselves before all others. */
        public int ahead(int copies) {
            return this == FIRST_ALONE && copies > 1 ? 1 : 0;
        }
    }

    public FormJobData {
        parameters = parameters == null ? Map.of() : parameters;
        lots = lots == null ? Map.of() : lots;
    }

    /** What can be checked without working the form out; a form that cannot be made may still be kept while it is mended. */
    @Override
    public void check() {
        Words.checkName(name);
        Words.checkNote(note);
        toroid.core.form.Forms.byId(formId);
        Metals.byId(metal).yieldStrength(temper);
        Wire.checkDiameter(wireDiameterMm);
        Checks.within("copies", copies, 1, MOST_COPIES, Unit.COPIES, Remedy.SPLIT_THE_JOB);
        Checks.within(
                "parameters",
                parameters.size(),
                0,
                MOST_PARAMETERS,
                Unit.VALUES,
                Remedy.LEAVE_OUT_WHAT_IS_NOT_THIS_FORMS);
        parameters.forEach(FormJobData::checkKeepable);
        Checks.within("lots", lots.size(), 0, MOST_LOTS, Unit.WIRES, Remedy.LEAVE_OUT_THE_FORMS_OWN_WIRE);
        lots.keySet().forEach(FormJobData::checkWireName);
        Schools.checkTail(tailFactor);
        Schools.checkPlainFrom(plainFromMm);
    }

    /** A number, a word or the rows of an outline; nothing larger than those can be. */
    private static void checkKeepable(String id, Object value) {
        boolean number = value == null || value instanceof Number;
        boolean word = value instanceof String said && said.length() <= LONGEST_WORD;
        boolean rows = value instanceof List<?> list && list.size() <= OutlineRow.MOST_ROWS;
        if (id.length() > LONGEST_WORD || !(number || word || rows)) {
            throw Refusal.of(ServerCode.BAD_PARAMETER, id.length() > LONGEST_WORD ? "parameters" : id, null);
        }
    }

    private static void checkWireName(String wire) {
        if (wire.isBlank() || wire.length() > LONGEST_WORD) {
            throw Refusal.of(ServerCode.BAD_WIRE_NAME, "lots", null).with("most", LONGEST_WORD);
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
                copies);
    }
}
