package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.CoiledCoil;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.SpiralRun;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Learnt;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * A coil wound on a rod, slid onto a core wire and wound with it round a second rod, closed with plain turns of the core. Three sizes: the
 * rod c of the first coil, the core wire k that slides into it, the second rod c₂.
 *
 * <p>With the fine wire d, the first coil is {@code C = c + 2d} thick and A long; wound, its middle line lies at {@code R = (c₂ + C)/2}. The
 * least it can take up, while its middle line keeps the length A and the fine turns stagger on the inside of the bend: {@code N₀ = A/√((2πR)²
 * + C²)} turns, {@code N₀ C} long. Where its turns touch in one layer on the inside it takes up {@code A/√((2π(R − C/2))² + C²)} turns.
 * Well-packed ones lie 0 to 20 % above the least (common practice), and all lengths go with it: turns, finished length, core wire. Planned at
 * the least and the chosen share more; the core is cut for the loosest of the band, so that it does not run out.
 */
@AutoService(Form.class)
public final class CoilOnCoil implements Form {
    /** Well-packed ones are at most this much longer than the least, per cent. Common practice. */
    private static final double LOOSEST = 20;

    /** The parameter that says how loosely it is bent. */
    public static final String LOOSER = "looser";

    /** One hand's copies stay within this of each other, per cent; our own figure. */
    private static final double HAND = 8;

