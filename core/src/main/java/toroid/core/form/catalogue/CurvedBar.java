package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.BowRow;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Formers;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.Stack;
import toroid.core.form.StackItem;
import toroid.core.form.WireMaker;

/**
 * A curved bar with a loop at both ends, used crossed in pairs or as a chain's link; it may carry beads on its bow.
 */
@AutoService(Form.class)
public final class CurvedBar implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("curved-bar", Family.FRAMES, "curved bar", "a bowed link with a loop at both ends", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "long", "bar, along the bow", d -> 25, d -> 6 * d, d -> 150, "Longer bars bend in wear."),
                Parameter.length(
                        "former",
                        "bowed over",
                        d -> 40,
                        d -> 8 * d,
                        d -> 500,
                        "The cylinder itself: what springs off it is said."),
                Parameter.loop("loop", "loops, inside", 2.2),
                Parameter.choice("sides", "loops on", "the same side", "opposite sides")
                        .because("Which way each end turns out of the bow."),
                Parameter.angle(
                        "turned",
                        "second loop turned by",
                        0,
                        0,
                        180,
                        "0° lie in the bar's plane; 90° stand square to it."),
                Stack.choice("nothing").because("Beads and spacers sit on its bow."),
                Stack.counts("Side by side about the middle of the bow; beads and spacers."));
    }

    @Override
    public List<StackItem> usualStack() {
        return List.of(StackItem.bead(4, 4, 1.7), StackItem.bead(6, 6, 1.7), StackItem.bead(4, 4, 1.7));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("bar", "curved link", "bar link");
    }

    @Override
    public void make(FormMaker m) {
        double inside = Formers.sprungMm(m, "former");
        WireMaker first = side(m, "bar", start(-1), inside, BOW);
        Loops.offset(first, m.mm("loop"), "first loop");
        WireMaker second = side(m, "bar", start(1), inside, BOW);
        second.roll(m.degrees("turned") + (m.is("sides", "opposite sides") ? 180 : 0));
        Loops.offset(second, m.mm("loop"), "second loop");
        if (!Stack.chosen(m)) {
            m.inTandem(first, second);
            return;
        }
        BowRow.threadBetween(m, first, second, "first loop", "second loop");
        double radius = (inside + m.d()) / 2;
        new BowRow(m, new Vector3D(0, -radius, 0), radius).lay(m.stack("row"), m.mm("long") / 2 / radius);
    }

    private static final String BOW = "bow, from the middle";

    private static Frame start(int way) {
        return new Frame(Vector3D.ZERO, new Vector3D(way, 0, 0), Vector3D.MINUS_J);
    }

    /** Half a bar from its middle, bowed over parameter {@code former}, {@code long} the whole; the loop's side up when it is done. */
    static WireMaker side(FormMaker m, String name, Frame start, double insideMm, String part) {
        double radius = (insideMm + m.d()) / 2;
        double angle = Math.toDegrees(m.mm("long") / 2 / radius);
        return m.wire(name, start)
                .step(Kind.FORM, part)
                .onRod(m.mm("former"))
                .bend(insideMm, angle)
                .roll(180);
    }
}
