package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;

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
        Checks.within("count", count, 1, MOST_ALIKE, "alike", "Make another row of it.");
        if (kind == Kind.COIL) {
            Checks.within("acrossMm", acrossMm, 0.1, 3, "mm", "Wind it of finer wire.");
        } else {
            Checks.within("acrossMm", acrossMm, 0.3, 60, "mm", "Measure it.");
            Checks.within("holeMm", holeMm, 0.2, 20, "mm", "Try it with the thickest wire that goes in.");
        }
        Checks.within("longMm", longMm, 0.2, 100, "mm", "Measure it along the wire.");
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
            throw Refusal.of(
                    "bad-row", "row", null, "A row has 1 to " + MOST_ITEMS + " kinds of thing.", "Thread one.");
        }
        var items = new ArrayList<StackItem>();
        for (Object item : list) {
            items.add(item instanceof StackItem known ? known : ofMap(item));
        }
        return List.copyOf(items);
    }

    private static StackItem ofMap(Object given) {
        if (!(given instanceof Map<?, ?> map)) {
            throw bad("row", given, "One thing of the row is none.");
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
        throw bad("kind", word, "A row has beads, spacers, caps and coils.");
    }

    private static double number(Map<?, ?> map, String name, double usual) {
        Object value = map.get(name);
        if (value == null) {
            return usual;
        }
        if (value instanceof Number number) {
            return number.doubleValue();
        }
        throw bad(name, value, "The " + name + " of a thing in the row is no number.");
    }

    private static Refusal bad(String field, Object value, String what) {
        return Refusal.of("bad-row", field, String.valueOf(value), what, "Take it out, or give what is asked.");
    }
}
