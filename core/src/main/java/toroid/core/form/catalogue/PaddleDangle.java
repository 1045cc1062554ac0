package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Flat;
import toroid.core.form.Flats;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

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
                Flats.thickness("hammered to, at its end"),
                Flats.lengthens(),
                Parameter.loop("loop", "loop, inside", 2.2));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("paddle", "paddles", "hammered dangle");
    }

    @Override
    public void make(FormMaker m) {
        double half = m.mm("long") / 2;
        var blow = new Flat.Blow(m.mm("thick"), m.d(), Math.PI / 2, 0, Flats.share(m));
        WireMaker dangle = m.wire("dangle", Loops.stem(0, 0, 1, 1)).flat(half, blow);
        dangle.leave("stem", half).hammer("paddle, from the middle to the end");
        Loops.plain(dangle, m.mm("loop"), "loop");
        Flats.tell(m, dangle, half, blow, 1);
        m.done(dangle, 0, EndState.HAMMERED);
    }
}
