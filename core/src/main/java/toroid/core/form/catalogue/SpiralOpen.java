package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.Spirals;
import toroid.core.form.WireMaker;

/**
 * A spiral with daylight between its rows.
 */
@AutoService(Form.class)
public final class SpiralOpen implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "spiral-open", Family.SPIRALS, "open spiral", "a spiral with daylight between its rows", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "width",
                        "across",
                        d -> 14 * d,
                        d -> 5 * d,
                        d -> 120 * d,
                        "The spiral's own width; narrower is a loop."),
                Parameter.length(
                        "spacing",
                        "from row to row",
                        d -> 1.8 * d,
                        d -> 1.05 * d,
                        d -> 12 * d,
                        "Closer it is a closed spiral."),
                Parameter.fixed("stem", "stem", 10, 0.5, 200, "For the loop or ear wire it becomes."),
                Parameter.fixed(
                        "bead", "bead it lies on, 0 for none", 0, 0, 60, "A spiral should not reach past its bead."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("open", "open scroll");
    }

    @Override
    public String to() {
        return "width";
    }

    @Override
    public void make(FormMaker m) {
        Spirals.checkAgainstBead(m, m.mm("width"), m.mm("bead"));
        WireMaker wire = m.wire("spiral", Loops.stem(0, 0, 1, 1)).leave("stem", m.mm("stem"));
        Spirals.inward(wire, Spirals.ofWidth(m.d(), m.mm("width"), m.mm("spacing")), "spiral");
        m.done(wire, 0, EndState.FLUSH);
    }
}
