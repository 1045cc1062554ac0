package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
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
 * A loop in mid-wire that crosses over itself, both tails going on.
 */
@AutoService(Form.class)
public final class MidwireLoop implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("midwire-loop", Family.LOOPS, "mid-wire loop", "a loop between two arms", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "loop, inside", 2.8),
                Parameter.fixed("arm", "each arm", 15, 2, 300, "What is left to work on with, each side."),
                Parameter.angle("between", "arms bent down by", 0, 0, 80, "0° goes straight on; more makes a peak."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("midwire", "mid wire loop", "midwire loop", "middle loop");
    }

    @Override
    public void make(FormMaker m) {
        m.inTandem(arm(m, -1), arm(m, 1));
    }

    private static WireMaker arm(FormMaker m, int way) {
        double d = m.d();
        WireMaker wire = Loops.halfMidwire(m, "loop", Vector3D.ZERO, way, m.mm("loop"));
        if (m.degrees("between") > 0) {
            wire.step(Kind.BEND, "arm, bent down").bend(d, -m.degrees("between"));
        }
        return wire.leave("arm", m.mm("arm")).tail(2).end(EndState.FILED);
    }
}
