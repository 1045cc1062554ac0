package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.bend.program.Lifts;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.OutlineRow;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * An outline of the maker's own, bent at measured marks: feed, turn, bend. Symmetric about a middle mark if wished: the rows then
 * describe one side and the other is its mirror image, one step at a time.
 */
@AutoService(Form.class)
public final class Outline implements Form {
    private static final String OVER = "later wire over";
    private static final String UNDER = "later wire under";

    @Override
    public FormInfo info() {
        return new FormInfo("outline", Family.OUTLINES, "free outline", "bent at your own marks", 1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.choice("symmetric", "symmetric", "about a middle mark", "no")
                        .because("Both sides bent step by step, so they match."),
                Parameter.choice("crossings", "where it crosses", OVER, UNDER, "over and under in turn")
                        .because("Lifted by the wire's thickness; what comes later along the wire passes so."),
                Parameter.rows("bends", "bends"));
    }

    @Override
    public List<OutlineRow> usualRows() {
        return LEAF;
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("outline", "shape", "bent outline");
    }

    @Override
    public void make(FormMaker m) {
        List<OutlineRow> rows = m.rows("bends");
        m.crosses(
                m.is("crossings", OVER)
                        ? Lifts.Rule.LATER_OVER
                        : m.is("crossings", UNDER) ? Lifts.Rule.LATER_UNDER : Lifts.Rule.IN_TURN);
        if (m.is("symmetric", "no")) {
            WireMaker wire = m.wire("outline", Loops.stem(0, 0, 1, 1));
            bend(wire, rows, 1);
            m.done(wire.tail(3).end(EndState.FILED), 3, EndState.FILED);
            return;
        }
        WireMaker left = m.wire("outline", Loops.stem(0, 0, -1, 1));
        WireMaker right = m.wire("outline", Loops.stem(0, 0, 1, 1));
        bend(left, rows, -1);
        bend(right, rows, 1);
        m.inTandem(left.tail(3).end(EndState.FILED), right.tail(3).end(EndState.FILED));
    }

    /** A leaf, to begin from. */
    private static final List<OutlineRow> LEAF = List.of(
            new OutlineRow(0, 0, 70, 1),
            new OutlineRow(6, 0, 25, 15),
            new OutlineRow(2, 0, -60, 4),
            new OutlineRow(5, 0, 0, 0));

    private static void bend(WireMaker wire, List<OutlineRow> rows, int hand) {
        for (int i = 0; i < rows.size(); i++) {
            OutlineRow row = rows.get(i);
            if (row.feedMm() > 0) {
                wire.leave("feed " + (i + 1), row.feedMm());
            }
            wire.roll(hand * row.rotateDegrees());
            if (row.bendDegrees() != 0) {
                wire.step(Kind.BEND, "bend " + (i + 1)).bend(2 * row.insideRadiusMm(), row.bendDegrees());
            }
        }
    }
}
