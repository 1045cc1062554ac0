package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.ring.Ring;

/**
 * A jump ring: {@code ring wire/inside [turns=3] [soldered]}.
 *
 * @param turns wound round so often; several are turned on as a key ring is
 * @param soldered closed for good before it comes to the piece
 */
public record RingPart(Value wire, Value inside, int turns, boolean soldered) implements PartSpec {
    private static final int MOST_TURNS = 12;

    public RingPart {
        Checks.within("turns", turns, 1, MOST_TURNS, Unit.TURNS, Remedy.COUNT_THEM_AGAIN);
        new Ring(wire.from(), inside.from());
        new Ring(wire.to(), inside.to());
    }

    public static RingPart of(Ring ring, boolean soldered) {
        double d = ring.wireDiameterMm();
        double inside = ring.innerDiameterMm();
        return new RingPart(new Value(d, d), new Value(inside, inside), 1, soldered);
    }

    static RingPart read(LineWords words) {
        Value[] sizes = words.pair();
        var values = words.values();
        int turns = (int) Math.round(words.taken(values, "turns", 1));
        words.allTaken(values);
        return new RingPart(sizes[0], sizes[1], turns, words.takes("soldered"));
    }

    @Override
    public String written() {
        return "ring " + wire.written() + "/" + inside.written() + LineWords.unless("turns", turns, 1)
                + (soldered ? " soldered" : "");
    }

    /** Whether its size goes from one to another within a repeat. */
    public boolean isGraded() {
        return !wire.isOne() || !inside.isOne();
    }

    public RingPart withInside(double insideMm) {
        return new RingPart(wire, one(insideMm), turns, soldered);
    }

    public RingPart unsoldered() {
        return new RingPart(wire, inside, turns, false);
    }

    public Ring ring() {
        return new Ring(wire.from(), inside.from());
    }

    @Override
    public RingPart graded(double share) {
        return !isGraded() ? this : new RingPart(one(wire.at(share)), one(inside.at(share)), turns, soldered);
    }

    private static Value one(double mm) {
        return new Value(mm, mm);
    }

    @Override
    public RingPart scaled(double factor) {
        return new RingPart(wire.scaled(factor), inside.scaled(factor), turns, soldered);
    }

    @Override
    public boolean isMade() {
        return false;
    }

    @Override
    public List<Field> fields() {
        return List.of(
                Field.of("wire", wire),
                Field.of("inside", inside),
                new Field("turns", (double) turns),
                new Field("soldered", soldered));
    }

    @Override
    public RingPart with(String field, Object value) {
        return switch (field) {
            case "wire" -> new RingPart(LineWords.size(field, value), inside, turns, soldered);
            case "inside" -> new RingPart(wire, LineWords.size(field, value), turns, soldered);
            case "turns" -> new RingPart(wire, inside, LineWords.whole(field, value), soldered);
            case "soldered" -> new RingPart(wire, inside, turns, LineWords.yes(field, value));
            default -> throw LineWords.refused(field, value);
        };
    }

    @Override
    public Body body(PartMaker with) {
        Ring ring = ring();
        var tubes = new ArrayList<Body.Tube>();
        for (int turn = 0; turn < turns; turn++) {
            double aside = (turn - (turns - 1) / 2.0) * ring.wireDiameterMm();
            tubes.add(Body.ring(
                    new Vector3D(0, 0, aside), Vector3D.PLUS_K, ring.meanDiameterMm() / 2, ring.wireDiameterMm()));
        }
        return new Body(tubes, List.of());
    }

    /** A ring's two bearing points are its diameter apart: {@code L = ID}. Wound several times it is as thick to what hangs in it as all its turns. */
    @Override
    public PartWork work(PartMaker with) {
        Ring ring = ring();
        var port = new Port(
                "ring",
                "ring",
                Vector3D.ZERO,
                Vector3D.PLUS_K,
                ring.innerDiameterMm(),
                turns * ring.wireDiameterMm(),
                0,
                soldered ? Opening.NEVER : Opening.SIDEWAYS);
        return PartWork.plain(
                this,
                "ring",
                port,
                port,
                ring.innerDiameterMm(),
                turns * ring.massGrams(with.density()),
                2 * ring.wireDiameterMm(),
                PartWork.Takes.rings(List.of(new PartWork.Rings(ring, turns, soldered, 1, 0))));
    }
}
