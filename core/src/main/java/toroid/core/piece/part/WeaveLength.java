package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.WovenLength;
import toroid.core.weave.patch.PatchShape;

/**
 * A length of weave: {@code weave id wire/inside[,inside] units=12}. It joins by the rings at its ends, which open.
 *
 * @param units how often it repeats
 */
public record WeaveLength(WeaveSizes of, int units) implements WovenSpec {
    private static final int MOST = 2000;

    public WeaveLength {
        Checks.within("units", units, 1, MOST, Unit.UNITS, Remedy.MAKE_IT_IN_PARTS);
    }

    static WeaveLength read(LineWords words) {
        WeaveSizes of = WeaveSizes.read(words);
        var values = words.values();
        int units = (int) Math.round(words.taken(values, "units", 1));
        words.allTaken(values);
        return new WeaveLength(of, units);
    }

    @Override
    public String written() {
        return "weave " + of.written() + LineWords.unless("units", units, 1);
    }

    @Override
    public WeaveLength longer(int by) {
        return new WeaveLength(of, units + by);
    }

    @Override
    public WeaveLength scaled(double factor) {
        return new WeaveLength(of.scaled(factor), units);
    }

    @Override
    public WeaveLength snapped(Sizes there) {
        return new WeaveLength(of.snapped(there), units);
    }

    @Override
    public List<Field> fields() {
        var fields = new ArrayList<>(of.fields());
        fields.add(new Field("units", (double) units));
        return fields;
    }

    @Override
    public WeaveLength with(String field, Object value) {
        return field.equals("units")
                ? new WeaveLength(of, LineWords.whole(field, value))
                : new WeaveLength(of.with(field, value), units);
    }

    @Override
    public PatchShape shape() {
        return new PatchShape.Cells(units);
    }

    /** From the inside of its first rings to that of its last: what it is over all, taut, less a wire at each end. */
    @Override
    public PartWork work(PartMaker with) {
        WovenLength woven = woven(with);
        double wire = of.wireMm();
        double span = woven.tautMm() - 2 * wire;
        double inside =
                of.insidesMm().stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        Port first = Ends.at("first ring", 0, -1, inside, wire, Opening.SIDEWAYS);
        Port last = Ends.at("last ring", span, 1, inside, wire, Opening.SIDEWAYS);
        return PartWork.plain(this, woven.name(), first, last, span, woven.massG(), woven.thickMm(), of.takes(woven))
                .giving(woven.givesMm());
    }
}
