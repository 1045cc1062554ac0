package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
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

/**
 * Two crimped lengths bound side by side with fine wire, beads bridging the valleys: about ten end turns, three in each valley,
 * four on the centre crossing, each bead held by the next four; binding ends left at the back (common practice).
 */
@AutoService(Form.class)
public final class CrimpedPair implements Form {
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
                Parameter.count("waves", "waves", 6, 2, 60, "Run several lengths."),
                Parameter.length("fine", "binding wire", d -> 0.3, d -> 0.15, d -> 0.6, "0.3 mm is usual."),
                Parameter.fixed("bead", "bead", 3, 1, 10, "Small beads bridge the valleys."));
    }

    @Override
    public void make(FormMaker m) {
        Zigzag.checkWheels(m);
        double d = m.d();
        double apart = d + 2 * m.mm("height") / 2 + 0.1 * d;
        for (int side : new int[] {1, -1}) {
            String name = side > 0 ? "upper" : "lower";
            WireMaker wire = m.wire(name, Loops.stem(0, side * apart / 2, 1, side))
                    .step(Kind.CRIMP, name + ", through the wheels");
            Zigzag.of(m).run(wire, m.count("waves"));
            m.done(wire.tail(8).end(EndState.FILED), 8, EndState.FILED);
        }
        bind(m, apart);
    }

    private static void bind(FormMaker m, double apart) {
        double fine = m.mm("fine");
        var two = HullWrap.sideBySide(2, m.d(), fine);
        WireMaker binding =
                m.wire("binding", fine, new Frame(new Vector3D(0, apart, 2), new Vector3D(0, 0, 1), Vector3D.PLUS_J));
        int waves = m.count("waves");
        wraps(binding, two, "first end, ten turns", 10, fine);
        for (int i = 1; i < waves; i++) {
            boolean centre = i == waves / 2;
            int bead = centre ? 8 : 7;
            on(binding, m.mm("wave") - bead * fine, "carried to the next valley");
            wraps(
                    binding,
                    two,
                    centre ? "centre crossing, four, and four with its bead" : "valley, three, and four with its bead",
                    bead,
                    fine);
            Beads.beside(m, new Vector3D(i * m.mm("wave"), 0, (m.d() + m.mm("bead")) / 2 + fine), m.mm("bead"), 1);
        }
        on(binding, m.mm("wave") / 2, "carried to the end");
        wraps(binding, two, "second end, ten turns", 10, fine);
        m.done(binding.follows().tail(20).end(EndState.TUCKED), 20, EndState.TUCKED);
    }

    private static void wraps(WireMaker wire, HullWrap hull, String part, int turns, double fine) {
        wire.step(Kind.BIND, part);
        hull.wrap(wire, turns, 1.02 * fine, true);
    }

    private static void on(WireMaker wire, double mm, String part) {
        wire.step(Kind.BIND, part);
        wire.to(
                wire.here().position().add(new Vector3D(Math.max(0.2, mm), 0, 0)),
                wire.here().tangent());
        wire.towards(Vector3D.PLUS_J);
    }
}
