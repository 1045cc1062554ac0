package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.Hammering;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.form.Solid;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.ring.Ring;

/**
 * A jump ring: {@code ring wire/inside [turns=3] [hammered=0.9] [bead=6] [soldered]}.
 *
 * <p>Hammered flat on the block to a thickness t its wire gets wider, w, and longer, {@code (d/t)^λ} ({@link Hammering}): its inside becomes
 * {@code (ID + d)(d/t)^λ − w}. As approximate as λ, which one measured ring tells: 15 ± 12 in a hundred, our estimate.
 *
 * @param turns wound round so often; several are turned on as a key ring is
 * @param hammeredMm thickness it is hammered flat to; null for round wire
 * @param beadMm round bead threaded on it before it is closed; null for none
 * @param soldered closed for good before it comes to the piece
 */
public record RingPart(Value wire, Value inside, int turns, Double hammeredMm, Double beadMm, boolean soldered)
        implements PartSpec {
    private static final int MOST_TURNS = 12;

    public RingPart {
        Checks.within("turns", turns, 1, MOST_TURNS, Unit.TURNS, Remedy.COUNT_THEM_AGAIN);
        new Ring(wire.from(), inside.from());
        new Ring(wire.to(), inside.to());
        if (hammeredMm != null) {
            Checks.within(
                    "hammered",
                    hammeredMm,
                    THINNEST * wire.to(),
                    Math.min(wire.from(), wire.to()),
                    Unit.MM,
                    Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
            Checks.within("turns", turns, 1, 1, Unit.TURNS, Remedy.COUNT_THEM_AGAIN);
        }
        if (beadMm != null) {
            Checks.within(BEAD, beadMm, 1.5 * wire.to(), inside.from(), Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
            if (soldered) {
                throw Refusal.of(RefusalCode.BEAD_ON_SOLDERED, BEAD, beadMm);
            }
        }
    }

    /** Thinner than this share of its wire a ring cracks at its edge. Common practice: not below half. */
    private static final double THINNEST = 0.5;

    private static final double LENGTHENS = Hammering.USUAL_PERCENT / 100;

    public static RingPart of(Ring ring, boolean soldered) {
        double d = ring.wireDiameterMm();
        double inside = ring.innerDiameterMm();
        return new RingPart(new Value(d, d), new Value(inside, inside), 1, null, null, soldered);
    }

    static RingPart read(LineWords words) {
        Value[] sizes = words.pair();
        var values = words.values();
        int turns = (int) Math.round(words.taken(values, "turns", 1));
        Double hammered = words.taken(values, HAMMERED);
        Double bead = words.taken(values, BEAD);
        words.allTaken(values);
        return new RingPart(sizes[0], sizes[1], turns, hammered, bead, words.takes("soldered"));
    }

    @Override
    public String written() {
        return "ring " + wire.written() + "/" + inside.written()
                + (hammeredMm == null ? "" : " " + HAMMERED + "=" + LineWords.plain(hammeredMm))
                + (beadMm == null ? "" : " " + BEAD + "=" + LineWords.plain(beadMm))
                + LineWords.unless("turns", turns, 1)
                + (soldered ? " soldered" : "");
    }

    /** Whether its size goes from one to another within a repeat. */
    public boolean isGraded() {
        return !wire.isOne() || !inside.isOne();
    }

    public RingPart withInside(double insideMm) {
        return new RingPart(wire, one(insideMm), turns, hammeredMm, beadMm, soldered);
    }

    public RingPart unsoldered() {
        return new RingPart(wire, inside, turns, hammeredMm, beadMm, false);
    }

    public Ring ring() {
        return new Ring(wire.from(), inside.from());
    }

    @Override
    public RingPart graded(double share) {
        return !isGraded()
                ? this
                : new RingPart(one(wire.at(share)), one(inside.at(share)), turns, hammeredMm, beadMm, soldered);
    }

    private static Value one(double mm) {
        return new Value(mm, mm);
    }

    @Override
    public RingPart scaled(double factor) {
        Double thick = hammeredMm == null ? null : hammeredMm * factor;
        Double bead = beadMm == null ? null : beadMm * factor;
        return new RingPart(wire.scaled(factor), inside.scaled(factor), turns, thick, bead, soldered);
    }

    @Override
    public RingPart snapped(Sizes there) {
        Value thick = there.wire(wire);
        Double hammered = hammeredMm == null
                ? null
                : Double.valueOf(Math.rint(100 * hammeredMm * thick.from() / wire.from()) / 100);
        Double bead = beadMm == null ? null : Double.valueOf(Math.max(1, Math.rint(beadMm)));
        return new RingPart(thick, there.inside(inside), turns, hammered, bead, soldered);
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
                new Field(HAMMERED, hammeredMm == null ? 0.0 : hammeredMm),
                new Field(BEAD, beadMm == null ? 0.0 : beadMm),
                new Field("soldered", soldered));
    }

    @Override
    public RingPart with(String field, Object value) {
        return switch (field) {
            case "wire" -> new RingPart(LineWords.size(field, value), inside, turns, hammeredMm, beadMm, soldered);
            case "inside" -> new RingPart(wire, LineWords.size(field, value), turns, hammeredMm, beadMm, soldered);
            case "turns" -> new RingPart(wire, inside, LineWords.whole(field, value), hammeredMm, beadMm, soldered);
            case "soldered" -> new RingPart(wire, inside, turns, hammeredMm, beadMm, LineWords.yes(field, value));
            case HAMMERED -> new RingPart(wire, inside, turns, orNone(field, value), beadMm, soldered);
            case BEAD -> new RingPart(wire, inside, turns, hammeredMm, orNone(field, value), soldered);
            default -> throw LineWords.refused(field, value);
        };
    }

    /** 0 for none. */
    private static Double orNone(String field, Object value) {
        double size = value == null ? 0 : LineWords.number(field, value);
        return size == 0 ? null : Double.valueOf(size);
    }

    private static final String BEAD = "bead";

    /** The hole a bead on it has at least: its wire and a twentieth. Common practice. */
    private double holeMm() {
        return Math.ceil(100 * HOLE * wire.from() - 1e-6) / 100;
    }

    private static final double HOLE = 1.05;

    private static final String HAMMERED = "hammered";

    /** How wide its wire is, as it is seen, mm. */
    private double wideMm() {
        double d = wire.from();
        return hammeredMm == null ? d : Hammering.widthMm(d, hammeredMm, LENGTHENS);
    }

    /** Across between the middle lines, mm. */
    private double acrossMm() {
        double mean = ring().meanDiameterMm();
        return hammeredMm == null ? mean : mean * Math.pow(wire.from() / hammeredMm, LENGTHENS);
    }

    @Override
    public Body body(PartMaker with) {
        Ring ring = ring();
        var tubes = new ArrayList<Body.Tube>();
        for (int turn = 0; turn < turns; turn++) {
            double aside = (turn - (turns - 1) / 2.0) * ring.wireDiameterMm();
            var centre = new Vector3D(0, 0, aside);
            tubes.add(
                    hammeredMm == null
                            ? Body.ring(centre, Vector3D.PLUS_K, acrossMm() / 2, wideMm())
                            : Body.hammered(centre, acrossMm(), wideMm(), hammeredMm));
        }
        return new Body(tubes, beadMm == null ? List.of() : List.of(bead()));
    }

    /** On its side, between what pulls it at either end. */
    private Solid bead() {
        var place = new Vector3D(0, -acrossMm() / 2, 0);
        return new Solid(Solid.Kind.BEAD, place, Vector3D.PLUS_I, beadMm, beadMm, holeMm());
    }

    private PartWork.Takes takes() {
        var rings = List.of(new PartWork.Rings(ring(), turns, soldered, hammeredMm, beadMm, 1, 0));
        var bead = beadMm == null
                ? List.<PartWork.Bought>of()
                : List.of(new PartWork.Bought(PartWork.Bought.Kind.BEAD, "bead", List.of(beadMm, beadMm, holeMm()), 1));
        return new PartWork.Takes(List.of(), rings, bead);
    }

    private double beadG() {
        return beadMm == null ? 0 : Math.PI / 6 * beadMm * beadMm * beadMm / 1000 * FormShape.GLASS;
    }

    /** A ring's two bearing points are its inside diameter apart: {@code L = ID}. Wound several times it is as thick to what hangs in it as all its turns. */
    @Override
    public PartWork work(PartMaker with) {
        Ring ring = ring();
        var port = new Port(
                "ring",
                "ring",
                Vector3D.ZERO,
                Vector3D.PLUS_K,
                acrossMm() - wideMm(),
                turns * wideMm(),
                0,
                soldered ? Opening.NEVER : turns > 1 ? Opening.TURNED_ON : Opening.SIDEWAYS);
        return PartWork.plain(
                this,
                "ring",
                port,
                port,
                port.insideMm(),
                turns * ring.massGrams(with.density()) + beadG(),
                Math.max(2 * ring.wireDiameterMm(), beadMm == null ? 0 : beadMm),
                takes());
    }
}
