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

/**
 * A stem whose foot is melted to a ball. Copper, silver and gold ball; brass and coated wire do not ball well.
 */
@AutoService(Form.class)
public final class HeadPinBalled implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "head-pin-balled", Family.PINS, "head pin, balled", "a stem that stops a bead with a ball", 0.6);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.fixed("stem", "stem", 40, 3, 200, "A stem shorter than a few millimetres cannot be held."),
                Parameter.length("ball", "ball", d -> 2.2 * d, d -> 1.2 * d, d -> 3.5 * d, "A larger ball drops off."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("ball pin", "balled pin", "ball head pin", "balled head pin", "ball pins");
    }

    @Override
    public void make(FormMaker m) {
        m.done(m.wire("pin", Loops.stem(0, 0, 1, 1)).leave("stem", m.mm("stem")).ball(m.mm("ball")), 0, EndState.FILED);
    }
}
