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
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * A cuff hooked on from the ear's edge: an arc with a gap, its ends curled outward. About 30 mm of 1 mm wire between two loop
 * allowances of 10 mm fits an average ear (common practice); it is fitted by trying.
 */
@AutoService(Form.class)
public final class EarCuff implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("ear-cuff", Family.EAR_FINDINGS, "ear cuff", "hooked on the ear's edge, no hole", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.fixed("inside", "inside", 10, 6, 18, "Fit by trying: {9..12} is usual."),
                Parameter.fixed("gap", "gap", 3.5, 1, 9, "It slips on sideways, then is pressed to fit."),
                Parameter.loop("curl", "curled ends, inside", 2));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("cuff", "ear cuffs", "helix cuff");
    }

    @Override
    public String on() {
        return "inside";
    }

    @Override
    public boolean isCuff() {
        return true;
    }

    @Override
    public void make(FormMaker m) {
        m.inTandem(half(m, -1), half(m, 1));
    }

    private static WireMaker half(FormMaker m, int way) {
        double d = m.d();
        double radius = (m.mm("inside") + d) / 2;
        double open = Math.toDegrees(Math.asin(Math.min(1, (m.mm("gap") + d) / 2 / radius)));
        WireMaker wire =
                m.wire("cuff", new Frame(new Vector3D(0, radius, 0), new Vector3D(way, 0, 0), Vector3D.MINUS_J));
        wire.step(Kind.FORM, "cuff, from the middle").bend(m.mm("inside"), 180 - open);
        wire.port("end, curled outward", m.mm("curl"), -250, Opening.SIDEWAYS);
        wire.step(Kind.LOOP, "end, curled outward").bend(m.mm("curl"), -250);
        return wire.tail(2).end(EndState.FILED);
    }
}
