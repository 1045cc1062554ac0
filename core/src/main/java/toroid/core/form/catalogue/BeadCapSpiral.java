package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.DomedSpiral;
import toroid.core.bend.program.SpiralRun;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Parameter;
import toroid.core.form.Solid;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A flat spiral domed over a jaw and slipped on with its hollow to the bead.
 */
@AutoService(Form.class)
public final class BeadCapSpiral implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "bead-cap-spiral", Family.BEAD_CAPS, "bead cap, domed spiral", "a spiral domed to sit on a bead", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.bead(10),
                Parameter.hole(),
                Parameter.angle(
                        "cover",
                        "covers, from the hole",
                        55,
                        15,
                        90,
                        "How far down the bead it reaches; 90° is the equator."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("bead cap", "cap", "spiral bead cap");
    }

    @Override
    public void make(FormMaker m) {
        double ball = (m.mm("bead") + m.d()) / 2;
        double first = Math.asin(Math.min(0.9, (m.mm("hole") + m.d()) / 2 / ball));
        double last = Math.toRadians(m.degrees("cover"));
        if (last < first + 2 * m.d() / ball) {
            throw Refusal.outOfRange(
                    "cover",
                    m.degrees("cover"),
                    Math.toDegrees(first + 2 * m.d() / ball),
                    90,
                    Unit.DEGREES,
                    Remedy.TWO_ROWS_MAKE_A_CAP);
        }
        var spiral = new DomedSpiral(ball, first, last, m.d());
        m.solid(new Solid(Solid.Kind.BEAD, Vector3D.ZERO, Vector3D.PLUS_K, m.mm("bead"), m.mm("bead"), m.mm("hole")));
        WireMaker cap =
                m.wire("cap", spiral.at(0)).step(Kind.SPIRAL, "flat spiral").run(SpiralRun.of(spiral));
        cap.does(Kind.DOME, "over a round jaw").tail(5).end(EndState.FILED);
        m.done(cap, 4, EndState.FILED);
    }
}
