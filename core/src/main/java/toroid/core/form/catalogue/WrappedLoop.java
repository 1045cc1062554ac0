package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * A wrapped loop on a stem: neck, loop, wraps. It cannot be opened: what it carries is threaded before it is wrapped.
 */
@AutoService(Form.class)
public final class WrappedLoop implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("wrapped-loop", Family.LOOPS, "wrapped loop", "a loop closed for good", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "loop, inside", 2.8),
                Parameter.through(),
                Parameter.count("wraps", "wraps", 3, 1, 20, "Two or three; more make a coil."),
                Parameter.choice("neck", "neck", "as its wraps need", "as long as said")
                        .because("Say it where it must match another end."),
                Parameter.length(
                                "neckLong",
                                "neck, long",
                                d -> 4 * d,
                                d -> 0.5 * d,
                                d -> 40 * d,
                                "As long as the first end's wraps took.")
                        .when("neck=as long as said"),
                Parameter.fixed("stem", "stem", 8, 1, 200, "The straight part it grows from."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("wrapped", "wrapped loops", "wire wrapped loop", "wrapped eye");
    }

    @Override
    public void make(FormMaker m) {
        Loops.checkThrough(m, m.mm("loop"));
        WireMaker wire = m.wire("loop", Loops.stem(0, 0, 1, 1)).leave("stem", m.mm("stem"));
        double neck = m.is("neck", "as long as said") ? m.mm("neckLong") : Loops.neckMm(m.d(), m.count("wraps"));
        Loops.wrappedOn(wire, m.mm("loop"), m.count("wraps"), neck, "loop", "what the loop carries");
        m.done(wire, 0, EndState.FLUSH);
    }
}
