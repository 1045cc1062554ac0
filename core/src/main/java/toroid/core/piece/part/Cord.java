package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.HandWork;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A cord between two coiled ends glued on: {@code cord diameter length=400 [wire=0.8]}. The ends are the catalogue's form for that cord.
 *
 * @param lengthMm of the cord itself
 * @param wireMm of its ends
 */
public record Cord(double diameterMm, double lengthMm, double wireMm) implements PartSpec {
    private static final String END = "cord-end";

    /** Fraying ends are cut off anew when they are sealed, mm each. Common practice. */
    private static final double SEALED_MM = 5;

    /** Leather and braid, g/cm³: from memory about 1, within a third. */
    private static final double DENSITY = 1;

    private static final double USUAL_WIRE_MM = 0.8;

    public Cord {
        Checks.within("cord", diameterMm, 0.5, 12, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("length", lengthMm, 20, 3000, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
    }

    static Cord read(LineWords words) {
        if (!words.peek().matches("\\d{1,2}(\\.\\d{1,6})?")) {
            throw words.stops();
        }
        double diameter = Double.parseDouble(words.next());
        var values = words.values();
        var cord = new Cord(diameter, words.taken(values, "length", 400), words.taken(values, "wire", USUAL_WIRE_MM));
        words.allTaken(values);
        return cord;
    }

    @Override
    public String written() {
        return "cord " + LineWords.plain(diameterMm) + LineWords.unless("length", lengthMm, 400)
                + LineWords.unless("wire", wireMm, USUAL_WIRE_MM);
    }

    /** Cord comes as it is: only its length goes with the piece. */
    @Override
    public Cord scaled(double factor) {
        return new Cord(diameterMm, lengthMm * factor, wireMm);
    }

    @Override
    public boolean isSupple() {
        return true;
    }

    @Override
    public List<Field> fields() {
        return List.of(new Field("cord", diameterMm), new Field("length", lengthMm), new Field("wire", wireMm));
    }

    @Override
    public Cord with(String field, Object value) {
        double number = LineWords.number(field, value);
        return switch (field) {
            case "cord" -> new Cord(number, lengthMm, wireMm);
            case "length" -> new Cord(diameterMm, number, wireMm);
            case "wire" -> new Cord(diameterMm, lengthMm, number);
            default -> throw LineWords.refused(field, value);
        };
    }

    /** The cord with its two ends' loops; the coils lie on it. */
    @Override
    public Body body(PartMaker with) {
        double span = with.of(this).spanMm();
        double beyond = (span - lengthMm) / 2;
        var cord = new Body.Tube(
                "cord", diameterMm, List.of(new Vector3D(beyond, 0, 0), new Vector3D(span - beyond, 0, 0)), false);
        double inside = with.of(this).first().insideMm();
        return new Body(
                List.of(
                        cord,
                        Body.ring(new Vector3D(inside / 2, 0, 0), Vector3D.PLUS_K, (inside + wireMm) / 2, wireMm),
                        Body.ring(
                                new Vector3D(span - inside / 2, 0, 0), Vector3D.PLUS_K, (inside + wireMm) / 2, wireMm),
                        coil(beyond),
                        coil(span - beyond - COILED_MM)),
                List.of());
    }

    /** How much of the cord an end's coil covers in the drawing, mm. */
    private static final double COILED_MM = 6;

    private Body.Tube coil(double from) {
        int turns = (int) Math.round(COILED_MM / wireMm);
        var points = new ArrayList<Vector3D>();
        for (int i = 0; i <= 16 * turns; i++) {
            double angle = Math.PI / 8 * i;
            double radius = (diameterMm + wireMm) / 2;
            points.add(new Vector3D(
                    from + COILED_MM * i / (16.0 * turns), radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        return new Body.Tube(null, wireMm, points, false);
    }

    /**
     * Between the insides of the two ends' loops: the cord, and what each end reaches beyond it, taken as the end's own length less its coil,
     * which the cord fills. Glue and cord give a millimetre or two.
     */
    /** Cut, and two ends coiled, glued or pressed on. Our own figure, from memory. */
    @Override
    public HandWork handWork(PartMaker with) {
        return HandWork.seconds(HandWork.form(END), 2 * 90);
    }

    @Override
    public PartWork work(PartMaker with) {
        var end = new FormPart(END, null, wireMm, Map.of("cord", diameterMm));
        PartWork one = with.of(end);
        Port loop = one.last() != null && one.last().opens() != Opening.NEVER ? one.last() : one.first();
        double beyond = loop.insideMm() + loop.wireMm();
        double span = lengthMm + 2 * beyond;
        Port first = Ends.at("first end", 0, -1, loop.insideMm(), loop.wireMm(), loop.opens());
        Port last = Ends.at("second end", span, 1, loop.insideMm(), loop.wireMm(), loop.opens());
        double mass = Math.PI / 4 * diameterMm * diameterMm * lengthMm / 1000 * DENSITY + 2 * one.massG();
        var cuts = new ArrayList<>(one.takes().cuts());
        cuts.addAll(one.takes().cuts());
        var cord =
                new PartWork.Bought(PartWork.Bought.Kind.CORD, "cord", List.of(diameterMm), lengthMm + 2 * SEALED_MM);
        return PartWork.plain(
                        this,
                        "cord",
                        first,
                        last,
                        span,
                        mass,
                        diameterMm + 2 * wireMm,
                        new PartWork.Takes(cuts, List.of(), List.of(cord)))
                .carrying(List.of(Ends.along("middle of the cord", span / 2, diameterMm)));
    }
}
