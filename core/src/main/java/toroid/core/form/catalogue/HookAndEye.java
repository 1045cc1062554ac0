package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Hooks;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.quantity.NoteCode;

/**
 * A hook and the eye it goes through.
 */
@AutoService(Form.class)
public final class HookAndEye implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("hook-and-eye", Family.CLASPS, "hook and eye", "a clasp of two parts", 1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "loops, inside", 2.5),
                Parameter.choice("base", "loop", "plain", "wrapped")
                        .because("Wrapped holds; plain can be put on later."),
                Parameter.count("wraps", "wraps", 2, 1, 8, "Two or three.").when("base=wrapped"),
                Parameter.length(
                        "shank", "shank", d -> 10 * d, d -> 2 * d, d -> 60 * d, "A shorter shank cannot be gripped."),
                Parameter.loop("hook", "hook, inside", 4),
                Parameter.length(
                        "leg", "leg", d -> 3 * d, d -> 0, d -> 40 * d, "From the hook to its tip: under the shank."),
                Parameter.loop("tip", "tip, inside", 1.6),
                Parameter.loop("eye", "eye, inside", 5));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("hook & eye", "hook eye", "hook and eye clasp");
    }

    @Override
    public List<String> halves() {
        return List.of("hook", "eye");
    }

    @Override
    public void make(FormMaker m) {
        Hooks.make(m, 0);
        double d = m.d();
        if (m.mm("eye") < d + 0.2) {
            m.care(NoteCode.EYE_TOO_SMALL, Map.of("eyeMm", m.mm("eye"), "neededMm", d + 0.2));
        }
        double y = -(m.mm("hook") + m.mm("eye") + 6 * d);
        WireMaker eye = m.wire("eye", Loops.stem(0, y, -1, 1)).leave("stem, from the middle", d);
        Loops.plain(eye, m.mm("eye"), "eye");
        WireMaker foot = m.wire("eye", Loops.stem(0, y, 1, 1)).leave("stem, from the middle", d);
        Loops.plain(foot, m.mm("loop"), "loop");
        m.secondEndLast(eye, foot);
    }
}
