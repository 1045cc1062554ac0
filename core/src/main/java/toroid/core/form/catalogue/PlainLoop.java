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
 * A plain loop on a stem: tipped back at its foot, turned over so that it stands on the stem's line, or left beside the stem. It
 * opens sideways like a ring.
 */
@AutoService(Form.class)
public final class PlainLoop implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("plain-loop", Family.LOOPS, "plain loop", "an eye that opens sideways", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "loop, inside", 2.5),
                Parameter.through(),
                Parameter.choice("style", "loop stands", "over the stem", "beside the stem")
                        .because("Over hangs straight; beside lies flat on a frame."),
                Parameter.fixed("stem", "stem", 8, 1, 200, "The straight part it grows from."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("loop", "plain", "simple loop", "plain loops", "bail", "eye loop", "turned loop");
    }

    @Override
    public void make(FormMaker m) {
        Loops.checkThrough(m, m.mm("loop"));
        WireMaker wire = m.wire("loop", Loops.stem(0, 0, 1, 1)).leave("stem", m.mm("stem"));
        if (m.is("style", "over the stem")) {
            Loops.plain(wire, m.mm("loop"), "loop");
        } else {
            Loops.offset(wire, m.mm("loop"), "loop");
        }
        m.done(wire, 0, EndState.FLUSH);
    }
}
