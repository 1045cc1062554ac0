package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.HullWrap;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Vectors;

/**
 * Fine wire coiled on base wires: each wrap round k wires side by side takes {@code π(b + f) + 2(k − 1)b}, round a bundle of three
 * {@code π(b + f) + 3b}.
 */
@AutoService(Form.class)
public final class BindingCoil implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("binding-coil", Family.BOUND, "binding coil", "fine wire coiled on base wires", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length("fine", "binding wire", d -> 0.4, d -> 0.15, d -> d, "{0.3..0.5} is usual."),
                Parameter.choice(
                                "lay",
                                "base wires",
                                "one",
                                "two side by side",
                                "three side by side",
                                "three in a bundle")
                        .because("What the wraps go round."),
                Parameter.count("wraps", "wraps", 12, 1, 200, "For more, bind in several lengths."),
                Parameter.fixed("base", "base, long", 30, 5, 300, "The wire bound upon: longer than its wraps."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("binding", "wire binding", "bound coil");
    }

    @Override
    public void make(FormMaker m) {
        double b = m.d();
        double f = m.mm("fine");
        boolean bundle = m.is("lay", "three in a bundle");
        int wires = m.is("lay", "one") ? 1 : m.is("lay", "two side by side") ? 2 : 3;
        for (int i = 0; i < wires; i++) {
            double y = bundle ? (i < 2 ? 0 : -b * Math.sqrt(3) / 2) : -i * b;
            double z = bundle ? (i == 0 ? b / 2 : i == 1 ? -b / 2 : 0) : 0;
            Frame start =
                    new Frame(new Vector3D(-m.mm("base") / 2, y * 1.001, z * 1.001), Vector3D.PLUS_I, Vector3D.PLUS_J);
            m.done(m.wire("base " + (i + 1), start).leave("base", m.mm("base")).end(EndState.FILED), 0, EndState.FILED);
        }
        HullWrap hull = bundle ? HullWrap.bundleOfThree(b, f) : HullWrap.sideBySide(wires, b, f);
        double pitch = 1.03 * f;
        double lean = Math.asin(pitch / hull.perimeterMm());
        double x = -m.count("wraps") * pitch / 2;
        Vector3D first = bundle ? new Vector3D(x, (b + f) / 2, b / 2) : new Vector3D(x, 0, (b + f) / 2);
        Vector3D round = bundle ? Vector3D.PLUS_K : Vector3D.PLUS_J;
        Vector3D in = bundle ? Vector3D.MINUS_J : Vector3D.MINUS_K;
        WireMaker binding = m.wire(
                "binding",
                f,
                Frame.at(
                        first.scalarMultiply(1.001),
                        Vectors.sum(Math.cos(lean), round, Math.sin(lean), Vector3D.PLUS_I),
                        in));
        binding.step(Kind.BIND, "round the base");
        hull.wrap(binding, m.count("wraps"), pitch, bundle);
        m.done(binding.tail(15).end(EndState.TUCKED), 15, EndState.TUCKED);
    }
}
