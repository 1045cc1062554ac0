package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.DomedSpiral;
import toroid.core.form.Beads;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

/**
 * Wire wrapped over the bead itself in rows that widen from the hole, from the loop or below a wrapped neck, both ends alike.
 * Row j is about {@code 2π(R + d/2) sin(j d/(R + d/2))}.
 */
@AutoService(Form.class)
public final class BeadCapWrapped implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "bead-cap-wrapped",
                Family.BEAD_CAPS,
                "bead cap, wrapped",
                "a bead link whose tails cap the bead in rows",
                0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.bead(8),
                Parameter.hole(),
                Parameter.choice("begins", "rows begin", "below a wrapped neck", "at the loop")
                        .because("A neck keeps the loop clear of the cap."),
                Parameter.loop("loop", "loops, inside", 2.8),
                Parameter.count("wraps", "wraps on the neck", 2, 1, 8, "Two or three.")
                        .when("begins=below a wrapped neck"),
                Parameter.length(
                        "rows", "rows on the bead", d -> 3, d -> 1, d -> 12, "Rows end before the bead's equator."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("wrapped bead cap", "wire bead cap", "messy cap");
    }

    @Override
    public void make(FormMaker m) {
        Beads.along(m, 0, m.mm("bead"), m.mm("hole"));
        m.does(Kind.THREAD, "bead, to the middle mark");
        m.inTandem(half(m, -1, "first"), half(m, 1, "second"));
    }

    private static WireMaker half(FormMaker m, int way, String name) {
        double d = m.d();
        double ball = (m.mm("bead") + d) / 2 + 0.02 * d;
        double first = Math.asin(Math.min(0.9, 1.25 * d / ball));
        double last = first + m.mm("rows") * d / ball;
        if (last > Math.PI / 2) {
            throw Refusal.outOfRange(
                    "rows",
                    m.mm("rows"),
                    1,
                    (Math.PI / 2 - first) * ball / d,
                    Unit.ROWS,
                    Remedy.MORE_ROWS_SLIP_OFF_THE_BEAD);
        }
        WireMaker wire = m.wire("link", Loops.stem(0, 0, way, way)).leave("through the bead", m.mm("bead") / 2);
        int wraps = m.is("begins", "at the loop") ? 1 : m.count("wraps");
        Loops.wrappedOn(wire, m.mm("loop"), wraps, (wraps + 1.1) * d, name + " loop", Loops.NOTHING);
        wire.step(Kind.BIND, name + " end, rows on the bead");
        Vector3D pole = new Vector3D(way, 0, 0);
        Vector3D here = wire.here().position();
        Vector3D side = new Vector3D(0, here.getY(), here.getZ()).normalize();
        Vector3D on = wire.here().tangent();
        Vector3D ahead = new Vector3D(0, on.getY(), on.getZ()).normalize();
        boolean anticlockwise = Vectors.dot(Vectors.cross(pole, side), ahead) > 0;
        Vector3D begin = Vectors.sum(Math.cos(0.9), side, Math.sin(0.9), ahead).normalize();
        wire.dome(new DomedSpiral(ball, first, last, d), Vector3D.ZERO, pole, begin, anticlockwise);
        return wire.tail(12).end(EndState.TUCKED);
    }
}
