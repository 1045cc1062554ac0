package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.EarWires;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * A post with a small loop; a nut goes on behind.
 */
@AutoService(Form.class)
public final class EarPost implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "ear-post", Family.EAR_FINDINGS, "post with a loop", "a straight post, a small loop in front", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.fixed("post", "post", 11, 8, 16, "10 to 15 mm is usual."),
                Parameter.loop("loop", "loop, inside", 2));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("post", "stud", "ear stud", "ear posts", "posts", "studs");
    }

    @Override
    public void make(FormMaker m) {
        EarWires.check(m);
        WireMaker post = m.wire("post", Loops.stem(0, 0, 1, 1)).leave("post", m.mm("post"));
        post.step(Kind.BEND, "square to the post").crisp(-90);
        Loops.offset(post, m.mm("loop"), "loop");
        m.done(post, 0, EndState.FILED);
    }
}
