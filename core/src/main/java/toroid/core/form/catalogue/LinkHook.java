package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.quantity.NoteCode;

/**
 * The last link of a chain turned up as a hook: a loop in the link before, a long link, its end turned over.
 */
@AutoService(Form.class)
public final class LinkHook implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "link-hook", Family.CLASPS, "last link, turned up", "a chain's own last link made its hook", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("link", "link, inside", 3),
                Parameter.length(
                        "long", "link, long", d -> 14 * d, d -> 5 * d, d -> 60 * d, "From end to end, along one side."),
                Parameter.loop("hook", "turned up over", 3));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("link clasp", "turned up link", "hook link");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        m.secondEndLast(side(m, -1), side(m, 1));
        m.does(Kind.SOLDER, "where the ends meet");
        if (m.mm("long") < Math.PI * (m.mm("hook") + d) / 2 + 2 * d) {
            m.care(
                    NoteCode.LINK_TOO_SHORT,
                    Map.of("longMm", m.mm("long"), "neededMm", Math.PI * (m.mm("hook") + d) / 2 + 2 * d));
        }
    }

    /** From the hook's tip along one side to the middle of the far end, where both meet. */
    private static WireMaker side(FormMaker m, int way) {
        double d = m.d();
        WireMaker wire = m.wire("link", new Frame(Vector3D.ZERO, new Vector3D(0, way, 0), Vector3D.PLUS_I));
        wire.step(Kind.LOOP, "tip of the link").bend(m.mm("link"), 90);
        wire.step(Kind.FORM, "turned up").towards(Vector3D.PLUS_K).straight(d);
        if (way > 0) {
            Vector3D here = wire.here().position();
            double out = (m.mm("hook") + d) / 2;
            Vector3D middle = new Vector3D(here.getX(), 0, here.getZ() + out);
            wire.port("turned up", middle, wire.here().binormal(), m.mm("hook"), Opening.MOUTH);
        }
        wire.bend(m.mm("hook"), 170);
        double rest = m.mm("long") - d - Math.toRadians(170) * (m.mm("hook") + d) / 2;
        wire.leave("side", Math.max(0.1, rest)).towards(new Vector3D(0, -way, 0));
        wire.step(Kind.LOOP, "foot of the link");
        // in a short wide link the tip that is turned up lies over its foot
        if (way > 0 && rest > m.mm("link") + 2 * d) {
            Vector3D here = wire.here().position();
            Vector3D middle = new Vector3D(here.getX(), 0, here.getZ());
            // what it hangs in goes on before its ends are soldered
            wire.port("foot", middle, wire.here().binormal(), m.mm("link"), Opening.WHILE_MADE);
        }
        wire.bend(m.mm("link"), 90 - Math.toDegrees(0.02));
        return wire.end(EndState.FILED).tail(1);
    }
}
