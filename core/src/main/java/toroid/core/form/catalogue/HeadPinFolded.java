package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Folds;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * A stem whose foot is folded back on itself to stop a bead.
 */
@AutoService(Form.class)
public final class HeadPinFolded implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "head-pin-folded", Family.PINS, "head pin, folded", "a stem that stops a bead with a fold", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.fixed("stem", "stem", 40, 3, 200, "A stem shorter than a few millimetres cannot be held."),
                Parameter.length(
                        "fold", "folded back", d -> 2.2 * d, d -> d, d -> 8 * d, "A shorter fold slips open."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("head pin", "headpin", "head pins", "headpins", "folded head pin");
    }

    @Override
    public void make(FormMaker m) {
        WireMaker pin = m.wire("pin", Loops.stem(0, 0, 1, 1)).leave("stem", m.mm("stem"));
        Folds.back(pin, m.mm("fold"));
        m.done(pin, 0, EndState.FILED);
    }
}
