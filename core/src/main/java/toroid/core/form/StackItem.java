package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * One thing in a row threaded on a wire, or several alike in a row.
 *
 * @param kind what it is
 * @param count how many alike, one after the other, 1 to {@value #MOST_ALIKE}
 * @param acrossMm its width across the wire, 0.3 to 60 mm; of a coil, the fine wire it is wound of, 0.1 to 3 mm
 * @param longMm how much of the wire it takes up, 0.2 to 100 mm
 * @param holeMm its hole, 0.2 to 20 mm; a coil is wound to go on the wire and has none to measure
 */
public record StackItem(Kind kind, int count, double acrossMm, double longMm, double holeMm) {
    public static final int MOST_ITEMS = 40;
    public static final int MOST_ALIKE = 60;

    /** What a maker threads. */
    public enum Kind {
        BEAD,
        SPACER,
        CAP,
        COIL;

        public String inWords() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public StackItem {
        Checks.within("count", count, 1, MOST_ALIKE, Unit.ALIKE, Remedy.MAKE_ANOTHER_ROW_OF_IT);
        if (kind == Kind.COIL) {
            Checks.within("acrossMm", acrossMm, 0.1, 3, Unit.MM, Remedy.WIND_IT_OF_FINER_WIRE);
        } else {
            Checks.within("acrossMm", acrossMm, 0.3, 60, Unit.MM, Remedy.MEASURE_IT);
            Checks.within("holeMm", holeMm, 0.2, 20, Unit.MM, Remedy.TRY_THE_HOLE_WITH_WIRE);
        }
        Checks.within("longMm", longMm, 0.2, 100, Unit.MM, Remedy.MEASURE_IT_ALONG_THE_WIRE);
    }

    public static StackItem bead(double acrossMm, double longMm, double holeMm) {
        return new StackItem(Kind.BEAD, 1, acrossMm, longMm, holeMm);
    }

    /** All alike of it, along the wire, mm. */
    public double takesMm() {
        return count * longMm;
    }

    /**
     * A row as it comes in from outside: records, or maps with this record's names.
     *
     * @throws Refusal when there are none, too many, or one is no thing to thread
     */
    public static List<StackItem> read(Object given) {
        if (!(given instanceof List<?> list) || list.isEmpty() || list.size() > MOST_ITEMS) {
            throw Refusal.of(RefusalCode.STACK_KINDS, "row", null).with("most", MOST_ITEMS);
        }
        var items = new ArrayList<StackItem>();
        for (Object item : list) {
            items.add(item instanceof StackItem known ? known : ofMap(item));
        }
        return List.copyOf(items);
    }

    private static StackItem ofMap(Object given) {
        if (!(given instanceof Map<?, ?> map)) {
            throw bad(RefusalCode.STACK_ITEM_IS_NONE, "row", given);
        }
        return new StackItem(
                kind(map.get("kind")),
                (int) Math.rint(number(map, "count", 1)),
                number(map, "acrossMm", Double.NaN),
                number(map, "longMm", Double.NaN),
                number(map, "holeMm", 0));
    }

    private static Kind kind(Object word) {
        for (Kind kind : Kind.values()) {
            if (kind.name().equals(word)) {
                return kind;
            }
        }
        throw bad(RefusalCode.STACK_KIND, "kind", word);
    }

    private static double number(Map<?, ?> map, String name, double usual) {
        Object value = map.get(name);
        if (value == null) {
            return usual;
        }
        if (value instanceof Number number) {
            return number.doubleValue();
        }
        throw bad(RefusalCode.STACK_NO_NUMBER, name, value);
    }

    private static Refusal bad(RefusalCode code, String field, Object value) {
        return Refusal.of(code, field, String.valueOf(value));
    }
}
