package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.LeaningCoil;
import toroid.core.bend.program.SpiralRun;
import toroid.core.form.Coils;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * Equal coils stretched until the neighbours' turns fit in the gaps, alternate hands, each two neighbours pinned by a straight core wire
 * through the room their turns share, as a hinge's pin goes through both its leaves. Side by side neighbours mesh pairwise, so the pitch is
 * 2d however many coils there are; coils two apart must not meet, so a coil is two cores and two wires wide inside. Narrowed in a channel the
 * turns lean by φ: coils are wound {@code 1/cos φ} wider, and the pitch is {@code 2d/cos φ} so that neighbours' turns, which pass at
 * {@code (p/2) cos φ}, clear one another.
 */
@AutoService(Form.class)
public final class InterleavedCoils implements Form {
    private static final double CORE_MM = 1.2;

    /** Room about a core, and between coils two apart, in wires. */
    private static final double ROOM = 0.06;

    @Override
    public FormInfo info() {
        return new FormInfo(
                "interleaved-coils",
                Family.INTERLEAVED,
                "interleaved coils",
                "a flat band of coils laced by core wires",
                1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.count("coils", "coils side by side", 3, 2, 12, "Wider bands are made in strips."),
                Parameter.length(
                        "inside",
                        "coils, inside",
                        d -> Math.round(10 * (2 * CORE_MM + 2.4 * d)) / 10.0,
                        d -> 3 * d,
                        d -> 40 * d,
                        "As finished, across the band: two cores and two wires at least."),
                Parameter.length(
                        "core",
                        "core wires",
                        d -> CORE_MM,
                        d -> 0.5 * d,
                        d -> 12 * d,
                        "Straight pins, each through two neighbours."),
                Parameter.count("turns", "turns of each", 10, 2, 150, "For more, make it in lengths."),
                Parameter.angle(
                        "lean",
                        "narrowed, its turns lean",
                        15,
                        0,
                        35,
                        "Pressed narrow in a channel; 0° leaves them upright."),
                Parameter.choice("ends", "outer cores end in", "a loop", "a cut end")
                        .because("Loops join it on; cut ends are for the middle."),
                Parameter.loop("loop", "end loops, inside", 2.5).when("ends=a loop"));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("interleaved", "meshed coils", "laced coils");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double lean = Math.toRadians(m.degrees("lean"));
        int coils = m.count("coils");
        checkRoom(m, coils);
        double across = (m.mm("inside") + d) / 2;
        double radius = across / Math.cos(lean);
        double apart = m.mm("inside") - m.mm("core") - ROOM * d;
        double pitch = 2.06 * d / Math.cos(lean);
        double length = m.count("turns") * pitch;
        // leaning turns, each coil set back against the last, reach further along
        double beyond = lean > 0 ? radius * Math.sin(lean) + pitch / 2 : 0;
        double shift = 0;
        for (int i = 0; i < coils; i++) {
            var size = new CoilSize(radius, pitch, m.count("turns"), i % 2 == 0);
            Frame place = new Frame(
                    new Vector3D(shift, (i - (coils - 1) / 2.0) * apart, 0), Vector3D.PLUS_I, Vector3D.PLUS_J);
            coil(m, "coil " + (i + 1), size, lean, place);
            shift = Math.IEEEremainder(shift - apart * Math.tan(lean), pitch);
        }
        for (int i = 0; i + 1 < coils; i++) {
            core(m, i, coils, (i + 0.5 - (coils - 1) / 2.0) * apart, length, beyond);
        }
        if (lean > 0) {
            m.note(Note.info(
                    NoteCode.WOUND_WIDER,
                    Map.of(
                            "rodMm",
                            2 * radius - d,
                            "insideMm",
                            m.mm("inside"),
                            "narrowerPercent",
                            100 * (1 - Math.cos(lean)))));
            m.does(Kind.PRESS, "narrower in a channel, all outer turns leaning one way");
            m.does(Kind.ANNEAL, "again, where it has grown stiff");
        }
    }

    /** A core takes its room in both its coils; and coils two apart may not meet. */
    private static void checkRoom(FormMaker m, int coils) {
        double d = m.d();
        double core = m.mm("core");
        double least = coils > 2 ? 2 * core + (2 + 2 * ROOM) * d : core + d;
        if (m.mm("inside") < least) {
            throw Refusal.outOfRange(
                    "inside",
                    m.mm("inside"),
                    least,
                    40 * d,
                    Unit.MM,
                    coils > 2 ? Remedy.NARROWER_COILS_WOULD_MEET : Remedy.NARROWER_COILS_LEAVE_THE_CORE_NO_ROOM);
        }
    }

    /** One coil; leaning turns of neighbours still fall in each other's gaps when each coil lies {@code a tan φ} further back. */
    private static void coil(FormMaker m, String name, CoilSize size, double lean, Frame place) {
        String hand = size.rightHanded() ? "right-handed" : "left-handed";
        Vector3D at = place.position();
        WireMaker coil;
        if (lean > 0) {
            var leaning = new LeaningCoil(size, lean);
            Frame own = leaning.at(0);
            coil = m.wire(name, new Frame(own.position().add(at), own.tangent(), own.normal()))
                    .step(Kind.COIL, hand)
                    .wound(2 * size.radiusMm() - m.d())
                    .run(SpiralRun.of(leaning));
        } else {
            coil = m.wire(name, Coils.beginning(at.getX(), at.getY(), size))
                    .step(Kind.COIL, hand)
                    .coil(size);
        }
        coil.does(Kind.STRETCH, "until the neighbour's turns fit the gaps");
        m.done(coil.tail(3).end(EndState.FILED), 10, EndState.FILED);
    }

    /** Through coil i and the next: the outermost carry the end loops; inner ones are shortened and hidden. */
    private static void core(FormMaker m, int i, int coils, double y, double length, double beyond) {
        double c = m.mm("core");
        boolean outer = i == 0 || i == coils - 2;
        boolean looped = outer && m.is("ends", "a loop");
        String name = "core " + (i + 1);
        double loop = Math.max(m.mm("loop"), 1.3 * c);
        double half = looped ? length / 2 + beyond + loop / 2 + 2 * c : outer ? length / 2 + m.d() : length / 2 - m.d();
        double side = i == 0 ? 1 : -1;
        WireMaker left =
                m.wire(name, c, new Frame(new Vector3D(length / 2, y, 0), Vector3D.MINUS_I, new Vector3D(0, side, 0)));
        WireMaker right =
                m.wire(name, c, new Frame(new Vector3D(length / 2, y, 0), Vector3D.PLUS_I, new Vector3D(0, side, 0)));
        for (WireMaker wire : List.of(left, right)) {
            wire.leave("through both coils", half);
            if (looped) {
                Loops.offset(wire.roll(180), loop, "end loop");
            }
        }
        left.does(Kind.THREAD, "through coil %d and coil %d, meshed".formatted(i + 1, i + 2));
        m.secondEndLast(left, right);
    }
}
