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
import toroid.core.form.WireMaker;

/**
 * A stem with a loop at one end: for one bead, or as a link's half.
 */
@AutoService(Form.class)
public final class EyePin implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("eye-pin", Family.PINS, "eye pin", "a stem with a loop at its foot", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "loop, inside", 2.5),
                Parameter.through(),
                Parameter.fixed("stem", "stem", 30, 3, 200, "A stem shorter than a few millimetres cannot be held."),
                Parameter.choice("style", "loop stands", "over the stem", "beside the stem")
                        .because("Over hangs straight; beside lies flat on a frame."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("eye", "eyepin", "eye pins", "eyepins");
    }

    @Override
    public void make(FormMaker m) {
        Loops.checkThrough(m, m.mm("loop"));
        WireMaker pin = m.wire("pin", Loops.stem(0, 0, 1, 1)).leave("stem", m.mm("stem"));
        if (m.is("style", "over the stem")) {
            Loops.plain(pin, m.mm("loop"), "loop");
        } else {
            Loops.offset(pin, m.mm("loop"), "loop");
        }
        m.done(pin, 0, EndState.FILED);
    }
}
