package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.Family;
import toroid.core.form.Folds;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * A wire folded in half, hooked with both legs together, each leg ending in a loop: a hook twice as stiff.
 */
@AutoService(Form.class)
public final class HookDoubled implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("hook-doubled", Family.CLASPS, "hook, doubled wire", "a hook of doubled wire", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("hook", "hook, inside", 4),
                Parameter.length(
                        "leg", "leg", d -> 5 * d, d -> d, d -> 40 * d, "From the hook to its tip: under the shank."),
                Parameter.length(
                        "shank", "shank", d -> 12 * d, d -> 2 * d, d -> 60 * d, "A shorter shank cannot be gripped."),
                Parameter.loop("loop", "loops, inside", 2.5));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("doubled hook", "double hook", "double wire hook");
    }

    @Override
    public void make(FormMaker m) {
        m.inTandem(leg(m, -1), leg(m, 1));
    }

    private static WireMaker leg(FormMaker m, int side) {
        Frame start = new Frame(Vector3D.ZERO, new Vector3D(0, 0, side), Vector3D.PLUS_I);
        WireMaker wire = m.wire("hook", start).step(Kind.FOLD, "tip, at the middle");
        Folds.half(wire);
        wire.leave("leg", m.mm("leg")).together(Kind.FORM, "hook, both legs together");
        wire.towards(Vector3D.PLUS_J);
        if (side > 0) {
            Vector3D axis = wire.here().binormal();
            Vector3D between = wire.here().position();
            double out = (m.mm("hook") + m.d()) / 2;
            Vector3D middle = new Vector3D(between.getX(), between.getY() + out, 0);
            wire.port("hook, both legs together", middle, axis, m.mm("hook"), Opening.MOUTH);
        }
        wire.bend(m.mm("hook"), 180);
        wire.leave("shank", m.mm("shank")).towards(Vector3D.PLUS_J);
        Loops.offset(wire, m.mm("loop"), "loop");
        return wire;
    }
}
