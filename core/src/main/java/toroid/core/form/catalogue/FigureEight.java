package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.bend.program.ProgramBuilder;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * Two loops turned opposite ways from one length: the eye of a hook clasp, or a link.
 */
@AutoService(Form.class)
public final class FigureEight implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("figure-eight", Family.CLASPS, "figure-eight", "two loops in one wire", 1.0);
    }

    /** An eye, or a link. */
    @Override
    public boolean hooks() {
        return false;
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("first", "first loop, inside", 3), Parameter.loop("second", "second loop, inside", 4.5));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("figure of eight", "figure 8", "figure of 8", "eight link");
    }

    @Override
    public void make(FormMaker m) {
        m.inTandem(half(m, -1, "first"), half(m, 1, "second"));
    }

    private static WireMaker half(FormMaker m, int way, String which) {
        double straight = 0.4 * m.d();
        WireMaker wire =
                m.wire("figure-eight", Loops.stem(0, 0, way, way)).leave("crossing, from the middle", straight);
        double other = (m.mm(way < 0 ? "second" : "first") + m.d()) / 2;
        var behind = new ProgramBuilder(Loops.stem(0, 0, -way, -way))
                .straight(straight)
                .arc(other, Math.PI / 2)
                .build();
        Loops.offset(wire, m.mm(which), which + " loop", behind);
        return wire;
    }
}
