package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.RailRows;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A frame bent from its foot and closed loop in loop at a corner: the one end's loop stands square to the frame, the other's lies in it and
 * hangs in the first, the first's far side in its middle. Its two sides are rails for rows of fine wire, bare or with beads.
 */
@AutoService(Form.class)
public final class LoopedFrame implements Form {
    private static final String WOVEN = "woven across";
    private static final String OPEN = "left open";

    @Override
    public FormInfo info() {
        return new FormInfo(
                "looped-frame",
                Family.FRAMES,
                "frame, loop in loop",
                "a frame closed by its own two loops, beads across it",
                1.2);
    }

    @Override
    public List<Parameter> parameters() {
        var all = new ArrayList<Parameter>();
        all.add(Parameter.length("wide", "wide, inside", d -> 14, d -> 8 * d, d -> 100, "Measure what goes in it."));
        all.add(Parameter.length("high", "high, inside", d -> 22, d -> 10 * d, d -> 150, "Measure what goes in it."));
        all.add(Parameter.loop("loop", "both loops, inside", 2.5));
        all.add(Parameter.choice("rails", "its rails", WOVEN, OPEN).because("Rows of wire, with beads or bare."));
        RailRows.parameters().forEach(one -> all.add(one.onlyWhen().isEmpty() ? one.when("rails=" + WOVEN) : one));
        all.add(Parameter.count("rows", "rows", 5, 2, 60, "From the foot up; each crosses once.")
                .when("rails=" + WOVEN));
        return all;
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("loop in loop frame", "beaded frame", "frame with beads", "woven frame");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double side = (m.mm("wide") + d) / 2;
        double top = m.mm("high") + d;
        double crisp = 0.75 * d;
        double loop = (m.mm("loop") + d) / 2;
        double rise = Loops.middleMm(m.mm("loop"), d);
        double railEnds = top - loop - rise;
        WireMaker right = m.wire("frame", Loops.stem(0, 0, 1, 1)).leave("half the foot", side - crisp);
        right.step(Kind.BEND, "first foot corner").crisp(90);
        right.leave("first side", railEnds - crisp).roll(90);
        Loops.plain(right, m.mm("loop"), "first loop, square to the frame");
        WireMaker left = m.wire("frame", Loops.stem(0, 0, -1, 1)).leave("half the foot", side - crisp);
        left.step(Kind.BEND, "second foot corner").crisp(90);
        left.leave("second side", top - 2 * crisp).step(Kind.BEND, "top corner").crisp(90);
        left.leave("top", 2 * side - rise - crisp);
        Loops.plain(left, m.mm("loop"), "second loop, in the frame");
        left.does(Kind.THREAD, "the first loop in it, the second loop opened sideways and closed again");
        m.secondEndLast(right, left);
        if (m.is("rails", WOVEN)) {
            weave(m, 2 * side, crisp, railEnds);
        }
    }

    /** Rows in the middle of what both rails have straight. */
    private static void weave(FormMaker m, double apart, double from, double to) {
        var rows = new RailRows(m, apart);
        double room = to - from - 2 * m.mm("fine");
        int most = (int) Math.floor(room / rows.advanceMm() + 1e-9);
        if (m.count("rows") > most) {
            throw Refusal.outOfRange("rows", m.count("rows"), 2, most, Unit.ROWS, Remedy.MAKE_THE_FRAME_HIGHER);
        }
        double begins = (from + to - m.count("rows") * rows.advanceMm()) / 2;
        var up = new Frame(new Vector3D(0, begins, 0), Vector3D.PLUS_J, Vector3D.MINUS_I);
        rows.weave(up, m.count("rows"), List.of("second side", "first side"));
    }
}
