package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.SpiralRun;
import toroid.core.form.Beads;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.HullWrap;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.Spirals;
import toroid.core.form.WireMaker;
import toroid.core.form.Zigzag;
import toroid.core.quantity.Note;

/**
 * Two crimped lengths bound side by side with fine wire, beads bridging the valleys: about ten end turns, three in each valley,
 * four on the centre crossing, each bead held by the next four; binding ends left at the back (common practice).
 */
@AutoService(Form.class)
public final class CrimpedPair implements Form {
    private static final String COILED = "coiled away";

    @Override
    public FormInfo info() {
        return new FormInfo(
                "crimped-pair",
                Family.CRIMPED,
                "crimped pair, bound",
                "two crimped wires bound together with beads",
                0.7);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "wave",
                        "one wave, long",
                        d -> 6,
                        d -> 4 * d,
                        d -> 60 * d,
                        "Shorter waves do not clear the teeth."),
                Parameter.length(
                        "height", "wave, high", d -> 2, d -> 0.2 * d, d -> 20 * d, "Higher than the flanks reach."),
                Parameter.count("waves", "waves", 6, 2, 60, "For more, run several lengths."),
                Parameter.length("fine", "binding wire", d -> 0.3, d -> 0.15, d -> 0.6, "0.3 mm is usual."),
                Parameter.fixed("bead", "bead", 3, 1, 10, "Small beads bridge the valleys."),
                Parameter.choice("ends", "ends", "cut", COILED).because("Coiled away they catch on nothing."),
                Parameter.length("coilTurns", "turns of a coiled end", d -> 1.75, d -> 1, d -> 5, "Count them alike.")
                        .when("ends=" + COILED),
                Parameter.count("endTurns", "turns at each end", 10, 2, 40, "About ten."),
                Parameter.count("valleyTurns", "turns in a valley", 3, 1, 12, "Before its bead; three is usual."),
                Parameter.count("beadTurns", "turns that hold a bead", 4, 1, 12, "Four is usual."),
                Parameter.count("centreTurns", "turns on the centre crossing", 4, 1, 12, "Four is usual."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("crimped bracelet", "crimp pair", "crimped strip");
    }

    @Override
    public void make(FormMaker m) {
        Zigzag.checkWheels(m);
        double apart = 1.04 * m.d();
        for (int side : new int[] {1, -1}) {
            rail(m, side, side * apart / 2);
        }
        bind(m, apart);
        if (m.is("ends", COILED)) {
            for (String name : List.of("upper", "lower")) {
                m.later(name + ", first end, coiled away");
                m.later(name + ", second end, coiled away");
            }
        }
        room(m);
    }

    /** One of the two wires; ends that are coiled away are coiled last, once all is bound. */
    private static void rail(FormMaker m, int side, double y) {
        String name = side > 0 ? "upper" : "lower";
        boolean coiled = m.is("ends", COILED);
        var out = new Vector3D(0, side, 0);
        Frame stem = Loops.stem(-endMm(m), y, 1, side);
        if (!coiled) {
            WireMaker wire = m.wire(name, stem);
            crimped(m, wire, name);
            m.done(wire.tail(8).end(EndState.FILED), 8, EndState.FILED);
            return;
        }
        double d = m.d();
        var spiral = Spirals.ofTurns(d, m.mm("coilTurns"), SPACING * d);
        double lead = spiral.outerRadiusMm() + d;
        var run = SpiralRun.of(spiral);
        Frame begins = stem.moved(stem, new Frame(stem.position().add(new Vector3D(-lead, 0, 0)), stem.tangent(), out));
        Frame inner = Frame.ORIGIN.moved(run.at(Frame.ORIGIN, run.lengthMm()), begins);
        WireMaker wire = m.wire(name, inner)
                .step(Kind.SPIRAL, name + ", first end, coiled away")
                .run(run)
                .leave(name + ", beside the first coil", lead);
        crimped(m, wire, name);
        wire.leave(name + ", beside the second coil", lead).towards(out);
        Spirals.inward(wire, spiral, name + ", second end, coiled away");
        m.done(wire.end(EndState.FILED), 0, EndState.FILED);
    }

