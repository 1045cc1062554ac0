package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.WingPairs;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Two pairs of wings on a cuff: the tails, crossed over the front and wrapped about the stem, go on round the cuff, the one above, the other
 * below, and end in curls either side of a gap at the back. Of a bow of middle radius ρ with a gap g either tail takes {@code ρ (π − asin((g +
 * d)/2ρ))} (exact).
 */
@AutoService(Form.class)
public final class WingedCuff implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("winged-cuff", Family.OUTLINES, "winged cuff", "two pairs of wings on an open cuff", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        var all = new ArrayList<>(WingPairs.parameters());
        all.add(Parameter.length(
                "inside", "cuff, inside", d -> 16, d -> 8 * d, d -> 90, "A finger takes {16..20}, a wrist {50..65}."));
        all.add(Parameter.length(
                "gap", "gap", d -> 5, d -> 1, d -> 60, "It slips on sideways, then is pressed to fit."));
        all.add(Parameter.loop("curl", "curled ends, inside", 2));
        return all;
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("cuff with wings", "winged ring", "dragonfly cuff");
    }

    @Override
    public String on() {
        return "inside";
    }

    @Override
    public boolean isCuff() {
        return true;
    }

    @Override
    public void make(FormMaker m) {
        if (m.mm("gap") > m.mm("inside")) {
            throw Refusal.outOfRange("gap", m.mm("gap"), 1, m.mm("inside"), Unit.MM, Remedy.NO_GAP_WIDER_THAN_THE_CUFF);
        }
        new WingPairs(m, "wings").make((wire, which) -> band(m, wire, which));
    }

    /** From the front of the stem round to the gap, and the end curled outward. */
    private static void band(FormMaker m, WireMaker wire, String which) {
        double bow = (m.mm("inside") + m.d()) / 2;
        double open = Math.toDegrees(Math.asin((m.mm("gap") + m.d()) / 2 / bow));
        wire.step(Kind.FORM, which + " half of the cuff").bend(m.mm("inside"), 180 - open);
        wire.port(which + " end, curled outward", m.mm("curl"), -250, Opening.SIDEWAYS);
        wire.step(Kind.LOOP, which + " end, curled outward").bend(m.mm("curl"), -250);
        wire.tail(2).end(EndState.FILED);
    }
}
