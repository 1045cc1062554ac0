package toroid.server.stock;

import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;
import toroid.core.stock.StockKinds;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;

/**
 * A lot's content.
 *
 * @param kind of stock or tool, kept in the core
 * @param facts what it is told by, as its kind knows them
 * @param left in its measure's unit: mm, g or pieces; null when not known
 * @param unitPrice of a metre, a gram or a piece, in the workshop's money; null when not known
 * @param useBy when it is past use; null where it keeps
 * @param tareG what its empty spool or tube weighs; null when not known
 * @param lowMark at or below which more is bought, in its measure's unit; null for no mark
 * @param place where it lies
 */
public record LotData(
        @NotNull String kind,
        @NotNull String name,
        @NotNull Map<String, Object> facts,
        Double left,
        Double unitPrice,
        LocalDate boughtOn,
        LocalDate useBy,
        Double tareG,
        Double lowMark,
        @NotNull String place,
        @NotNull String note) {
    static final int FACTS_VERSION = 1;
    private static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);
    private static final LocalDate LATEST = LocalDate.of(2200, 1, 1);

    public StockKind kindKept() {
        return StockKinds.byId(kind);
    }

    /**
     * The same as it is kept: facts checked against the kind and put as the core puts them.
     *
     * @throws Refusal when it cannot be kept
     */
    public LotData checked() {
        Words.checkName(name);
        Words.checkNote(note);
        Words.checkPlace(place);
        StockKind known = kindKept();
        Measure measure = known.measure();
        Map<String, Object> read = known.read(facts).values();
        upTo("left", left, measure.most(), measure.unit(), Remedy.COUNT_THEM_AGAIN);
        if (measure == Measure.PIECES && left != null && left != Math.rint(left)) {
            throw Refusal.of(RefusalCode.COUNTED_IN_WHOLE_ONES, "left", left);
        }
        upTo("unitPrice", unitPrice, 1e6, Unit.NONE, Remedy.CHECK_THE_PRICE);
        upTo("tareG", tareG, 1e5, Unit.GRAMS, Remedy.MEASURE_IT_AGAIN);
        upTo("lowMark", lowMark, measure.most(), measure.unit(), Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        day("boughtOn", boughtOn);
        day("useBy", useBy);
        return new LotData(kind, name, read, left, unitPrice, boughtOn, useBy, tareG, lowMark, place, note);
    }

    private static void upTo(String field, Double value, double most, Unit unit, Remedy remedy) {
        if (value != null) {
            Checks.within(field, value, 0, most, unit, remedy);
        }
    }

    private static void day(String field, LocalDate day) {
        if (day != null && (day.isBefore(EARLIEST) || day.isAfter(LATEST))) {
            throw Refusal.of(ServerCode.BAD_DAY, field, day);
        }
    }

    /** The same, told by other facts. */
    public LotData told(Map<String, Object> otherFacts) {
        return new LotData(kind, name, otherFacts, left, unitPrice, boughtOn, useBy, tareG, lowMark, place, note);
    }
}
