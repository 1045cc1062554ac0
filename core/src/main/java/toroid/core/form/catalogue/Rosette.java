package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.form.Crossing;
import toroid.core.form.EarWires;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.HullWrap;
import toroid.core.form.Loops;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Vectors;

/**
 * A coil of as many turns as petals and one to spare, cut at a whole turn, fanned, bound with finer wire diagonally each way at
 * every petal; one end trimmed, the other grown into an ear wire or turned to a loop.
 */
@AutoService(Form.class)
public final class Rosette implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("rosette", Family.FRAMES, "rosette", "a fanned coil bound at every petal", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.count("petals", "petals", 6, 3, 14, "Turns of the ring; three make a trefoil."),
                Parameter.length(
                        "rod",
                        "cylinder",
                        d -> 12,
                        d -> 6 * d,
                        d -> 60,
                        "The cylinder itself: turns are counted on it."),
                Parameter.length("fine", "binding wire", d -> 0.3, d -> 0.15, d -> d, "{0.3} is usual."),
                Parameter.fixed("stem", "end for the ear wire", 35, 0, 80, "About {35} makes an ear wire.")
                        .when("end=left straight", "end=bent over the ear"),
                Parameter.choice("end", "that end", "left straight", "bent over the ear", LOOPED)
                        .because("Straight, it can be bent later; a loop hangs it from anything."),
                Parameter.fixed("over", "bend over the ear, inside", 9, 4, 25, "{8..10} is usual.")
                        .when("end=bent over the ear"),
                Parameter.loop("loop", "loop, inside", 2.5).when("end=" + LOOPED));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("flower", "wire flower");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        int petals = m.count("petals");
        double wide = (m.mm("rod") + d) / 2;
        double tight = 0.5 * wide;
        double turn = 1 + 1.0 / petals;
        double swing = swing(petals);
        WireMaker coil = m.wire("rosette", new Frame(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_J));
        coil.step(Kind.COIL, "petals and one turn to spare").onRod(m.mm("rod")).turnsTold(petals + 1);
        for (int i = 0; i < petals; i++) {
            coil.coil(new CoilSize(wide, CLIMB * d, turn - swing, true));
            coil.coil(new CoilSize(tight, CLIMB * d * tight / wide, swing, true));
        }
        BendProgram wound = coil.program();
        grow(m, coil);
        m.done(coil, Math.PI * 2 * wide, EndState.FLUSH);
        bind(m, wound, petals);
        m.doesBefore("petal 1, first way across", Kind.TWIST, "fanned, petals even");
        m.later(LOOP);
    }

    private static final String LOOPED = "turned to a loop";
    private static final String LOOP = "loop";

    /** How far a loop's foot or the bend over the ear stands beyond the petals' rim, in wires, for the pliers. Our own figure. */
    private static final double BEYOND = 1.5;

    /**
     * From where the wire leaves the last petal straight on to the rim of the whole and a little beyond, mm: with p that place, t its way and c the
     * middle of the petals in the plane, {@code L = −b + √(b² − |p − c|² + R²)}, b = (p − c)·t. Exact but for the climb.
     */
    private static double toTheRim(WireMaker coil) {
        List<Vector3D> places = coil.program().sampled(0.5, 2).stream()
                .map(point -> flat(point.frame().position()))
                .toList();
        Vector3D middle = places.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / places.size());
        double rim = places.stream()
                        .mapToDouble(place -> place.distance(middle))
                        .max()
                        .orElse(0)
                + (0.5 + BEYOND) * coil.diameterMm();
        Vector3D from = flat(coil.here().position()).subtract(middle);
        Vector3D way = flat(coil.here().tangent()).normalize();
        double b = Vectors.dot(from, way);
        return Math.sqrt(b * b - Vectors.dot(from, from) + rim * rim) - b;
    }

    private static Vector3D flat(Vector3D place) {
        return new Vector3D(place.getX(), place.getY(), 0);
    }

    /** The end that is not trimmed: straight, bent to an ear wire, or turned to a loop once all is bound. */
    private static void grow(FormMaker m, WireMaker coil) {
        if (m.is("end", LOOPED)) {
            Loops.plain(coil.leave("neck", toTheRim(coil)), m.mm("loop"), LOOP);
            return;
        }
        coil.tail(2).end(EndState.FILED);
        if (m.is("end", "left straight")) {
            coil.leave("end for the ear wire", m.mm("stem"));
            return;
        }
        // square to the petals, so that these look out from the lobe
        coil.leave("rise", Math.max(RISE * m.mm("stem"), toTheRim(coil)))
                .roll(90)
                .port("over the ear", m.mm("over"), 180, Opening.WORN);
        coil.step(Kind.FORM, "over the ear").bend(m.mm("over"), 180);
        coil.leave("tail", (1 - RISE) * m.mm("stem"));
        EarWires.check(m);
    }

    /** How much of the end is rise before the bend over the ear. */
    private static final double RISE = 0.3;

    /**
     * Turns spent near the middle, at half the radius, where the wire swings to its next petal: as many as leave a petal the very wire of its
     * turn on the cylinder, {@code (1 + 1/n − s) + s/2 = 1}, so {@code s = 2/n}.
     */
    private static double swing(int petals) {
        return 2.0 / petals;
    }

    /** How far a fanned turn climbs over the last, in wires, so that petals cross without crushing. */
    private static final double CLIMB = 1.9;

    /** Bound, every petal lies on the next as the closest of them do; drawn, the fan still climbs and its last lies high over its first. */
    private static List<Crossing> pressedFlat(List<Crossing> crossings) {
        double lies = crossings.stream().mapToDouble(Crossing::apartMm).min().orElse(0);
        return crossings.stream()
                .map(one -> new Crossing(one.place(), lies, one.onward(), one.outward()))
                .toList();
    }

    /** Two wraps diagonally each way where a petal crosses the next, and the way on; laid by hand, so not checked for contact. */
    private static void bind(FormMaker m, BendProgram coil, int petals) {
        double fine = m.mm("fine");
        double radius = (m.d() + fine) / 2 * 1.01;
        List<Crossing> crossings = pressedFlat(Crossing.ofPetals(coil, petals));
        WireMaker binding = null;
        for (int i = 0; i < crossings.size(); i++) {
            Crossing crossing = crossings.get(i);
            for (Vector3D axis : List.of(crossing.onward(), crossing.outward())) {
                String way = axis.equals(crossing.onward()) ? "first" : "second";
                binding = binding == null ? m.wire("binding", fine, crossing.before(axis, radius, fine)) : binding;
                binding.step(Kind.BIND, "petal " + (i + 1) + ", " + way + " way across");
                HullWrap.over(
                        binding,
                        (climb, apart) -> crossing.lashing(axis, radius, climb),
                        radius,
                        x -> crossing.apartMm(),
                        2,
                        1.02 * fine);
            }
        }
        m.done(binding.follows().tail(15).end(EndState.TUCKED), 15, EndState.TUCKED);
    }
}
