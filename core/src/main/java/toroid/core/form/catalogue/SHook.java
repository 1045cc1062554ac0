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
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * An S of two sizes, each end filed or balled and flicked out.
 */
@AutoService(Form.class)
public final class SHook implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("s-hook", Family.CLASPS, "S-hook", "two hooks in one wire, for two rings", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("large", "large bend, inside", 5),
                Parameter.loop("small", "small bend, inside", 3.5),
                Parameter.length(
                        "shank", "shank", d -> 3 * d, d -> 0.5 * d, d -> 40 * d, "The straight between its two bends."),
                Parameter.choice("ends", "ends", "filed", "balled")
                        .because("Both smooth; balls are melted before bending."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("s hook", "s clasp", "s-clasp", "s hooks", "s-hooks", "shook");
    }

    @Override
    public void make(FormMaker m) {
        m.inTandem(half(m, -1, "small", "small bend"), half(m, 1, "large", "large bend"));
    }

    private static WireMaker half(FormMaker m, int way, String size, String part) {
        WireMaker wire = m.wire("hook", Loops.stem(0, 0, way, way)).leave("shank, from the middle", m.mm("shank") / 2);
        wire.port(part, m.mm(size), 215, Opening.MOUTH).step(Kind.FORM, part).bend(m.mm(size), 215);
        wire.step(Kind.BEND, part + ", flick").bend(m.d(), -45).straight(m.d());
        wire.tail(3).end(EndState.FILED);
        return m.is("ends", "balled") ? wire.tail(0).ballBefore(1.9 * m.d(), part) : wire;
    }
}
