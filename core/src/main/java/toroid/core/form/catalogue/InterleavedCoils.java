package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
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

/**
 * Equal coils stretched until the neighbours' turns fit in the gaps, alternate hands, joined by straight core wires. Side by side
 * neighbours mesh pairwise, so the pitch is 2d however many coils there are.
 */
@AutoService(Form.class)
public final class InterleavedCoils implements Form {
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
                        "core", "core wires", d -> 1.6, d -> d, d -> 12 * d, "The rod the coils are wound on."),
                Parameter.count("turns", "turns of each", 10, 2, 150, "Make it in lengths."),
                Parameter.choice("ends", "outer cores end in", "a loop", "a cut end"),
                Parameter.loop("loop", "end loops, inside", 2.5).when("ends=a loop"));
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double core = m.mm("core");
        int coils = m.count("coils");
        double apart = core + 1.06 * d;
        double pitch = 2.06 * d;
        double length = m.count("turns") * pitch;
        for (int i = 0; i < coils; i++) {
            var size = new CoilSize((core + d) / 2 * 1.01, pitch, m.count("turns"), i % 2 == 0);
            double y = (i - (coils - 1) / 2.0) * apart;
            Frame start = Coils.beginning(0, y, size);
            WireMaker coil = m.wire("coil " + (i + 1), start)
                    .step(Kind.COIL, size.rightHanded() ? "right-handed" : "left-handed");
            coil.coil(size).does(Kind.STRETCH, "until the neighbour's turns fit the gaps");
            m.done(coil.tail(3).end(EndState.FILED), 10, EndState.FILED);
        }
        for (int i = 0; i < coils; i++) {
            core(m, i, coils, (i - (coils - 1) / 2.0) * apart, length);
        }
    }

    /** Outer cores carry the end loops; inner ones are shortened and hidden. */
    private static void core(FormMaker m, int i, int coils, double y, double length) {
        double c = m.mm("core");
        boolean outer = i == 0 || i == coils - 1;
        boolean looped = outer && m.is("ends", "a loop");
        String name = "core " + (i + 1);
        double loop = Math.max(m.mm("loop"), 1.3 * c);
        double half = looped ? length / 2 + loop / 2 + 2 * c : outer ? length / 2 + m.d() : length / 2 - m.d();
        double side = i == 0 ? 1 : -1;
        WireMaker left =
                m.wire(name, c, new Frame(new Vector3D(length / 2, y, 0), Vector3D.MINUS_I, new Vector3D(0, side, 0)));
        WireMaker right =
                m.wire(name, c, new Frame(new Vector3D(length / 2, y, 0), Vector3D.PLUS_I, new Vector3D(0, side, 0)));
        for (WireMaker wire : List.of(left, right)) {
            wire.leave("through the coil", half);
            if (looped) {
                Loops.offset(wire.roll(180), loop, "end loop");
            }
        }
        left.does(Kind.THREAD, "through its coil and its neighbour's");
        m.secondEndLast(left, right);
    }
}
