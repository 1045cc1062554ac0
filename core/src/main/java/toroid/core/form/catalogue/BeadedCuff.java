package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.BowRow;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.StackItem;
import toroid.core.form.WireMaker;

/**
 * A cuff that carries beads on its bow: formed from its middle, one end curled, the beads slid on, the other end curled (common practice: a bead is on a cuff
 * before its ends are).
 */
@AutoService(Form.class)
public final class BeadedCuff implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("beaded-cuff", Family.BEAD_LINKS, "beaded cuff", "a cuff with beads on its bow", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "inside", "inside", d -> 14, d -> 6 * d, d -> 90, "An ear takes {9..12}, a wrist {50..65}."),
                Parameter.length(
                        "gap", "gap", d -> 4, d -> 1, d -> 60, "It slips on sideways, then is pressed to fit."),
                Parameter.loop("curl", "curled ends, inside", 2),
                Parameter.stack("row", "on the bow", "Side by side about the top of the bow; beads and spacers."));
    }

    @Override
    public List<StackItem> usualStack() {
        return List.of(StackItem.bead(3, 3, 1.3), StackItem.bead(5, 5, 1.6), StackItem.bead(3, 3, 1.3));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("bead cuff", "cuff with beads", "beaded ear cuff", "beaded bracelet cuff");
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
        WireMaker first = half(m, -1, "first");
        WireMaker second = half(m, 1, "second");
        BowRow.threadBetween(m, first, second, "first end, curled outward", "second end, curled outward");
        new BowRow(m, Vector3D.ZERO, bow(m)).lay(m.stack("row"), Math.PI - open(m));
    }

    private static double bow(FormMaker m) {
        return (m.mm("inside") + m.d()) / 2;
    }

    private static double open(FormMaker m) {
        return Math.asin(Math.min(1, (m.mm("gap") + m.d()) / 2 / bow(m)));
    }

    private static WireMaker half(FormMaker m, int way, String which) {
        double radius = bow(m);
        WireMaker wire =
                m.wire("cuff", new Frame(new Vector3D(0, radius, 0), new Vector3D(way, 0, 0), Vector3D.MINUS_J));
        wire.step(Kind.FORM, which + " half, from the middle").bend(m.mm("inside"), 180 - Math.toDegrees(open(m)));
        wire.port(which + " end, curled outward", m.mm("curl"), -250, Opening.SIDEWAYS);
        wire.step(Kind.LOOP, which + " end, curled outward").bend(m.mm("curl"), -250);
        return wire.tail(2).end(EndState.FILED);
    }
}
