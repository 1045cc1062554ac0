package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * One row of a bend table: feed, turn the plane, bend.
 *
 * @param feedMm straight wire before the bend, 0 to 2000 mm
 * @param rotateDegrees the plane turned about the wire, −360 to 360
 * @param bendDegrees bend, −350 to 350; negative bends the other way; 0 for a last feed
 * @param insideRadiusMm inside radius of the bend, 0 to 500 mm
 */
public record OutlineRow(double feedMm, double rotateDegrees, double bendDegrees, double insideRadiusMm) {
    public static final int MOST_ROWS = 400;

    public OutlineRow {
        Checks.within("feedMm", feedMm, 0, 2000, Unit.MM, Remedy.FEED_LESS);
        Checks.within("rotateDegrees", rotateDegrees, -360, 360, Unit.DEGREES, Remedy.ONE_TURN_AT_MOST);
        Checks.within("bendDegrees", bendDegrees, -350, 350, Unit.DEGREES, Remedy.MAKE_SEVERAL_ROWS_OF_IT);
        Checks.within("insideRadiusMm", insideRadiusMm, 0, 500, Unit.MM, Remedy.BEND_IT_ON_ANOTHER_TOOL);
    }

    /**
     * Rows as they come in from outside: records, or maps with this record's names.
     *
     * @throws Refusal when there are none, too many, or one holds no number
     */
    public static List<OutlineRow> read(Object given) {
        if (!(given instanceof List<?> list) || list.isEmpty() || list.size() > MOST_ROWS) {
            throw Refusal.of(RefusalCode.OUTLINE_ROWS, "bends", null).with("most", MOST_ROWS);
        }
        var rows = new ArrayList<OutlineRow>();
        for (Object row : list) {
            if (!(row instanceof OutlineRow || row instanceof Map<?, ?>)) {
                throw Refusal.of(RefusalCode.OUTLINE_ROW_IS_NONE, "bends", String.valueOf(row));
            }
            rows.add(row instanceof OutlineRow outline ? outline : ofMap(row));
        }
        return List.copyOf(rows);
    }

    private static OutlineRow ofMap(Object row) {
        return new OutlineRow(
                number(row, "feedMm"),
                number(row, "rotateDegrees"),
                number(row, "bendDegrees"),
                number(row, "insideRadiusMm"));
    }

    private static double number(Object row, String name) {
        Object value = row instanceof Map<?, ?> map ? map.get(name) : null;
        if (value == null) {
            return 0;
        }
        if (value instanceof Number number) {
            return number.doubleValue();
        }
        throw Refusal.of(RefusalCode.OUTLINE_ROW_NO_NUMBER, name, String.valueOf(value));
    }
}
