package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * A symmetric outline bent at marks measured from a middle loop, both sides one step at a time, so that they match.
 */
@AutoService(Form.class)
public final class Wing implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("wing", Family.OUTLINES, "wing outline", "a symmetric outline about a middle loop", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "middle loop, inside", 3),
                Parameter.length("upper", "upper edge", d -> 22, d -> 3 * d, d -> 150, "Measured from the middle."),
                Parameter.angle("raise", "raised by", 35, 0, 80, "How far the upper edge climbs from level."),
                Parameter.angle("tipAngle", "bent back at the tip", 130, 20, 165, "More folds the lower edge closer."),
                Parameter.length(
                        "tip",
                        "tip, inside",
                        d -> 3 * d,
                        d -> 0.5 * d,
                        d -> 40 * d,
                        "Round on a jaw, or crisp and small."),
                Parameter.length("lower", "lower edge", d -> 15, d -> 3 * d, d -> 150, "From tip to end loop."),
                Parameter.loop("end", "end loops, inside", 2.3));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("wing", "wings", "butterfly wing", "leaf");
    }

    @Override
    public void make(FormMaker m) {
        m.inTandem(half(m, -1), half(m, 1));
    }

    private static WireMaker half(FormMaker m, int way) {
        double d = m.d();
        WireMaker wire = Loops.halfMidwire(m, "wing", Vector3D.ZERO, way, m.mm("loop"));
        wire.step(Kind.BEND, "raised").bend(d, -m.degrees("raise"));
        wire.leave("upper edge", m.mm("upper")).step(Kind.BEND, "tip").towards(Vector3D.MINUS_J);
        wire.bend(m.mm("tip"), m.degrees("tipAngle"))
                .leave("lower edge", m.mm("lower"))
                .roll(180);
        Loops.offset(wire, m.mm("end"), "end loop");
        return wire;
    }
}
