package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Flat;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.quantity.Note;

/**
 * A dangle hammered from its middle to its end, then looped at the other; the loop stands square to the flat so that it shows.
 */
@AutoService(Form.class)
public final class PaddleDangle implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("paddle-dangle", Family.FRAMES, "paddle dangle", "a hammered drop with a loop", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length("long", "below the loop", d -> 22, d -> 6, d -> 120, "Shorter it cannot be hammered."),
                Parameter.length(
                        "thick",
                        "hammered to, at its end",
                        d -> Math.round(4.0 * d) / 10.0,
                        d -> 0.2,
                        d -> d,
                        "Thinner it cracks: anneal often."),
                Parameter.loop("loop", "loop, inside", 2.2));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("paddle", "paddles", "hammered dangle");
    }

    @Override
    public void make(FormMaker m) {
        double thick = m.mm("thick");
        m.note(Note.info("paddle-is-wide", Map.of("wideMm", Flat.widthMm(m.d(), thick), "thickMm", thick)));
        WireMaker dangle =
                m.wire("dangle", Loops.stem(0, 0, 1, 1)).flat("paddle", m.mm("long") / 2, thick, m.d(), 90, 0);
        dangle.leave("stem", m.mm("long") / 2).does(Kind.HAMMER, "paddle, from the middle to the end");
        Loops.plain(dangle, m.mm("loop"), "loop");
        m.done(dangle, 0, EndState.HAMMERED);
    }
}
