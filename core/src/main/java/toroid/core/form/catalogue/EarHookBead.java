package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.form.Beads;
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
 * An ear wire with a bead above its loop and a bound coil above the bead.
 */
@AutoService(Form.class)
public final class EarHookBead implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "ear-hook-bead",
                Family.EAR_FINDINGS,
                "ear wire, bead and coil",
                "an ear wire with a bead and a bound coil",
                0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "loop, inside", 2.2),
                Parameter.bead(3),
                Parameter.hole(),
                Parameter.length("fine", "binding wire", d -> 0.3, d -> 0.15, d -> 0.8, "{0.3} is usual."),
                Parameter.count("turns", "turns of the coil", 8, 2, 40, "Six to ten."),
                Parameter.fixed("over", "bend over the ear, inside", 9, 4, 25, "{8..10} is usual."),
                Parameter.fixed("tail", "tail", 14, 4, 40, "Shorter falls out, longer scratches."),
                Parameter.angle(
                        "flick", "tail flicked out", 20, 0, 60, "Keeps it from slipping out and off the neck."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("beaded ear wire", "french hook", "french wire", "bead ear wire");
    }

    @Override
    public void make(FormMaker m) {
        EarWires.check(m);
        double fine = m.mm("fine");
        double coil = m.count("turns") * fine;
        double rise = coil + m.mm("bead") + 0.6;
        WireMaker front =
                m.wire("ear wire", EarWires.start(-1)).leave("rise", rise).does(Kind.THREAD, "coil, then bead");
        Loops.plain(front, m.mm("loop"), "loop");
        m.secondEndLast(front, EarWires.over(m, m.wire("ear wire", EarWires.start(1))));
        Beads.set(
                m,
                new Vector3D(0, -coil - 0.3 - m.mm("bead") / 2, 0),
                Vector3D.PLUS_J,
                m.mm("bead"),
                m.mm("hole"),
                1,
                m.d());
        var size = CoilSize.closeOn(m.d(), fine, m.count("turns"), true);
        double r = size.radiusMm();
        WireMaker binding = m.wire(
                "binding",
                fine,
                Frame.at(new Vector3D(r, -coil - 0.1, 0), new Vector3D(0, fine, -2 * Math.PI * r), Vector3D.MINUS_I));
        binding.step(Kind.COIL, "fine coil, on a rod as thick as the ear wire").coil(size);
        m.doneBefore("rise", binding.tail(8).end(EndState.TUCKED), 12, EndState.TUCKED);
    }
}
