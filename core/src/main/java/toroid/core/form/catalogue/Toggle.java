package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * A bar and a ring. The bar must pass through the ring on end and not fall back through it: about one and a half times the ring's
 * inside (common practice), and what follows it must pass beside it.
 */
@AutoService(Form.class)
public final class Toggle implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("toggle", Family.CLASPS, "toggle", "a bar and a ring", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("ring", "ring, inside", 9),
                Parameter.length(
                        "bar",
                        "bar, long",
                        d -> Math.round(13.5 * d),
                        d -> 6 * d,
                        d -> 60 * d,
                        "About one and a half rings."),
                Parameter.loop("loop", "loops, inside", 2.2));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("toggle clasp", "toggles", "bar and ring", "t bar", "t-bar");
    }

    @Override
    public List<String> halves() {
        return List.of("ring", "bar");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double ring = m.mm("ring");
        if (m.mm("bar") < 1.2 * ring) {
            m.care(NoteCode.TOGGLE_FALLS_THROUGH, Map.of("barMm", m.mm("bar"), "ringMm", ring, "betterMm", 1.5 * ring));
        }
        double follows = m.mm("loop") + 3 * d;
        if (follows > ring) {
            m.note(new Note(
                    NoteCode.TOGGLE_DOES_NOT_PASS, Note.Severity.STOP, Map.of("needsMm", follows, "ringMm", ring)));
        }
        m.inTandem(arm(m, -1), arm(m, 1));
        ring(m, ring);
    }

    /** From the top of the bar's middle loop, going that way, out to the bar's end. */
    private static WireMaker arm(FormMaker m, int way) {
        Vector3D top = new Vector3D(0, m.mm("loop") + m.d(), 0);
        WireMaker wire = Loops.halfMidwire(m, "bar", top, way, m.mm("loop"));
        wire.leave("arm", m.mm("bar") / 2);
        return wire.tail(2).end(EndState.FILED);
    }

    private static void ring(FormMaker m, double inside) {
        double d = m.d();
        double y = -(inside + 4 * d);
        WireMaker ring = m.wire("ring", new Frame(new Vector3D(0, y, 0), Vector3D.PLUS_I, Vector3D.PLUS_J));
        double gap = Math.toDegrees(2 * Math.asin(0.75 * d / ((inside + d) / 2)));
        ring.port("ring", inside, 1, Opening.ON_END).step(Kind.FORM, "ring").bend(inside, 360 - gap);
        ring.step(Kind.BEND, "turned out").crisp(-90).straight(0.3 * d);
        Loops.plain(ring, m.mm("loop"), "loop outside the ring");
        m.done(ring, 3, EndState.FILED);
    }
}