    @Override
    public FormInfo info() {
        return new FormInfo(
                "coil-on-coil", Family.COILS, "coil on coil", "a coiled coil, closed with plain turns", 0.4);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "firstRod",
                        "rod of the first coil",
                        d -> Math.round(25 * d) / 10.0,
                        d -> 1.2 * d,
                        d -> 8 * d,
                        "Thinner than the wire it kinks."),
                Parameter.length(
                        "coreWire",
                        "core wire",
                        d -> 2 * d,
                        d -> d,
                        d -> 8 * d,
                        "It slides into the first coil: a little thinner than its rod."),
                Parameter.length(
                        "firstCoil",
                        "first coil, long",
                        d -> 60,
                        d -> 10 * d,
                        d -> 600,
                        "Its length as wound, before it is bent."),
                Parameter.length(
                        "rod", "second rod", d -> 3, d -> 2 * d, d -> 40, "The coil cannot bend round a thinner rod."),
                Parameter.percent(
                        LOOSER, "looser than the least", 10, 0, 60, "The first one made tells: 0 to 20 % is usual."),
                Parameter.count("plain", "plain turns at each end", 3, 0, 10, "About three is usual."),
                Parameter.choice("groove", "in the groove", "nothing", "a fine wire")
                        .because("A finer wire laid between the turns."),
                Parameter.length(
                                "grooveWire",
                                "wire in the groove",
                                d -> Math.max(0.2, Math.round(6 * d) / 10.0),
                                d -> 0.1,
                                d -> 2 * d,
                                "Thinner than the coil's own wire lies well.")
                        .when("groove=a fine wire"),
                Parameter.choice("link", "threaded on", "nothing", WRAPPED, PLAIN)
                        .because("By itself it is a bead; on a wire with two loops it is a link."),
                Parameter.length(
                                "linkWire",
                                "wire of the link",
                                d -> 2 * d,
                                d -> 0.3,
                                d -> 6 * d,
                                "It goes through the whole of it: thinner than the second rod.")
                        .when(LINK + WRAPPED, LINK + PLAIN),
                Parameter.length(
                                "linkLoop",
                                "its loops, inside",
                                d -> 5 * d,
                                d -> 1.2 * d,
                                d -> 40 * d,
                                "Wider than the second rod, or it slips in.")
                        .when(LINK + WRAPPED, LINK + PLAIN));
    }

    private static final String LINK = "link=";
    private static final String WRAPPED = "a wire, wrapped loops";
    private static final String PLAIN = "a wire, plain loops";

    /** Wraps of a link's loops. Common practice: three. */
    private static final int WRAPS = 3;

    /** Every length of it, mm. */
    private record Sizes(
            double d, double rod, double core, double second, double first, double share, int plain, Learnt learnt) {
        double thick() {
            return rod + 2 * d;
        }

        double radius() {
            return (second + thick()) / 2;
        }

        double leastTurns() {
            return first / Math.hypot(2 * Math.PI * radius(), thick());
        }

        /** Where the turns touch in one layer on the inside, against the least, per cent. */
        double oneLayerPercent() {
            double inner = Math.hypot(2 * Math.PI * (radius() - thick() / 2), thick());
            return 100 * (Math.hypot(2 * Math.PI * radius(), thick()) / inner - 1);
        }

        double turns() {
            return leastTurns() * (1 + share);
        }

        double lowShare() {
            return learnt.low(100 * share) / 100;
        }

        double highShare() {
            double high = learnt.high(100 * share) / 100;
            return learnt.from() == 0 ? Math.max(LOOSEST / 100, high) : high;
        }

        double finishedMm(double loose) {
            return leastTurns() * (1 + loose) * thick() + 2 * plain * core;
        }
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("coiled coil", "double coil");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        var sizes = new Sizes(
                d,
                m.mm("firstRod"),
                m.mm("coreWire"),
                m.mm("rod"),
                m.mm("firstCoil"),
                m.mm(LOOSER) / 100,
                m.count("plain"),
                m.learnt(LOOSER, HAND));
        if (sizes.core() > sizes.rod()) {
            throw Refusal.outOfRange(
                    "coreWire", sizes.core(), d, sizes.rod(), Unit.MM, Remedy.FIRST_COIL_SLIDES_ONTO_THE_CORE);
        }
        figures(m, sizes);
        var around = new CoilSize(sizes.radius(), sizes.thick(), sizes.turns(), true);
        var coil = new CoiledCoil(around, (sizes.rod() + d) / 2, sizes.first() / d);
        WireMaker fine = m.wire("coil", coil.at(0))
                .step(Kind.COIL, "first coil")
                .onRod(sizes.rod())
                .run(SpiralRun.of(coil));
        m.done(fine.follows().tail(5), 20, EndState.TUCKED);
        core(m, around, sizes);
        if (m.is("groove", "a fine wire")) {
            groove(m, around, sizes.thick(), m.mm("grooveWire"));
        }
        if (!m.is("link", "nothing")) {
            link(m, around, sizes);
        }
    }

    private static void figures(FormMaker m, Sizes s) {
        m.figure(new Figure(
                "finished-length",
                s.finishedMm(s.share()),
                s.finishedMm(s.lowShare()),
                s.finishedMm(s.highShare()),
                "mm",
                s.learnt().from() == 0 ? Figure.Basis.PRACTICE : Figure.Basis.MEASURED,
                "N C + 2 · plain turns · k,  N = (1 + looser) A/√((2πR)² + C²),  R = (c₂ + C)/2,  C = c + 2d",
                String.format(
                        Locale.ROOT,
                        "A = %.1f, C = %.2f, R = %.3f: least %.2f turns, %.0f %% more %.2f; %.2f × %.2f + 2 × %d × %.2f = %.1f mm",
                        s.first(),
                        s.thick(),
                        s.radius(),
                        s.leastTurns(),
                        100 * s.share(),
                        s.turns(),
                        s.turns(),
                        s.thick(),
                        s.plain(),
                        s.core(),
                        s.finishedMm(s.share())),
                "Geometry, and how loosely it is bent by common practice: 0 to 20 % above the least; learnt from the first one made."
                        + s.learnt().told("finished one")));
        m.note(Note.info(
                NoteCode.COIL_ON_COIL_LONGER,
                Map.of(
                        "lengthMm", s.finishedMm(s.share()),
                        "leastMm", s.finishedMm(0),
                        "plainMm", 2 * s.plain() * s.core(),
                        "lowMm", s.finishedMm(s.lowShare()),
                        "highMm", s.finishedMm(s.highShare()),
                        "oneLayerPercent", s.oneLayerPercent(),
                        "turns", s.turns())));
        m.note(Note.info(NoteCode.FINE_TURNS_STAGGER, Map.of("oneLayerPercent", s.oneLayerPercent())));
    }

    private static final double CORE_TAIL = 10;

    /** Over what angle the core leads from the coil down to the rod, radians. */
    private static final double LEAD = 1.2;

    private static Vector3D out(double angle) {
        return new Vector3D(Math.cos(angle), Math.sin(angle), 0);
    }

    /** On a right-handed coil about z. */
    private static Frame onRod(double radius, double angle, double z, double pitch) {
        Vector3D round = new Vector3D(-Math.sin(angle), Math.cos(angle), 0);
        return Frame.at(
                Vectors.sum(radius, out(angle), 1, new Vector3D(0, 0, z)),
                Vectors.sum(2 * Math.PI * radius, round, pitch, Vector3D.PLUS_K),
                out(angle).negate());
    }

    private static void core(FormMaker m, CoilSize around, Sizes s) {
        double c = s.core();
        double inner = (s.second() + c) / 2;
        int plain = s.plain();
        double aside = (around.pitchMm() + c) / 2 - c * (1 - LEAD / (2 * Math.PI));
        double begin = -LEAD - 2 * Math.PI * plain;
        WireMaker core = m.wire("core", c, onRod(inner, begin, -aside - plain * c, c));
        core.does(Kind.THREAD, "the first coil, onto the core");
        core.step(Kind.COIL, "plain turns").onRod(s.second()).coil(new CoilSize(inner, c, plain, true));
        core.step(Kind.COIL, "core and coil together").onRod(s.second());
        core.to(
                new Vector3D(around.radiusMm(), 0, 0),
                new Vector3D(0, 2 * Math.PI * around.radiusMm(), around.pitchMm()));
        core.towards(Vector3D.MINUS_I).coil(around);
        core.step(Kind.COIL, "plain turns").onRod(s.second());
        double end = 2 * Math.PI * around.turns() + LEAD;
        Vector3D at = new Vector3D(0, 0, around.pitchMm() * around.turns() + aside);
        core.wrap(new CoilSize(inner, c, plain, true), new Frame(at, Vector3D.PLUS_K, out(end)));
        double one = s.first();
        core.between(
                core.lengthMm() - (s.share() - s.lowShare()) * one,
                core.lengthMm() + (s.highShare() - s.share()) * one,
                "How loosely it is bent is the hand's own: from the least it can be, learnt from the first one made.");
        // the hand's own tail factor is for what it holds, not for what a loose bend may need
        double loosest =
                (s.highShare() - s.share()) * one / m.request().schools().tailFactor();
        m.done(core.tail(CORE_TAIL + loosest).end(EndState.TUCKED), 30, EndState.TUCKED);
    }

    /**
     * A wire through the whole, from its middle to a loop at either end. It has room in it: pulled, the coil rests against the loops.
     *
     * @throws Refusal where the wire is too thick to go through, or its loops so small that they do
     */
    private static void link(FormMaker m, CoilSize around, Sizes s) {
        double wire = m.mm("linkWire");
        double loop = m.mm("linkLoop");
        if (wire > s.second() - PLAY_MM) {
            throw Refusal.outOfRange("linkWire", wire, 0.3, s.second() - PLAY_MM, Unit.MM, Remedy.MEASURE_IT);
        }
        double least = s.second() - 2 * wire + PLAY_MM;
        if (loop < Math.max(least, 1.2 * wire)) {
            throw Refusal.outOfRange(
                    "linkLoop", loop, Math.max(least, 1.2 * wire), 40 * s.d(), Unit.MM, Remedy.MEASURE_IT);
        }
        double coiled = around.pitchMm() * around.turns();
        double half = coiled / 2 + s.thick() / 2 + (s.plain() + 1) * s.core() + PLAY_MM;
        var middle = new Vector3D(0, 0, coiled / 2);
        WireMaker first = m.wire("link", wire, new Frame(middle, Vector3D.MINUS_K, Vector3D.PLUS_I));
        WireMaker second = m.wire("link", wire, new Frame(middle, Vector3D.PLUS_K, Vector3D.PLUS_I));
        int end = 0;
        for (WireMaker one : List.of(first, second)) {
            String part = end++ == 0 ? "first loop" : "second loop";
            one.leave(part + ", through the coil", half);
            if (m.is("link", WRAPPED)) {
                Loops.wrapped(one, loop, WRAPS, part);
            } else {
                Loops.plain(one, loop, part);
            }
        }
        first.does(Kind.THREAD, "the coil on coil");
        m.secondEndLast(first, second);
    }

    /** So much a wire must be thinner than what it goes through, mm. Common practice: 0.2. */
    private static final double PLAY_MM = 0.2;

    private static void groove(FormMaker m, CoilSize around, double outer, double f) {
        double up = Math.sqrt(Math.pow((outer + f) / 2, 2) - outer * outer / 4);
        double radius = around.radiusMm() + up;
        WireMaker fine = m.wire(
                "groove wire",
                f,
                new Frame(
                        new Vector3D(radius, 0, outer / 2),
                        new Vector3D(0, 2 * Math.PI * radius, outer).normalize(),
                        Vector3D.MINUS_I));
        fine.step(Kind.BIND, "in the groove")
                .coil(new CoilSize(radius, outer, Math.max(0.1, around.turns() - 1), true));
        m.done(fine.tail(10).end(EndState.TUCKED), 10, EndState.TUCKED);
    }
}
