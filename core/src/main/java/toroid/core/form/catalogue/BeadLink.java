package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.form.Beads;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;

/**
 * A bead between two loops: plain, wrapped, or one of each. Both loops lie in one plane unless turned.
 */
@AutoService(Form.class)
public final class BeadLink implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo("bead-link", Family.BEAD_LINKS, "bead link", "a bead between two loops", 0.8);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.bead(8),
                Parameter.hole(),
                Parameter.choice("first", "first end", "wrapped", "plain")
                        .because("Plain opens again; wrapped never does."),
                Parameter.choice("second", "second end", "wrapped", "plain")
                        .because("What it joins goes on before a wrapped one."),
                Parameter.loop("loop", "loops, inside", 2.5),
                Parameter.through(),
                Parameter.count("wraps", "wraps", 3, 1, 12, "Three is the habit.")
                        .when("first=wrapped", "second=wrapped"),
                Parameter.angle(
                        "turned",
                        "loops turned by",
                        0,
                        0,
                        180,
                        "0° lie in one plane; 90° turn the next part edge-on."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("link", "bead links", "beaded link", "pearl link", "linked bead");
    }

    @Override
    public void make(FormMaker m) {
        Loops.checkThrough(m, m.mm("loop"));
        double half = m.mm("bead") / 2;
        Beads.along(m, 0, m.mm("bead"), m.mm("hole"));
        WireMaker left = m.wire("link", Loops.stem(0, 0, -1, 1)).leave("through the bead", half);
        end(m, left, "first", "first loop");
        left.does(Kind.THREAD, "bead");
        WireMaker right = m.wire("link", Loops.stem(0, 0, 1, -1))
                .leave("through the bead", half)
                .roll(m.degrees("turned"));
        end(m, right, "second", "second loop");
        m.secondEndLast(left, right);
    }

    /** One end of a link, as the parameter {@code which} has it, with the form's loop and wraps. */
    static void end(FormMaker m, WireMaker wire, String which, String part) {
        end(m, wire, m.is(which, "wrapped"), part, Loops.NOTHING);
    }

    /** The same, round what it carries; a plain loop opens for it again, sideways. */
    static void end(FormMaker m, WireMaker wire, boolean wrapped, String part, String carries) {
        if (wrapped) {
            Loops.wrappedRound(wire, m.mm("loop"), m.count("wraps"), part, carries);
        } else {
            Loops.plain(wire, m.mm("loop"), part);
            if (!carries.equals(Loops.NOTHING)) {
                wire.does(Kind.THREAD, carries + ", the loop opened sideways and closed again");
            }
        }
    }
}
