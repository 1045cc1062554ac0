package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Flat;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Note;

/**
 * A short bar hammered flat at both ends, square to each other, and drilled. A flat of thickness t is at most {@code πd²/(4t)}
 * wide (equal area, no lengthening); the hole is at least the ring's wire and 0.2 mm, with 1 mm of metal around it.
 */
@AutoService(Form.class)
public final class HammeredBar implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "hammered-bar", Family.FRAMES, "hammered bar link", "a bar, flat and drilled at both ends", 2.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length("long", "bar", d -> 25, d -> 8, d -> 150, "Longer than its two flats."),
                Parameter.length(
                        "flat", "each flat, long", d -> 6, d -> 3, d -> 40, "Long enough for the hole and its rim."),
                Parameter.length(
                        "thick",
                        "hammered to",
                        d -> Math.round(4.0 * d) / 10.0,
                        d -> 0.2,
                        d -> d,
                        "Thinner it cracks: anneal often."),
                Parameter.length("ring", "ring's wire", d -> 0.8, d -> 0.3, d -> 2.5, "The wire that goes through."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("hammered bar", "hammered link", "paddle link");
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double hole = m.mm("ring") + 0.2;
        double wide = Flat.widthMm(d, m.mm("thick"));
        m.note(Note.info("flat-is-wide", Map.of("wideMm", wide, "thickMm", m.mm("thick"), "holeMm", hole)));
        if (wide < hole + 2) {
            m.care(
                    "flat-too-narrow",
                    Map.of(
                            "wideMm",
                            wide,
                            "neededMm",
                            hole + 2,
                            "holeMm",
                            hole,
                            "thickMm",
                            Math.PI * d * d / (4 * (hole + 2))));
        }
        if (2 * m.mm("flat") > m.mm("long")) {
            throw Refusal.outOfRange("flat", m.mm("flat"), 3, m.mm("long") / 2, "mm", "Two flats do not fit this bar.");
        }
        double thick = m.mm("thick");
        WireMaker bar = m.wire("bar", Loops.stem(0, 0, 1, 1)).flat("first flat", m.mm("flat"), thick, thick, 0, hole);
        bar.leave("between the flats", m.mm("long") - 2 * m.mm("flat"));
        bar.flat("second flat", m.mm("flat"), thick, thick, 90, hole);
        bar.does(Kind.HAMMER, "first end, flat").does(Kind.HAMMER, "second end, square to the first");
        bar.does(Kind.FILE, "ends, round").does(Kind.DRILL, "both flats, punched first");
        m.done(bar.end(EndState.DRILLED), 0, EndState.DRILLED);
    }
}
