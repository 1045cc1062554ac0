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
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;

/**
 * A teardrop loop, its legs soldered side by side, the doubled tail curled to take the next link.
 */
@AutoService(Form.class)
public final class TeardropLink implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "teardrop-link",
                Family.FRAMES,
                "teardrop link",
                "a soldered drop whose doubled tail hooks the next",
                1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("drop", "drop, inside", 6),
                Parameter.length(
                        "tail",
                        "doubled tail",
                        d -> 8 * d,
                        d -> 2 * d,
                        d -> 40 * d,
                        "Long enough to curl through the next."),
                Parameter.loop("curl", "curled over", 3));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("teardrop", "loop in loop", "tear drop", "drop link");
    }

    @Override
    public void make(FormMaker m) {
        m.inTandem(leg(m, -1), leg(m, 1));
        m.doesBefore("doubled tail, curled", Kind.SOLDER, "legs, side by side");
    }

    private static final double LEAN = Math.toRadians(25);

    private static WireMaker leg(FormMaker m, int way) {
        double d = m.d();
        double rho = (m.mm("drop") + d) / 2;
        double foot = 1.5 * d;
        double straight = (rho * Math.cos(LEAN) - foot * (1 - Math.cos(LEAN)) - 0.52 * d) / Math.sin(LEAN);
        if (straight < 0) {
            throw Refusal.outOfRange(
                    "drop", m.mm("drop"), 3 * d, 40 * d, "mm", "A smaller drop has no room for its legs.");
        }
        WireMaker wire = m.wire("link", new Frame(Vector3D.ZERO, new Vector3D(way, 0, 0), Vector3D.MINUS_J));
        wire.step(Kind.FORM, "drop, from the middle").bend(m.mm("drop"), 90 + Math.toDegrees(LEAN));
        wire.leave("leg", straight).step(Kind.BEND, "foot of the drop").bend(2 * foot - d, -Math.toDegrees(LEAN));
        wire.leave("doubled tail", m.mm("tail"));
        wire.step(Kind.LOOP, "doubled tail, curled").towards(Vector3D.PLUS_K).bend(m.mm("curl"), 220);
        return wire.tail(2).end(EndState.FILED);
    }
}
