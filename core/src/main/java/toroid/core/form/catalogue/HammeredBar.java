package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import toroid.core.bend.Hammering;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Flat;
import toroid.core.form.Flats;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.NoteCode;

/**
 * A short bar hammered flat at both ends, square to each other, and drilled. What the flats lengthen comes out of their width
 * ({@link toroid.core.bend.Hammering}); the hole is at least the ring's wire and 0.2 mm, with 1 mm of metal around it.
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
                Parameter.length("long", "bar", d -> 25, d -> 8, d -> 150, "As finished: longer than its two flats."),
                Parameter.length(
                        "flat", "each flat, long", d -> 6, d -> 3, d -> 40, "Long enough for the hole and its rim."),
                Flats.thickness("hammered to"),
                Flats.lengthens(),
                Parameter.length(
                        "ring", "ring's wire", d -> 0.8, d -> 0.3, d -> 2.5, "It sets the hole: ring wire and {0.2}."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("hammered bar", "hammered link", "paddle link");
    }

    /** Metal that stands around a hole, mm: common practice. */
    private static final double AROUND_MM = 1;

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double hole = m.mm("ring") + 0.2;
        double thick = m.mm("thick");
        double share = Flats.share(m);
        double wide = Hammering.widthMm(d, thick, share);
        if (wide < hole + 2 * AROUND_MM) {
            m.care(
                    NoteCode.FLAT_TOO_NARROW,
                    Map.of(
                            "wideMm",
                            wide,
                            "neededMm",
                            hole + 2 * AROUND_MM,
                            "holeMm",
                            hole,
                            "aroundMm",
                            AROUND_MM,
                            "thickMm",
                            Hammering.thicknessForMm(d, hole + 2 * AROUND_MM, share)));
        }
        if (2 * m.mm("flat") > m.mm("long")) {
            throw Refusal.outOfRange("flat", m.mm("flat"), 3, m.mm("long") / 2, Unit.MM, Remedy.TWO_FLATS_DO_NOT_FIT);
        }
        var blow = new Flat.Blow(thick, thick, 0, hole, share);
        WireMaker bar = m.wire("bar", Loops.stem(0, 0, 1, 1)).flat(m.mm("flat"), blow);
        bar.leave("between the flats", m.mm("long") - 2 * m.mm("flat"));
        bar.flat(m.mm("flat"), new Flat.Blow(thick, thick, Math.PI / 2, hole, share));
        bar.hammer("first end, flat").hammer("second end, square to the first");
        Flats.tell(m, bar, m.mm("flat"), blow, 2);
        bar.does(Kind.FILE, "ends, round").does(Kind.DRILL, "both flats, punched first");
        m.done(bar.end(EndState.DRILLED), 0, EndState.DRILLED);
    }
}
