package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.CoiledCoil;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.SpiralRun;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.quantity.Note;

/**
 * A coil wound on a core wire, and that wound round a rod, closed with plain turns of the core. The finished length is a lower
 * bound: a close coil bent round a rod can only open outward; made ones come out some 10 to 20 % longer (common practice).
 */
@AutoService(Form.class)
public final class CoilOnCoil implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "coil-on-coil", Family.COILS, "coil on coil", "a coiled coil, closed with plain turns", 0.4);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "coreWire", "core wire", d -> 2 * d, d -> d, d -> 6 * d, "Thinner than the coil it kinks."),
                Parameter.length("firstCoil", "first coil, long", d -> 60, d -> 10 * d, d -> 600, "Wind several."),
                Parameter.length(
                        "rod", "rod", d -> 3, d -> 2 * d, d -> 40, "The coil cannot bend round a thinner rod."),
                Parameter.count("plain", "plain turns at each end", 3, 0, 10, "About three is usual."),
                Parameter.choice("groove", "in the groove", "nothing", "a fine wire"));
    }

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double c = m.mm("coreWire");
        double outer = c + 2 * d;
        double radius = (m.mm("rod") + outer) / 2;
        double turns = m.mm("firstCoil") / d;
        double perTurn = Math.hypot(2 * Math.PI * radius, outer);
        double second = m.mm("firstCoil") / perTurn;
        double length = second * outer;
        m.note(Note.info(
                "coil-on-coil-longer",
                Map.of("lengthMm", length, "lowMm", 1.1 * length, "highMm", 1.2 * length, "turns", second)));
        var around = new CoilSize(radius, outer, second, true);
        var coil = new CoiledCoil(around, (c + d) / 2, turns);
        WireMaker fine = m.wire("coil", coil.at(0))
                .step(Kind.COIL, "first coil, on the core wire")
                .run(SpiralRun.of(coil));
        m.done(fine.follows().tail(5), 20, EndState.TUCKED);
        core(m, around, c);
        if (m.is("groove", "a fine wire")) {
            groove(m, around, outer);
        }
    }

    /** Over what angle the core leads from the coil down to the rod, radians. */
    private static final double LEAD = 1.2;

    private static Vector3D out(double angle) {
        return new Vector3D(Math.cos(angle), Math.sin(angle), 0);
    }

    /** On a right-handed coil about z. */
    private static Frame onRod(double radius, double angle, double z, double pitch) {
        Vector3D round = new Vector3D(-Math.sin(angle), Math.cos(angle), 0);
        return Frame.at(
                new Vector3D(radius, out(angle), 1, new Vector3D(0, 0, z)),
                new Vector3D(2 * Math.PI * radius, round, pitch, Vector3D.PLUS_K),
                out(angle).negate());
    }

    private static void core(FormMaker m, CoilSize around, double c) {
        double inner = (m.mm("rod") + c) / 2;
        int plain = m.count("plain");
        double aside = (around.pitchMm() + c) / 2 - c * (1 - LEAD / (2 * Math.PI));
        double begin = -LEAD - 2 * Math.PI * plain;
        WireMaker core = m.wire("core", c, onRod(inner, begin, -aside - plain * c, c));
        core.step(Kind.WRAP, "plain turns").coil(new CoilSize(inner, c, plain, true));
        core.step(Kind.COIL, "the coil, round the rod");
        core.to(
                new Vector3D(around.radiusMm(), 0, 0),
                new Vector3D(0, 2 * Math.PI * around.radiusMm(), around.pitchMm()));
        core.towards(Vector3D.MINUS_I).coil(around);
        core.step(Kind.WRAP, "plain turns");
        double end = 2 * Math.PI * around.turns() + LEAD;
        Vector3D at = new Vector3D(0, 0, around.pitchMm() * around.turns() + aside);
        core.wrap(new CoilSize(inner, c, plain, true), new Frame(at, Vector3D.PLUS_K, out(end)));
        m.done(core.tail(10).end(EndState.TUCKED), 30, EndState.TUCKED);
    }

    private static void groove(FormMaker m, CoilSize around, double outer) {
        double f = m.d();
        double up = Math.sqrt(Math.pow((outer + f) / 2, 2) - outer * outer / 4);
        double radius = around.radiusMm() + up;
        WireMaker fine = m.wire(
                "groove wire",
                f,
                new Frame(
                        new Vector3D(radius, 0, outer / 2),
                        new Vector3D(0, 2 * Math.PI * radius, outer).normalize(),
                        Vector3D.MINUS_I));
        fine.step(Kind.WRAP, "in the groove")
                .coil(new CoilSize(radius, outer, Math.max(0.1, around.turns() - 1), true));
        m.done(fine.tail(10).end(EndState.TUCKED), 10, EndState.TUCKED);
    }
}
