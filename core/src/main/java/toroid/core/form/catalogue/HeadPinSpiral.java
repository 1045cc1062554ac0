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
 * A stem whose foot is curled to a small flat spiral.
 */
@AutoService(Form.class)
public final class HeadPinSpiral implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "head-pin-spiral", Family.PINS, "head pin, spiral", "a stem that stops a bead with a spiral", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.fixed("stem", "stem", 40, 3, 200, "A stem shorter than a few millimetres cannot be held."),
                Parameter.length("turns", "turns", d -> 1.5, d -> 0.75, d -> 6, "Count turns to make equal spirals."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("spiral head pin", "spiral pin");
    }

    @Override
    public void make(FormMaker m) {
        WireMaker pin = m.wire("pin", Loops.stem(0, 0, 1, 1)).leave("stem", m.mm("stem"));
        Spirals.centred(pin, Spirals.ofTurns(m.d(), m.mm("turns"), m.d()), "spiral");
        m.done(pin, 0, EndState.FILED);
    }
}
