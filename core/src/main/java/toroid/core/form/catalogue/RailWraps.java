package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.RailRows;

/**
 * Fine wire carried from rail to rail of a frame, two or three wraps on each, row by row, bare or with beads.
 */
@AutoService(Form.class)
public final class RailWraps implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("rail-wraps", Family.BOUND, "rail wraps", "rows of wire between two rails", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        var all = new ArrayList<Parameter>();
        all.add(Parameter.length("between", "between the rails", d -> 12, d -> 2 * d, d -> 80, "Measured inside."));
        all.addAll(RailRows.parameters());
        all.add(Parameter.count("rows", "rows", 6, 1, 60, "For more, weave in several lengths."));
        return all;
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("rails", "ladder wraps");
    }

    @Override
    public void make(FormMaker m) {
        double apart = m.mm("between") + m.d();
        var rows = new RailRows(m, apart);
        double along = m.count("rows") * rows.advanceMm() + 6;
        for (int side : new int[] {1, -1}) {
            m.done(
                    m.wire(side > 0 ? "upper rail" : "lower rail", Loops.stem(-3, side * apart / 2, 1, 1))
                            .leave("rail", along)
                            .end(EndState.FILED),
                    0,
                    EndState.FILED);
        }
        rows.weave(Loops.stem(0, 0, 1, 1), m.count("rows"), List.of("upper rail", "lower rail"));
    }
}
