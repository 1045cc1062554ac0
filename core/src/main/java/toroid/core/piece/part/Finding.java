package toroid.core.piece.part;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.form.Solid;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A bought finding: {@code finding kind [length=12] [inside=2] [wire=1] [mass=0.5]}. What is not said is as such findings usually are.
 *
 * @param lengthMm from bearing point to bearing point; of one that ends a row to its far end
 * @param insideMm of its ring or loop
 * @param wireMm of that ring or loop
 */
public record Finding(Kind kind, double lengthMm, double insideMm, double wireMm, double massG) implements PartSpec {
    /** What it is, and how large such a one usually is. Sizes from memory, within a third; a maker measures the own ones. */
    public enum Kind {
        /** A clasp with a latch: it hooks into any ring, and hangs from a soldered one. */
        CLASP("clasp", 9, 1.5, 1, 0.8, Opening.MOUTH, Opening.NEVER),
        HOOK("hook", 12, 2, 1.2, 0.8, Opening.MOUTH, Opening.NEVER),
        TOGGLE_RING("toggle ring", 14, 1.5, 1.6, 1.2, Opening.ON_END, Opening.NEVER),
        /** Its length is from its loop to the bar; the bar lies across the ring. */
        TOGGLE_BAR("toggle bar", 5, 1.5, 1.6, 0.9, null, Opening.NEVER),
        EAR_WIRE("ear wire", 16, 1.8, 0.7, 0.15, null, Opening.SIDEWAYS),
        EAR_POST("ear post", 4, 1.5, 0.8, 0.2, null, Opening.NEVER),
        /** A pendant with a bail large enough to open like a hook. */
        PENDANT_ON_A_BAIL("pendant on a bail", 25, 4, 1, 3, null, Opening.MOUTH),
        PENDANT("pendant", 22, 1.5, 1, 3, null, Opening.NEVER);

        private final String word;
        private final double lengthMm;
        private final double insideMm;
        private final double wireMm;
        private final double massG;
        private final Opening mouth;
        private final Opening loop;

        Kind(String word, double lengthMm, double insideMm, double wireMm, double massG, Opening mouth, Opening loop) {
            this.word = word;
            this.lengthMm = lengthMm;
            this.insideMm = insideMm;
            this.wireMm = wireMm;
            this.massG = massG;
            this.mouth = mouth;
            this.loop = loop;
        }

        /** As a line writes it. */
        String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** The trade's word. */
        public String word() {
            return word;
        }
    }

