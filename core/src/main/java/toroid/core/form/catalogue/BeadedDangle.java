package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.Beads;
import toroid.core.form.Family;
import toroid.core.form.Folds;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * A bead on a head pin, closed with a loop above it.
 */
@AutoService(Form.class)
public final class BeadedDangle implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("beaded-dangle", Family.PINS, "beaded dangle", "one bead to hang from a ring or loop", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.bead(8),
                Parameter.hole(),
                Parameter.choice("head", "head", "folded", "balled").because("A ball takes a torch: before the bead."),
                Parameter.choice("top", "loop", "plain", "wrapped").because("Plain opens again; wrapped never does."),
                Parameter.loop("loop", "loop, inside", 2.5),
                Parameter.through(),
                Parameter.count("wraps", "wraps", 3, 1, 12, "Three is the habit.")
                        .when("top=wrapped"));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("dangle", "drop", "bead drop", "pearl drop", "charm", "dangles");
    }

    @Override
    public void make(FormMaker m) {
        Loops.checkThrough(m, m.mm("loop"));
        double half = m.mm("bead") / 2;
        Beads.along(m, 0, m.mm("bead"), m.mm("hole"));
        WireMaker foot = m.wire("pin", Loops.stem(0, 0, -1, 1));
        if (m.is("head", "folded")) {
            foot.leave("through the bead", half);
            Folds.head(foot);
        } else {
            foot.leave("through the bead", half).ball(Math.max(1.3 * m.mm("hole"), 2 * m.d()));
        }
        foot.does(Kind.THREAD, "bead");
        WireMaker top = m.wire("pin", Loops.stem(0, 0, 1, 1)).leave("through the bead", half);
        BeadLink.end(m, top, "top", "loop");
        m.secondEndLast(foot, top);
    }
}