    private static void crimped(FormMaker m, WireMaker wire, String name) {
        wire.leave(name + ", first end", endMm(m)).step(Kind.CRIMP, name + ", through the wheels");
        Zigzag.of(m).run(wire, m.count("waves"));
        wire.leave(name + ", second end", endMm(m));
    }

    /** Turns of an end that is coiled away stand so far apart, in wires. */
    private static final double SPACING = 1.1;

    /** Notes turns of binding that do not fit a wave, and beads that do not lie side by side. */
    private static void room(FormMaker m) {
        int most = m.count("beadTurns") + Math.max(m.count("valleyTurns"), m.count("centreTurns"));
        double turns = most * pitch(m);
        if (turns > m.mm("wave")) {
            m.note(new Note(
                    "turns-crowd",
                    Note.Severity.STOP,
                    Map.of("turns", most, "needMm", turns, "waveMm", m.mm("wave"), "wireMm", m.mm("fine"))));
        }
        if (m.mm("bead") > m.mm("wave") && m.count("waves") > 2) {
            m.note(new Note("beads-crowd", Note.Severity.STOP, Map.of("beadMm", m.mm("bead"), "waveMm", m.mm("wave"))));
        }
    }

    /** The straight end that the end turns lie on. */
    private static double endMm(FormMaker m) {
        return m.count("endTurns") * pitch(m) + m.d();
    }

    private static double pitch(FormMaker m) {
        return 1.02 * m.mm("fine");
    }

    /** Bound where the two lie together: on both straight ends and in every valley, from end to end in one go. */
    private static void bind(FormMaker m, double apart) {
        double fine = m.mm("fine");
        int ends = m.count("endTurns");
        double end = ends * pitch(m) / 2 + m.d() / 2;
        double length = m.count("waves") * m.mm("wave");
        WireMaker binding = m.wire("binding", fine, side(m, -endMm(m), apart, 4 * fine));
        var zigzag = Zigzag.of(m);
        lash(m, binding, "first end, " + ends + " turns", -end, ends, x -> apart);
        for (int i = 1; i < m.count("waves"); i++) {
            boolean centre = i == m.count("waves") / 2;
            int before = m.count(centre ? "centreTurns" : "valleyTurns");
            lash(
                    m,
                    binding,
                    (centre ? "centre crossing, " : "valley, ")
                            + before
                            + ", and "
                            + m.count("beadTurns")
                            + " with its bead",
                    i * m.mm("wave"),
                    before + m.count("beadTurns"),
                    x -> apart + 2 * (zigzag.riseFromValleyMm(x) + zigzag.halfAcrossMm(m.d(), x)) - m.d());
            Beads.beside(
                    m,
                    new Vector3D(i * m.mm("wave"), 0, (m.d() + m.mm("bead")) / 2 + fine),
                    Vector3D.PLUS_I,
                    m.mm("bead"),
                    1);
        }
        lash(m, binding, "second end, " + ends + " turns", length + end, ends, x -> apart);
        m.done(binding.follows().tail(20).end(EndState.TUCKED), 20, EndState.TUCKED);
    }

    private static void lash(
            FormMaker m, WireMaker wire, String part, double middle, int turns, DoubleUnaryOperator apart) {
        wire.step(Kind.BIND, part);
        HullWrap.over(wire, (climb, wide) -> side(m, middle + climb, wide, 0), radius(m), apart, turns, pitch(m));
    }

    private static double radius(FormMaker m) {
        return (m.d() + m.mm("fine")) / 2 * 1.01;
    }

    /** In front, going down over the lower wire; {@code before} it gets there. */
    private static Frame side(FormMaker m, double x, double apart, double before) {
        return new Frame(new Vector3D(x, -apart / 2 + before, radius(m)), Vector3D.MINUS_J, Vector3D.MINUS_K);
    }
}
