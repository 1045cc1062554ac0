package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Hooks;
import toroid.core.form.Parameter;

/**
 * A loop, a shank, a hook and a tip curled outward.
 */
@AutoService(Form.class)
public final class HookCurled implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "hook-curled", Family.CLASPS, "hook, curled tip", "a clasp's hook with a tip that does not catch", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "loop, inside", 2.5),
                Parameter.choice("base", "loop", "plain", "wrapped")
                        .because("Wrapped holds; plain can be put on later."),
                Parameter.count("wraps", "wraps", 2, 1, 8, "Two or three.").when("base=wrapped"),
                Parameter.length(
                        "shank", "shank", d -> 10 * d, d -> 2 * d, d -> 60 * d, "A shorter shank cannot be gripped."),
                Parameter.loop("hook", "hook, inside", 4),
                Parameter.length(
                        "leg", "leg", d -> 3 * d, d -> 0, d -> 40 * d, "From the hook to its tip: under the shank."),
                Parameter.loop("tip", "tip, inside", 1.6));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("hook", "curled hook", "clasp", "hook clasp", "shepherd hook", "fish hook clasp");
    }

    @Override
    public void make(FormMaker m) {
        Hooks.make(m, 0);
    }
}
