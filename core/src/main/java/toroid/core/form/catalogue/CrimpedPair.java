package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
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
import toroid.core.form.WireMaker;
import toroid.core.form.Zigzag;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * Two crimped lengths, or one folded, bound side by side with fine wire: about ten end turns, three in each valley, four on the centre crossing
 * (common practice). Beads bridge the valleys, each held by the next four turns, or lie between the waves on a straight wire of their own.
 */
@AutoService(Form.class)
public final class CrimpedPair implements Form {
    static final String COILED = "coiled away";
    static final String LOOPED = "loops of the upper wire";
    static final String FOLDED = "one length, folded";
    private static final String BRIDGING = "bridge the valleys";
    private static final String ON_A_WIRE = "on a straight wire";

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
                Parameter.choice("made", "made of", "two lengths", FOLDED)
                        .because("Folded it begins with an eye of its own."),
                Parameter.length("fold", "eye at the fold, inside", d -> 3, d -> 1.5 * d, d -> 20 * d, "For its ring.")
                        .when("made=" + FOLDED),
                Parameter.length("fine", "binding wire", d -> 0.3, d -> 0.15, d -> Math.min(0.6, d), "{0.3} is usual."),
                Parameter.choice("beads", "beads", BRIDGING, ON_A_WIRE)
                        .because("Over the valleys, or between the waves on a wire of their own."),
                Parameter.fixed("bead", "bead", 3, 1, 10, "Small ones bridge the valleys or fill the waves."),
                Parameter.length("straight", "straight wire", d -> 0.5, d -> 0.2, d -> d, "It lies between the two.")
                        .when("beads=" + ON_A_WIRE),
                Parameter.length("hole", "its hole", d -> 0.8, d -> 0.2, d -> 5, "Try it with the straight wire.")
                        .asMeasured()
                        .when("beads=" + ON_A_WIRE),
                Parameter.choice("ends", "ends", "cut", COILED, LOOPED)
                        .because("Coiled away they catch on nothing; a loop joins it on."),
                Parameter.loop("loop", "end loops, inside", 2.5).when("ends=" + LOOPED),
                Parameter.length("coilTurns", "turns of a coiled end", d -> 1.75, d -> 1, d -> 5, "Count them alike.")
                        .when("ends=" + COILED),
                Parameter.count("endTurns", "turns at each end", 10, 2, 40, "About ten."),
                Parameter.count("valleyTurns", "turns in a valley", 3, 1, 12, "Three is usual."),
                Parameter.count("beadTurns", "turns that hold a bead", 4, 1, 12, "Four is usual.")
                        .when("beads=" + BRIDGING),
                Parameter.count("centreTurns", "turns on the centre crossing", 4, 1, 12, "Four is usual."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("crimped bracelet", "crimp pair", "crimped strip");
    }

    @Override
    public void make(FormMaker m) {
        Zigzag.checkWheels(m);
        double apart = 1.04 * m.d() + (onAWire(m) ? m.mm("straight") : 0);
        var rails = new CrimpedRails(m, apart, endMm(m));
        rails.make();
        if (onAWire(m)) {
            beadsOnAWire(m, apart, rails.beginsMm(m.mm("straight")));
        }
        bind(m, apart);
        rails.endsLast();
        room(m);
    }

    private static boolean onAWire(FormMaker m) {
        return m.is("beads", ON_A_WIRE);
    }

    /** A straight wire between the two, a bead of it in every wave; it is threaded before all is bound. */
    private static void beadsOnAWire(FormMaker m, double apart, double beginsMm) {
        double wave = m.mm("wave");
        double length = m.count("waves") * wave;
        WireMaker straight = m.wire("straight", m.mm("straight"), Loops.stem(beginsMm, 0, 1, 1))
                .leave("straight wire, between the two", length + endMm(m) - beginsMm);
        straight.does(Kind.THREAD, m.count("waves") + " beads");
        m.done(straight.tail(8).end(EndState.FILED), 8, EndState.FILED);
        for (int i = 0; i < m.count("waves"); i++) {
            Vector3D place = new Vector3D((i + 0.5) * wave, 0, 0);
            Beads.set(m, place, Vector3D.PLUS_I, m.mm("bead"), m.mm("hole"), 1, m.mm("straight"));
        }
        double most = 2 * Zigzag.of(m).nearestToAWaveMm(apart / 2) - m.d();
        if (m.mm("bead") > most) {
            m.note(new Note(NoteCode.BEAD_IN_WAVE, Note.Severity.STOP, Map.of("beadMm", m.mm("bead"), "mostMm", most)));
        }
    }

    /** Notes turns of binding that do not fit a wave, and beads that do not lie side by side. */
    private static void room(FormMaker m) {
        int most = beadTurns(m) + Math.max(m.count("valleyTurns"), m.count("centreTurns"));
        double turns = most * pitch(m);
        double room = Zigzag.of(m).holdsTurnsMm(m.mm("wave"));
        if (turns > room) {
            m.note(new Note(
                    NoteCode.TURNS_CROWD,
                    Note.Severity.STOP,
                    Map.of("turns", most, "needMm", turns, "waveMm", room, "wireMm", m.mm("fine"))));
        }
        if (!onAWire(m) && m.mm("bead") > m.mm("wave") && m.count("waves") > 2) {
            m.note(new Note(
                    NoteCode.BEADS_CROWD, Note.Severity.STOP, Map.of("beadMm", m.mm("bead"), "waveMm", m.mm("wave"))));
        }
    }

    /** Turns in a valley that hold a bead there. */
    private static int beadTurns(FormMaker m) {
        return onAWire(m) ? 0 : m.count("beadTurns");
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
            pastBead(m, binding, i - 0.5, apart);
            boolean centre = i == m.count("waves") / 2;
            int before = m.count(centre ? "centreTurns" : "valleyTurns");
            lash(
                    m,
                    binding,
                    (centre ? "centre crossing, " : "valley, ")
                            + before
                            + (onAWire(m) ? " turns" : ", and " + beadTurns(m) + " with its bead"),
                    i * m.mm("wave"),
                    before + beadTurns(m),
                    x -> apart + 2 * (zigzag.riseFromValleyMm(x) + zigzag.halfAcrossMm(m.d(), x)) - m.d());
            if (!onAWire(m)) {
                var place = new Vector3D(i * m.mm("wave"), 0, (m.d() + m.mm("bead")) / 2 + fine);
                Beads.beside(m, place, Vector3D.PLUS_I, m.mm("bead"), 1);
            }
        }
        pastBead(m, binding, m.count("waves") - 0.5, apart);
        lash(m, binding, "second end, " + ends + " turns", length + end, ends, x -> apart);
        m.done(binding.follows().tail(20).end(EndState.TUCKED), 20, EndState.TUCKED);
    }

    /** Past a bead that lies in a wave it goes on in front of the lower wire, which lies outside the bead. */
    private static void pastBead(FormMaker m, WireMaker binding, double wave, double apart) {
        if (onAWire(m)) {
            double crest = apart / 2 + m.mm("height");
            binding.to(new Vector3D(wave * m.mm("wave"), -crest, PAST * radius(m)), Vector3D.PLUS_I);
        }
    }

    /** Off the wire it goes past, in the reach of both. */
    private static final double PAST = 1.3;

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
