package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.bend.program.FlatSpiral;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.Spirals;
import toroid.core.form.WireMaker;

/**
 * A ring begun at a balled end and curled on to a spiral; equal sizes by counting turns.
 */
@AutoService(Form.class)
public final class SpiralBalled implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("spiral-balled", Family.SPIRALS, "balled spiral", "a spiral about a balled end", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length("turns", "turns", d -> 2, d -> 0.5, d -> 12, "Count turns to make equal spirals."),
                Parameter.length("ball", "ball", d -> 2 * d, d -> 1.2 * d, d -> 3.5 * d, "A larger ball drops off."),
                Parameter.fixed("stem", "stem", 12, 0.5, 200, "For the loop or ear wire it becomes."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("ball spiral", "spiral balled");
    }

    /** Centre-line radius of the bend that brings the ball into the middle, in wires: at the edge of a jaw. */
    private static final double NECK = 0.75;

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double inner = Spirals.roundBallMm(m.mm("ball"), d, NECK * d);
        var spiral = new FlatSpiral(inner, inner + m.mm("turns") * d, d);
        WireMaker wire = m.wire("spiral", Loops.stem(0, 0, 1, 1)).leave("stem", m.mm("stem"));
        Spirals.inward(wire, spiral, "spiral");
        wire.bend((2 * NECK - 1) * d, 90).ballBefore(m.mm("ball"), "spiral");
        m.done(wire, 0, EndState.FLUSH);
    }
}
