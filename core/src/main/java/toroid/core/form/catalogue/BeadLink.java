package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
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
 * A bead, or a row, between two loops: plain, wrapped, or one of each, or any other end. Both loops are of one size and lie in one plane unless
 * turned.
 */
@AutoService(Form.class)
public final class BeadLink implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("bead-link", Family.BEAD_LINKS, "bead link", "a bead between two loops", 0.8);
    }

    private static final String ONE_BEAD = "one bead";
    private static final String[] FIRST = {
        "wrapped", "plain", "wrapped, tail coiled back", "spiral", "balled", "folded", "hook", "ear wire", "straight"
    };

    /** A ball is melted before a bead is near, so only the first end may have one. */
    private static final String[] SECOND =
            Stream.of(FIRST).filter(end -> !end.equals("balled")).toArray(String[]::new);

    @Override
    public List<Parameter> parameters() {
        var all = new ArrayList<Parameter>();
        all.add(Stack.choice(ONE_BEAD));
        all.add(Stack.only(Parameter.bead(8), ONE_BEAD));
        all.add(Stack.only(Parameter.hole(), ONE_BEAD));
        all.add(Stack.counts("In order, from the first end to the second."));
        Parameter first =
                Parameter.choice("first", "first end", FIRST).because("Plain opens again; wrapped never does.");
        Parameter second =
                Parameter.choice("second", "second end", SECOND).because("What it joins goes on before a wrapped one.");
        all.addAll(List.of(first, second));
        all.addAll(Ends.alike(first, second));
        all.addAll(Ends.shared(first, second));
        all.add(Parameter.angle(
                "turned", "loops turned by", 0, 0, 180, "0° lie in one plane; 90° turn the next part edge-on."));
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
        return List.of("link", "bead links", "beaded link", "pearl link", "linked bead");
    }

    @Override
    public void make(FormMaker m) {
        if (Ends.haveALoop(m, "first", "second")) {
            Loops.checkThrough(m, m.mm("loop"));
        }
        boolean one = !Stack.chosen(m);
        Stack row = one ? Stack.of(List.of(StackItem.bead(m.mm("bead"), m.mm("bead"), m.mm("hole")))) : Stack.of(m);
        StackedWire.between(
                m,
                row,
                one ? "through the bead" : Stack.THROUGH,
                (maker, wire, which, hole) -> Ends.makeAlike(maker, wire, which, hole, which + " loop"));
    }

    /** One loop of the form's size and wraps, round what it carries; a plain loop opens for it again, sideways. */
    static void end(FormMaker m, WireMaker wire, boolean wrapped, String part, String carries) {
        if (wrapped) {
            Loops.wrappedRound(wire, m.mm("loop"), m.count("wraps"), part, carries);
        } else {
            Loops.plain(wire, m.mm("loop"), part);
            if (!carries.equals(Loops.NOTHING)) {
                wire.does(Kind.THREAD, carries + ", the loop opened sideways and closed again");
            }
        }
    }
}
