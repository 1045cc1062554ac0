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
import toroid.core.form.WingPairs;

/**
 * Two pairs of wings from one wire about a middle loop, the second below the first; both tails cross over the front and are wrapped about the
 * stem between the pairs, one upward, one downward.
 */
@AutoService(Form.class)
public final class WingedLink implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "winged-link", Family.OUTLINES, "winged link", "two pairs of wings about a middle loop", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return WingPairs.parameters();
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("winged", "dragonfly", "butterfly", "two pairs of wings", "angel");
    }

    @Override
    public void make(FormMaker m) {
        new WingPairs(m, "wings")
                .make((wire, which) -> wire.tail(Loops.wrappedTail(m.d())).end(EndState.TUCKED));
    }
}
