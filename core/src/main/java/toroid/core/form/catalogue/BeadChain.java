package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.Beads;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * Bead links joined loop in loop, as rosaries are: every contact turns the next link a quarter turn.
 */
@AutoService(Form.class)
public final class BeadChain implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("bead-chain", Family.BEAD_LINKS, "bead chain", "bead links joined loop in loop", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.bead(6),
                Parameter.hole(),
                Parameter.choice("ends", "loops", "plain", "wrapped").because("Plain opens again; wrapped never does."),
                Parameter.loop("loop", "loops, inside", 2.8),
                Parameter.count("wraps", "wraps", 2, 1, 12, "Two or three.").when("ends=wrapped"),
                Parameter.count("links", "links", 3, 2, 40, "How many beads in a row."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("rosary", "rosary chain", "rosary link", "beaded chain", "bead chains");
    }

    @Override
    public void make(FormMaker m) {
        double pitch = pitchMm(m);
        for (int i = 0; i < m.count("links"); i++) {
            double x = i * pitch;
            Vector3D up = i % 2 == 0 ? Vector3D.PLUS_J : Vector3D.PLUS_K;
            Beads.along(m, x, m.mm("bead"), m.mm("hole"));
            String before = i == 0 ? Loops.NOTHING : "link " + i + "'s second loop";
            WireMaker left = half(m, i, new Frame(new Vector3D(x, 0, 0), Vector3D.MINUS_I, up));
            BeadLink.end(m, left, "ends", "first loop", before);
            left.does(Kind.THREAD, "bead");
            WireMaker right = half(m, i, new Frame(new Vector3D(x, 0, 0), Vector3D.PLUS_I, up.negate()));
            BeadLink.end(m, right, "ends", "second loop");
            m.secondEndLast(left, right);
        }
    }

    private static WireMaker half(FormMaker m, int link, Frame start) {
        return m.wire("link " + (link + 1), start).leave("through the bead", m.mm("bead") / 2);
    }

    /** From link to link, pulled taut: loops hang in each other wire to wire. */
    private static double pitchMm(FormMaker m) {
        double neck = m.is("ends", "wrapped") ? Loops.neckMm(m.d(), m.count("wraps")) : 0;
        double toMiddle = m.mm("bead") / 2 + neck + Loops.middleMm(m.mm("loop"), m.d());
        return 2 * toMiddle + m.mm("loop") - 0.06 * m.d();
    }
}