    public Finding {
        Checks.within("length", lengthMm, 1, 200, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("inside", insideMm, 0.3, 100, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("wire", wireMm, 0.2, 20, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("mass", massG, 0, 500, Unit.GRAMS, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
    }

    static Finding read(LineWords words) {
        Kind kind = Arrays.stream(Kind.values())
                .filter(one -> one.id().equals(words.peek()))
                .findFirst()
                .orElseThrow(words::stops);
        words.next();
        var values = words.values();
        var finding = new Finding(
                kind,
                words.taken(values, "length", kind.lengthMm),
                words.taken(values, "inside", kind.insideMm),
                words.taken(values, "wire", kind.wireMm),
                words.taken(values, "mass", kind.massG));
        words.allTaken(values);
        return finding;
    }

    @Override
    public String written() {
        return "finding " + kind.id() + LineWords.unless("inside", insideMm, kind.insideMm)
                + LineWords.unless("length", lengthMm, kind.lengthMm) + LineWords.unless("mass", massG, kind.massG)
                + LineWords.unless("wire", wireMm, kind.wireMm);
    }

    /** Bought findings come as they are. */
    @Override
    public Finding scaled(double factor) {
        return this;
    }

    @Override
    public boolean isEarWire(PartMaker with) {
        return kind == Kind.EAR_WIRE || kind == Kind.EAR_POST;
    }

    @Override
    public PartWork work(PartMaker with) {
        Port loop = Ends.at("loop", lengthMm, 1, insideMm, wireMm, kind.loop);
        Port mouth = kind.mouth == null ? null : Ends.at("mouth", 0, -1, mouthMm(), wireMm, kind.mouth);
        var bought =
                new PartWork.Bought(PartWork.Bought.Kind.FINDING, kind.word, List.of(lengthMm, insideMm, wireMm), 1);
        var takes = PartWork.Takes.bought(List.of(bought));
        return mouth == null
                ? PartWork.hanging(this, kind.word, loop, Vector3D.MINUS_I, lengthMm, massG, 2 * wireMm, takes)
                : PartWork.plain(this, kind.word, mouth, loop, lengthMm, massG, 2 * wireMm, takes);
    }

    /** A hook or a clasp is there once: at the other end is what it hooks into. Of a toggle the other half is. */
    @Override
    public Finding opposite() {
        return switch (kind) {
            case CLASP, HOOK -> null;
            case TOGGLE_RING -> usual(Kind.TOGGLE_BAR);
            case TOGGLE_BAR -> usual(Kind.TOGGLE_RING);
            default -> this;
        };
    }

    private static Finding usual(Kind kind) {
        return new Finding(kind, kind.lengthMm, kind.insideMm, kind.wireMm, kind.massG);
    }

    @Override
    public boolean isMade() {
        return false;
    }

    @Override
    public List<Field> fields() {
        return List.of(
                new Field("length", lengthMm),
                new Field("inside", insideMm),
                new Field("wire", wireMm),
                new Field("mass", massG));
    }

    @Override
    public Finding with(String field, Object value) {
        double number = LineWords.number(field, value);
        return switch (field) {
            case "length" -> new Finding(kind, number, insideMm, wireMm, massG);
            case "inside" -> new Finding(kind, lengthMm, number, wireMm, massG);
            case "wire" -> new Finding(kind, lengthMm, insideMm, number, massG);
            case "mass" -> new Finding(kind, lengthMm, insideMm, wireMm, number);
            default -> throw LineWords.refused(field, value);
        };
    }

    /** A sketch to its sizes: what is bought looks as it looks. */
    @Override
    public Body body(PartMaker with) {
        var loop = Body.ring(
                new Vector3D(lengthMm - insideMm / 2, 0, 0), Vector3D.PLUS_K, (insideMm + wireMm) / 2, wireMm);
        double stem = lengthMm - insideMm;
        if (kind == Kind.TOGGLE_BAR) {
            double half = 1.5 * 12 / 2;
            return new Body(
                    List.of(
                            loop,
                            Body.rod(Vector3D.ZERO, new Vector3D(stem, 0, 0), wireMm),
                            Body.rod(new Vector3D(0, -half, 0), new Vector3D(0, half, 0), wireMm)),
                    List.of());
        }
        if (kind == Kind.PENDANT || kind == Kind.PENDANT_ON_A_BAIL) {
            var drop = new Solid(Solid.Kind.BEAD, new Vector3D(stem / 2, 0, 0), Vector3D.PLUS_I, 0.6 * stem, stem, 0);
            return new Body(List.of(loop), List.of(drop));
        }
        double across = kind == Kind.TOGGLE_RING ? stem / 2 : stem / 3;
        var round = Body.oval(new Vector3D(stem / 2, 0, 0), Vector3D.PLUS_K, Vector3D.PLUS_I, stem / 2, across, wireMm);
        boolean open = kind == Kind.EAR_WIRE || kind == Kind.HOOK;
        int end = open ? 3 * round.points().size() / 4 : round.points().size();
        return new Body(List.of(loop, new Body.Tube(null, wireMm, round.points().subList(0, end), !open)), List.of());
    }

    /** A hook takes what its own loop takes twice over; the ring of a toggle is most of it. Approximate: bought ones differ. */
    private double mouthMm() {
        return kind == Kind.TOGGLE_RING ? lengthMm - insideMm - wireMm : 2 * insideMm;
    }
}
