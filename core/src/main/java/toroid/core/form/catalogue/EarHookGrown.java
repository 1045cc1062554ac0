package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.EarWires;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Parameter;
import toroid.core.form.Spirals;
import toroid.core.form.WireMaker;

/**
 * An ear wire grown out of the piece: here a spiral whose wire goes on over the ear, bent square to the spiral so that this looks out from the
 * lobe.
 */
@AutoService(Form.class)
public final class EarHookGrown implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "ear-hook-grown",
                Family.EAR_FINDINGS,
                "ear wire, grown from the piece",
                "a spiral whose own wire becomes the ear wire",
                0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "width",
                        "spiral, across",
                        d -> 11,
                        d -> 5 * d,
                        d -> 40,
                        "The spiral's own width; narrower is a loop."),
                Parameter.fixed("rise", "rise to the bend", 8, 0.5, 30, "From the spiral up; longer hangs low."),
                Parameter.fixed("over", "bend over the ear, inside", 9, 4, 25, "{8..10} is usual."),
                Parameter.fixed("tail", "tail", 14, 4, 40, "Shorter falls out, longer scratches."),
                Parameter.angle(
                        "flick", "tail flicked out", 20, 0, 60, "Keeps it from slipping out and off the neck."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("grown ear wire", "one piece earring");
    }

    @Override
    public void make(FormMaker m) {
        EarWires.check(m);
        WireMaker front = m.wire("ear wire", EarWires.start(-1)).leave("rise", m.mm("rise"));
        Spirals.centred(front, Spirals.ofWidth(m.d(), m.mm("width"), m.d()), "spiral");
        m.secondEndLast(
                front, EarWires.over(m, m.wire("ear wire", EarWires.start(1)).roll(90)));
    }
}
