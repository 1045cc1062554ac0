package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.form.Zigzag;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * Wire run through toothed wheels to a zigzag. Half a wave is a flank at angle θ and the round of a tooth at each end; θ follows
 * from wave and height: {@code h = (p/2 − 2R sin θ) tan θ + 2R (1 − cos θ)} with R the tooth's centre-line radius (geometry,
 * exact; solved by bracketing). Toothed wheels take 0.6 to 0.8 mm (common practice).
 */
@AutoService(Form.class)
public final class CrimpedWire implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("crimped-wire", Family.CRIMPED, "crimped wire", "a zigzag from toothed wheels", 0.7);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "wave",
                        "one wave, long",
                        d -> 5,
                        d -> 4 * d,
                        d -> 60 * d,
                        "Shorter waves do not clear the teeth."),
                Parameter.length(
                        "height", "wave, high", d -> 1.6, d -> 0.2 * d, d -> 20 * d, "Higher than the flanks reach."),
                Parameter.count("waves", "waves", 10, 1, 200, "For more, run several lengths."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("crimp", "zigzag", "crimped", "crinkled wire", "zig zag");
    }

    @Override
    public void make(FormMaker m) {
        Zigzag.checkWheels(m);
        WireMaker wire = m.wire("crimped", Loops.stem(0, 0, 1, 1)).step(Kind.CRIMP, "through the wheels");
        Zigzag zigzag = Zigzag.of(m);
        zigzag.run(wire, m.count("waves"));
        m.note(Note.info(
                NoteCode.CRIMP_SHORTENS,
                Map.of(
                        "share",
                        zigzag.shortening(),
                        "longMm",
                        m.count("waves") * m.mm("wave"),
                        "wireMm",
                        wire.lengthMm())));
        m.done(wire.tail(6).end(EndState.FILED), 6, EndState.FILED);
    }
}
