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
 * A row on one wire: beads of any sizes, spacers, caps and coils between two ends, each end chosen by itself. The wire in it is the row's own
 * length and its two ends.
 */
@AutoService(Form.class)
public final class StackedWire implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "stacked-wire",
                Family.BEAD_LINKS,
                "row on one wire",
                "beads, spacers, caps and coils between two ends",
                0.8);
    }

    @Override
    public List<Parameter> parameters() {
        var all = new ArrayList<Parameter>();
        all.add(Stack.parameter("In order, from the first end to the second."));
        List<Parameter> first = Ends.parameters("first");
        List<Parameter> second = Ends.parameters("second");
        all.addAll(first);
        all.addAll(second);
        all.addAll(Ends.shared(first.get(0), second.get(0)));
        all.add(Parameter.angle(
                "turned", "ends turned by", 0, 0, 180, "0° lie in one plane; 90° turn the next part edge-on."));
        return all;
    }

    @Override
    public List<StackItem> usualStack() {
        return List.of(
                new StackItem(StackItem.Kind.SPACER, 1, 3.5, 1, 1.1),
                StackItem.bead(8, 8, 1),
                new StackItem(StackItem.Kind.SPACER, 1, 3.5, 1, 1.1));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of(
                "stack", "stacked beads", "row of beads", "bead bar", "beaded bar", "stacked dangle", "stacked link");
    }

    @Override
    public void make(FormMaker m) {
        between(m, Stack.of(m), Stack.THROUGH, Ends::make);
    }

    /** Makes one of the two ends, {@code first} or {@code second}, beside that hole. */
    interface EndMaker {
        void make(FormMaker m, WireMaker wire, String which, double holeMm);
    }

    /** A row along x between two ends of one wire, the second turned by the parameter {@code turned}: first end, thread, second end. */
    static void between(FormMaker m, Stack row, String through, EndMaker ends) {
        double half = row.longMm() / 2;
        WireMaker left = m.wire("link", Loops.stem(0, 0, -1, 1)).leave(through, half);
        ends.make(m, left, "first", row.firstHoleMm());
        left.does(Kind.THREAD, row.inWords());
        WireMaker right =
                m.wire("link", Loops.stem(0, 0, 1, -1)).leave(through, half).roll(m.degrees("turned"));
        ends.make(m, right, "second", row.lastHoleMm());
        m.secondEndLast(left, right);
        row.lay(m, Loops.stem(-half, 0, 1, 1), through);
    }
}
