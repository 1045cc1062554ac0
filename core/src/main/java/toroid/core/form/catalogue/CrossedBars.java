package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Formers;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * Two curved bars crossed as one link: bowed over the same cylinder, the one lying on the other at their middles, a loop at each of the four
 * ends for the rings that hold them so (common practice: used crossed in pairs). Both bow alike, so the upper stays a wire above the lower
 * all along.
 */
@AutoService(Form.class)
public final class CrossedBars implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "crossed-bars", Family.FRAMES, "crossed bars", "two curved bars as one link, loops at four ends", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "long", "bars, along the bow", d -> 25, d -> 10 * d, d -> 150, "Longer bars bend in wear."),
                Parameter.length(
                        "former",
                        "bowed over",
                        d -> 40,
                        d -> 10 * d,
                        d -> 500,
                        "The cylinder itself: what springs off it is said."),
                Parameter.angle(
                        "crossed", "crossed at", 50, 20, 90, "90° is a cross; less lies closer along the chain."),
                Parameter.loop("loop", "loops, inside", 2.2));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("crossed bar link", "cross bars", "bars crossed");
    }

    /** The upper bar lies so many wires above the lower: touching. */
    private static final double ABOVE = 1.01;

    @Override
    public void make(FormMaker m) {
        double inside = Formers.sprungMm(m, "former");
        double half = Math.toRadians(m.degrees("crossed")) / 2;
        for (int bar = 0; bar < 2; bar++) {
            String name = bar == 0 ? "lower bar" : "upper bar";
            double turn = bar == 0 ? -half : half;
            WireMaker first = side(m, name, inside, turn, -1, bar * ABOVE * m.d());
            Loops.offset(first, m.mm("loop"), name + ", first loop");
            WireMaker second = side(m, name, inside, turn, 1, bar * ABOVE * m.d());
            Loops.offset(second, m.mm("loop"), name + ", second loop");
            m.inTandem(first, second);
        }
    }

    private static WireMaker side(FormMaker m, String name, double insideMm, double turn, int way, double up) {
        var along = new Vector3D(way * Math.cos(turn), 0, way * Math.sin(turn));
        var start = new Frame(new Vector3D(0, up, 0), along, Vector3D.MINUS_J);
        return CurvedBar.side(m, name, start, insideMm, name + ", bow, from the middle");
    }
}
