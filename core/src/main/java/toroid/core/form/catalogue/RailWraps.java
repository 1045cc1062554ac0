package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
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
 * Fine wire carried from rail to rail of a frame, two or three wraps on each, row by row.
 */
@AutoService(Form.class)
public final class RailWraps implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("rail-wraps", Family.BOUND, "rail wraps", "rows of wire between two rails", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length("between", "between the rails", d -> 12, d -> 2 * d, d -> 80, "Measured inside."),
                Parameter.length("fine", "weaving wire", d -> 0.4, d -> 0.15, d -> d, "0.3 to 0.5 mm is usual."),
                Parameter.count("wraps", "wraps on each rail", 2, 1, 6, "Two or three."),
                Parameter.count("rows", "rows", 6, 1, 60, "For more, weave in several lengths."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("rails", "ladder wraps");
    }

    @Override
    public void make(FormMaker m) {
        double f = m.mm("fine");
        double apart = m.mm("between") + m.d();
        int n = m.count("wraps");
        double advance = 2 * (n + 0.5) * 1.05 * f;
        double along = m.count("rows") * advance / 2 + 6;
        for (int side : new int[] {1, -1}) {
            m.done(
                    m.wire(side > 0 ? "upper rail" : "lower rail", Loops.stem(-3, side * apart / 2, 1, 1))
                            .leave("rail", along)
                            .end(EndState.FILED),
                    0,
                    EndState.FILED);
        }
        double r = (m.d() + f) / 2 * 1.005;
        WireMaker weave = m.wire(
                "weaving", f, new Frame(new Vector3D(0, apart / 2 - 8 * f, r), Vector3D.PLUS_J, Vector3D.MINUS_K));
        for (int i = 0; i < m.count("rows"); i++) {
            int side = i % 2 == 0 ? 1 : -1;
            weave.step(Kind.BIND, "row " + (i + 1) + ", " + (side > 0 ? "upper" : "lower") + " rail");
            Frame axis =
                    new Frame(new Vector3D(i * advance / 2, side * apart / 2, 0), Vector3D.PLUS_I, Vector3D.PLUS_K);
            weave.wrap(new CoilSize(r, 1.05 * f, n + 0.5, side < 0), axis);
        }
        m.done(weave.tail(20).end(EndState.TUCKED), 20, EndState.TUCKED);
    }
}
