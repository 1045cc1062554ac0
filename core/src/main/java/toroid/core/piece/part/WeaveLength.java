package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.ring.Ring;
import toroid.core.weave.WovenLength;

/**
 * A length of weave: {@code weave id wire/inside[,inside] units=12}. It joins by the rings at its ends, which open.
 *
 * @param insidesMm one for each ring size of the weave
 * @param units how often it repeats
 */
public record WeaveLength(String weave, double wireMm, List<Double> insidesMm, int units) implements PartSpec {
    private static final int MOST = 2000;

    public WeaveLength {
        insidesMm = List.copyOf(insidesMm);
        insidesMm.forEach(inside -> new Ring(wireMm, inside));
        Checks.within("units", units, 1, MOST, Unit.UNITS, Remedy.MAKE_IT_IN_PARTS);
    }

    static WeaveLength read(LineWords words) {
        if (!words.peek().matches("[a-z0-9][a-z0-9-]{0,79}")) {
            throw words.stops();
        }
        String id = words.next();
        String[] sizes = words.peek().split("/");
        boolean readable = sizes.length == 2
                && Stream.concat(Stream.of(sizes[0]), Arrays.stream(sizes[1].split(",")))
                        .allMatch(size -> size.matches("\\d{1,3}(\\.\\d{1,6})?"));
        if (!readable) {
            throw words.stops();
        }
        words.next();
        var values = words.values();
        int units = (int) Math.round(words.taken(values, "units", 1));
        words.allTaken(values);
        List<Double> insides =
                Arrays.stream(sizes[1].split(",")).map(Double::parseDouble).toList();
        return new WeaveLength(id, Double.parseDouble(sizes[0]), insides, units);
    }

    @Override
    public String written() {
        return "weave " + weave + " " + LineWords.plain(wireMm) + "/"
                + insidesMm.stream().map(LineWords::plain).collect(Collectors.joining(","))
                + LineWords.unless("units", units, 1);
    }

    @Override
    public WeaveLength scaled(double factor) {
        return new WeaveLength(
                weave,
                wireMm * factor,
                insidesMm.stream().map(inside -> inside * factor).toList(),
                units);
    }

    /** Its ring sizes in turn: {@code inside}, {@code inside2}, … */
    @Override
    public List<Field> fields() {
        var fields = new ArrayList<Field>();
        fields.add(new Field("wire", wireMm));
        for (int size = 0; size < insidesMm.size(); size++) {
            fields.add(new Field(insideOf(size), insidesMm.get(size)));
        }
        fields.add(new Field("units", (double) units));
        return fields;
    }

    private static String insideOf(int size) {
        return size == 0 ? "inside" : "inside" + (size + 1);
    }

    @Override
    public WeaveLength with(String field, Object value) {
        double number = LineWords.number(field, value);
        if (field.equals("wire")) {
            return new WeaveLength(weave, number, insidesMm, units);
        }
        if (field.equals("units")) {
            return new WeaveLength(weave, wireMm, insidesMm, (int) Math.round(number));
        }
        for (int size = 0; size < insidesMm.size(); size++) {
            if (field.equals(insideOf(size))) {
                var sizes = new ArrayList<>(insidesMm);
                sizes.set(size, number);
                return new WeaveLength(weave, wireMm, sizes, units);
            }
        }
        throw LineWords.refused(field, value);
    }

    @Override
    public Body body(PartMaker with) {
        return new Body(
                with.woven(this).circles().stream()
                        .map(circle -> Body.ring(circle.centre(), circle.normal(), circle.radius(), wireMm))
                        .toList(),
                List.of());
    }

    /** From the inside of its first rings to that of its last: what it is over all, taut, less a wire at each end. */
    @Override
    public PartWork work(PartMaker with) {
        WovenLength woven = with.woven(this);
        double span = woven.tautMm() - 2 * wireMm;
        double inside =
                insidesMm.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        Port first = Ends.at("first ring", 0, -1, inside, wireMm, Opening.SIDEWAYS);
        Port last = Ends.at("last ring", span, 1, inside, wireMm, Opening.SIDEWAYS);
        var rings = new ArrayList<PartWork.Rings>();
        for (int size = 0; size < insidesMm.size(); size++) {
            int count = woven.rings().get(size);
            if (count > 0) {
                var ring = new Ring(wireMm, insidesMm.get(size));
                rings.add(new PartWork.Rings(
                        ring, 1, false, count, woven.preClosed().get(size)));
            }
        }
        return PartWork.plain(
                this, woven.name(), first, last, span, woven.massG(), woven.thickMm(), PartWork.Takes.rings(rings));
    }
}
