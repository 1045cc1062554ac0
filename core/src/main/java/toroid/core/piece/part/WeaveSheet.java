package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.WovenLength;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.patch.PatchShape;

/**
 * A sheet of weave: {@code sheet id wire/inside[,inside] rows=5 columns=60 [grow=-1]}. It hangs from its first row and joins by that row's two
 * end rings, which open; round a body it lies with its first row inside.
 *
 * @param rows one below the other
 * @param columns rings of the first row
 * @param grow how many more each row has than the one above it; negative for fewer
 */
public record WeaveSheet(WeaveSizes of, int rows, int columns, int grow) implements WovenSpec {
    public WeaveSheet {
        Checks.within("rows", rows, 1, 200, Unit.ROWS, Remedy.SPLIT_THE_SHEET);
        Checks.within("columns", columns, 2, PatchShape.MOST_COLUMNS, Unit.RINGS_IN_A_ROW, Remedy.SPLIT_THE_SHEET);
        Checks.within("grow", grow, -20, 20, Unit.RINGS_IN_A_ROW, Remedy.SPLIT_THE_SHEET);
        counts(rows, columns, grow);
    }

    private static PatchShape.Rows counts(int rows, int columns, int grow) {
        return new PatchShape.Rows(
                IntStream.range(0, rows).mapToObj(row -> columns + row * grow).toList());
    }

    static WeaveSheet read(LineWords words) {
        WeaveSizes of = WeaveSizes.read(words);
        var values = words.values();
        int rows = (int) Math.round(words.taken(values, "rows", 3));
        int columns = (int) Math.round(words.taken(values, "columns", 20));
        int grow = (int) Math.round(words.taken(values, "grow", 0));
        words.allTaken(values);
        return new WeaveSheet(of, rows, columns, grow);
    }

    @Override
    public String written() {
        return "sheet " + of.written() + " rows=" + rows + " columns=" + columns + LineWords.unless("grow", grow, 0);
    }

    @Override
    public WeaveSheet scaled(double factor) {
        return new WeaveSheet(of.scaled(factor), rows, columns, grow);
    }

    @Override
    public WeaveSheet snapped(Sizes there) {
        return new WeaveSheet(of.snapped(there), rows, columns, grow);
    }

    @Override
    public List<Field> fields() {
        var fields = new ArrayList<>(of.fields());
        fields.add(new Field("rows", (double) rows));
        fields.add(new Field("columns", (double) columns));
        fields.add(new Field("grow", (double) grow));
        return fields;
    }

    @Override
    public WeaveSheet with(String field, Object value) {
        return switch (field) {
            case "rows" -> new WeaveSheet(of, LineWords.whole(field, value), columns, grow);
            case "columns" -> new WeaveSheet(of, rows, LineWords.whole(field, value), grow);
            case "grow" -> new WeaveSheet(of, rows, columns, LineWords.whole(field, value));
            default -> new WeaveSheet(of.with(field, value), rows, columns, grow);
        };
    }

    @Override
    public WeaveSheet longer(int by) {
        return new WeaveSheet(of, rows, columns + by, grow);
    }

    @Override
    public PatchShape shape() {
        return counts(rows, columns, grow);
    }

    /** From the inside of its first row's first ring to that of its last, pulled along its rows as by its own weight; slack it is shorter. */
    @Override
    public PartWork work(PartMaker with) {
        WovenLength woven = woven(with);
        Port first = port("first ring", woven.ends().get(0));
        Port last = port("last ring", woven.ends().get(1));
        double span = last.bearing(Vector3D.PLUS_I)
                .subtract(first.bearing(Vector3D.MINUS_I))
                .getX();
        PartWork plain = PartWork.plain(
                        this, woven.name(), first, last, span, woven.massG(), woven.thickMm(), of.takes(woven))
                .giving(woven.givesMm());
        Port below = port("middle of the last row", woven.below());
        return rows < 2 ? plain : plain.carrying(List.of(below)).about(woven.middle());
    }

    private Port port(String name, Circle ring) {
        double inside = 2 * ring.radius() - of.wireMm();
        return new Port(name, name, ring.centre(), ring.normal(), inside, of.wireMm(), 0, Opening.SIDEWAYS);
    }
}
