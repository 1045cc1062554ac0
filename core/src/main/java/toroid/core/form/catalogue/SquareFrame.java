package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
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
 * A square bent at marks round a group of beads: one end turned up as a wrapped loop, the other butted under it.
 */
@AutoService(Form.class)
public final class SquareFrame implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "square-frame", Family.FRAMES, "square frame", "a square bent at marks, hung from a wrapped loop", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length("side", "side, inside", d -> 16, d -> 6 * d, d -> 100, "Measure the group of beads."),
                Parameter.loop("loop", "loop, inside", 2.5),
                Parameter.count("wraps", "wraps", 2, 1, 8, "Two or three."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("square", "box frame", "square link");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        WireMaker butt = m.wire("frame", Loops.stem(0, 0, -1, 1)).leave("half the foot", m.mm("side") / 2 - 0.25 * d);
        corners(m, butt);
        butt.leave("half the top", m.mm("side") / 2 - 0.9 * d).tail(1.5).end(EndState.FILED);
        WireMaker hung = m.wire("frame", Loops.stem(0, 0, 1, 1)).leave("half the foot", m.mm("side") / 2 - 0.25 * d);
        corners(m, hung);
        hung.leave("half the top", m.mm("side") / 2 - d)
                .step(Kind.BEND, "turned up")
                .crisp(-90);
        Loops.wrapped(hung, m.mm("loop"), m.count("wraps"), "loop");
        m.inTandem(butt, hung);
    }

    private static void corners(FormMaker m, WireMaker wire) {
        wire.step(Kind.BEND, "foot corner").crisp(90);
        wire.leave("side", m.mm("side") - 0.5 * m.d())
                .step(Kind.BEND, "top corner")
                .crisp(90);
    }
}
