package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import toroid.core.form.Ends;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.Stack;
import toroid.core.form.StackItem;
import toroid.core.form.WireMaker;

/**
 * A bead or a row on a head pin, closed with a loop above it.
 */
@AutoService(Form.class)
public final class BeadedDangle implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("beaded-dangle", Family.PINS, "beaded dangle", "one bead to hang from a ring or loop", 0.8);
    }

    private static final String ONE_BEAD = "one bead";

    @Override
    public List<Parameter> parameters() {
        var all = new ArrayList<Parameter>();
        all.add(Stack.choice(ONE_BEAD));
        all.add(Stack.only(Parameter.bead(8), ONE_BEAD));
        all.add(Stack.only(Parameter.hole(), ONE_BEAD));
        all.add(Stack.counts("In order, from the head up."));
        Parameter head = Parameter.choice("head", "head", "folded", "balled", "spiral", "plain", "wrapped")
                .because("A ball takes a torch: before the bead.");
        Parameter top = Parameter.choice(
                        "top", "top", "plain", "wrapped", "wrapped, tail coiled back", "hook", "ear wire", "spiral")
                .because("Plain opens again; wrapped never does.");
        all.addAll(List.of(head, top));
        all.addAll(Ends.alike(head, top));
        all.addAll(Ends.shared(head, top));
        return all;
    }

    @Override
    public List<StackItem> usualStack() {
        return List.of(
                new StackItem(StackItem.Kind.SPACER, 1, 3.5, 1, 1.1), StackItem.bead(8, 8, 1), StackItem.bead(4, 4, 1));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("dangle", "drop", "bead drop", "pearl drop", "charm", "dangles");
    }

    @Override
    public void make(FormMaker m) {
        if (Ends.haveALoop(m, "head", "top")) {
            Loops.checkThrough(m, m.mm("loop"));
        }
        boolean one = !Stack.chosen(m);
        Stack row = one ? Stack.of(List.of(StackItem.bead(m.mm("bead"), m.mm("bead"), m.mm("hole")))) : Stack.of(m);
        String through = one ? "through the bead" : Stack.THROUGH;
        double half = row.longMm() / 2;
        WireMaker foot = m.wire("pin", Loops.stem(0, 0, -1, 1)).leave(through, half);
        Ends.makeAlike(m, foot, "head", row.firstHoleMm(), "head, loop");
        foot.does(Kind.THREAD, row.inWords());
        WireMaker top = m.wire("pin", Loops.stem(0, 0, 1, 1)).leave(through, half);
        Ends.makeAlike(m, top, "top", row.lastHoleMm(), "loop");
        m.secondEndLast(foot, top);
        row.lay(m, Loops.stem(-half, 0, 1, 1), through);
    }
}
