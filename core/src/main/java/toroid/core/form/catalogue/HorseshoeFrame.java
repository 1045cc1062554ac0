package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Formers;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * A frame bent on a cylinder, with a loop at mid-length and one at each end.
 */
@AutoService(Form.class)
public final class HorseshoeFrame implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "horseshoe-frame", Family.FRAMES, "horseshoe frame", "a drop's frame with three loops", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "former",
                        "cylinder",
                        d -> 20,
                        d -> 6 * d,
                        d -> 120,
                        "The cylinder itself: what springs off it is said."),
                Parameter.angle("arc", "each side bent by", 140, 30, 165, "180° would bring the two ends together."),
                Parameter.loop("middle", "middle loop, inside", 2.5),
                Parameter.loop("ends", "end loops, inside", 2.2));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("horseshoe", "hoop frame", "frame");
    }

    @Override
    public String on() {
        return "former";
    }

    @Override
    public void make(FormMaker m) {
        double inside = Formers.sprungMm(m, "former");
        m.inTandem(half(m, inside, -1), half(m, inside, 1));
    }

    /** From the top of the middle loop: half the loop, crossing, then its side of the frame. */
    private static WireMaker half(FormMaker m, double insideMm, int way) {
        double d = m.d();
        WireMaker wire = Loops.halfMidwire(m, "frame", Vector3D.ZERO, way, m.mm("middle"));
        wire.step(Kind.FORM, "side, on the cylinder").onRod(m.mm("former"));
        wire.roll(180).bend(insideMm, m.degrees("arc"));
        wire.roll(180);
        Loops.offset(wire, m.mm("ends"), "end loop");
        return wire;
    }
}
