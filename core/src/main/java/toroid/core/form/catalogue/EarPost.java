package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.EarWires;
import toroid.core.form.EndState;
import toroid.core.form.Ends;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.Stack;
import toroid.core.form.StackItem;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Vectors;

/**
 * A post with a small loop, or with a row that hangs in front of the lobe; a nut goes on behind.
 */
@AutoService(Form.class)
public final class EarPost implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "ear-post", Family.EAR_FINDINGS, "post with a loop", "a straight post, a small loop in front", 0.8);
    }

    private static final String NOTHING = "nothing";

    @Override
    public List<Parameter> parameters() {
        var all = new ArrayList<Parameter>();
        all.add(Parameter.fixed("post", "post", 11, 8, 16, "{10..15} is usual."));
        all.add(Stack.choice(NOTHING));
        all.add(Stack.only(Parameter.loop("loop", "loop, inside", 2), NOTHING));
        all.add(Stack.counts("In order, from the post down; it hangs in front of the lobe."));
        List<Parameter> lower =
                Ends.parameters(LOWER).stream().map(EarPost::underARow).toList();
        all.addAll(lower);
        all.addAll(Ends.shared(lower.get(0)));
        return all;
    }

    private static final String LOWER = "lower";

    /** The choice of the lower end, and what hangs on it, count only where a row hangs there; else the end is the small loop. */
    private static Parameter underARow(Parameter parameter) {
        return parameter.onlyWhen().isEmpty() ? Stack.onlyARow(parameter) : parameter;
    }

    @Override
    public List<StackItem> usualStack() {
        return List.of(StackItem.bead(4, 4, 1), StackItem.bead(6, 6, 1));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("post", "stud", "ear stud", "ear posts", "posts", "studs");
    }

    /** Middle of a lobe behind what lies in front of it, mm: half of about 5 mm. Common practice. */
    private static final double IN_THE_LOBE = 2.5;

    @Override
    public void make(FormMaker m) {
        EarWires.check(m);
        WireMaker post = m.wire("post", Loops.stem(0, 0, 1, 1)).leave("post", m.mm("post"));
        Frame front = post.here();
        Vector3D inTheLobe = Vectors.sum(1, front.position(), -IN_THE_LOBE, front.tangent(), -m.d(), front.normal());
        post.port("in the lobe", inTheLobe, front.binormal(), m.d(), Opening.WORN);
        post.step(Kind.BEND, "square to the post").crisp(-90);
        if (!Stack.chosen(m)) {
            Loops.offset(post, m.mm("loop"), "loop");
            m.done(post, 0, EndState.FILED);
            return;
        }
        Stack row = Stack.of(m);
        Frame top = post.here();
        post.leave(Stack.THROUGH, row.longMm()).does(Kind.THREAD, row.inWords());
        Ends.make(m, post, LOWER, row.lastHoleMm());
        m.done(post, 0, EndState.FILED);
        row.lay(m, top, "post");
    }
}
