package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.EarWires;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * An ear wire: a loop, a rise, the bend over the ear, a tail flicked out.
 */
@AutoService(Form.class)
public final class FishHook implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("fish-hook", Family.EAR_FINDINGS, "ear wire, fish hook", "the plain ear wire", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "loop, inside", 2.2),
                Parameter.through(),
                Parameter.fixed("rise", "rise to the bend", 5, 0.5, 30, "From the loop up; longer hangs low."),
                Parameter.fixed("over", "bend over the ear, inside", 9, 4, 25, "{8..10} is usual."),
                Parameter.fixed("tail", "tail", 14, 4, 40, "Shorter falls out, longer scratches."),
                Parameter.angle(
                        "flick", "tail flicked out", 20, 0, 60, "Keeps it from slipping out and off the neck."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of(
                "ear wire",
                "fish hook",
                "ear wires",
                "earwire",
                "earwires",
                "ear hook",
                "ear hooks",
                "earring hook",
                "fish hooks",
                "earring");
    }

    @Override
    public void make(FormMaker m) {
        Loops.checkThrough(m, m.mm("loop"));
        EarWires.check(m);
        WireMaker front = m.wire("ear wire", EarWires.start(-1)).leave("rise", m.mm("rise"));
        Loops.plain(front, m.mm("loop"), "loop");
        m.secondEndLast(front, EarWires.over(m, m.wire("ear wire", EarWires.start(1))));
    }
}
