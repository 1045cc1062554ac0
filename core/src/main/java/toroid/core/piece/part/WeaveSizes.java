package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import toroid.core.form.HandWork;
import toroid.core.ring.Ring;
import toroid.core.weave.WovenLength;

/**
 * Which weave and of what rings: {@code id wire/inside[,inside]}.
 *
 * @param insidesMm one for each ring size of the weave
 */
public record WeaveSizes(String weave, double wireMm, List<Double> insidesMm) {
    public WeaveSizes {
        insidesMm = List.copyOf(insidesMm);
        insidesMm.forEach(inside -> new Ring(wireMm, inside));
    }

    static WeaveSizes read(LineWords words) {
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
        List<Double> insides =
                Arrays.stream(sizes[1].split(",")).map(Double::parseDouble).toList();
        return new WeaveSizes(id, Double.parseDouble(sizes[0]), insides);
    }

    String written() {
        return weave + " " + LineWords.plain(wireMm) + "/"
                + insidesMm.stream().map(LineWords::plain).collect(Collectors.joining(","));
    }

    WeaveSizes scaled(double factor) {
        return new WeaveSizes(
                weave,
                wireMm * factor,
                insidesMm.stream().map(inside -> inside * factor).toList());
    }

    WeaveSizes snapped(Sizes there) {
        return new WeaveSizes(
                weave, there.wire(wireMm), insidesMm.stream().map(there::inside).toList());
    }

    /** Its ring sizes in turn: {@code inside}, {@code inside2}, … */
    List<Field> fields() {
        var fields = new ArrayList<Field>();
        fields.add(new Field("wire", wireMm));
        for (int size = 0; size < insidesMm.size(); size++) {
            fields.add(new Field(insideOf(size), insidesMm.get(size)));
        }
        return fields;
    }

    private static String insideOf(int size) {
        return size == 0 ? "inside" : "inside" + (size + 1);
    }

    /** @throws toroid.core.numeric.Refusal for what is none of its sizes */
    WeaveSizes with(String field, Object value) {
        if (field.equals("wire")) {
            return new WeaveSizes(weave, LineWords.number(field, value), insidesMm);
        }
        for (int size = 0; size < insidesMm.size(); size++) {
            if (field.equals(insideOf(size))) {
                var sizes = new ArrayList<>(insidesMm);
                sizes.set(size, LineWords.number(field, value));
                return new WeaveSizes(weave, wireMm, sizes);
            }
        }
        throw LineWords.refused(field, value);
    }

    /** The rings it is woven of. */
    PartWork.Takes takes(WovenLength woven) {
        var rings = new ArrayList<PartWork.Rings>();
        for (int size = 0; size < insidesMm.size(); size++) {
            int count = woven.rings().get(size);
            if (count > 0) {
                var ring = new Ring(wireMm, insidesMm.get(size));
                rings.add(PartWork.Rings.round(ring, count, woven.preClosed().get(size)));
            }
        }
        return PartWork.Takes.rings(rings);
    }

    /** Every ring that is opened goes in one by one; those closed beforehand are picked up with it. */
    static HandWork handWork(PartWork.Takes takes) {
        return HandWork.seconds(
                HandWork.PUT_IN,
                takes.rings().stream()
                        .mapToDouble(size -> HandWork.PUT_IN_SECONDS * (size.count() - size.preClosed()))
                        .sum());
    }

    /** Ring for ring, as it lies. */
    Body body(WovenLength woven) {
        int points = woven.circles().size() > FEW ? ROUGH : FINE;
        return new Body(
                woven.circles().stream()
                        .map(circle -> Body.ring(circle.centre(), circle.normal(), circle.radius(), wireMm, points))
                        .toList(),
                List.of());
    }

    /** Of more rings each is drawn with fewer pieces: its sagitta stays under 2 % of its radius. */
    private static final int FEW = 150;

    private static final int FINE = 48;
    private static final int ROUGH = 18;
}
