package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Roots;
import toroid.core.numeric.Unit;

/**
 * A teardrop loop, its legs soldered side by side, the doubled tail curled to take the next link.
 */
@AutoService(Form.class)
public final class TeardropLink implements Form {
    private static final String NO = "none";
    private static final String HALVES = "halves of a ring";

    @Override
    public FormInfo info() {
        return new FormInfo(
                "teardrop-link",
                Family.FRAMES,
                "teardrop link",
                "a soldered drop whose doubled tail hooks the next",
                1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.loop("drop", "drop, inside", 6),
                Parameter.length(
                        "tail",
                        "doubled tail",
                        d -> 8 * d,
                        d -> 2 * d,
                        d -> 40 * d,
                        "Long enough to curl through the next."),
                Parameter.loop("curl", "curled over", 3),
                Parameter.length(
                        "long",
                        "drop, inside, long",
                        d -> 0,
                        d -> 0,
                        d -> 120 * d,
                        "From the top to where the legs meet; 0: as its width makes it."),
                Parameter.choice("sides", "side arcs", NO, HALVES)
                        .because("Halves of a ring, one soldered to each side: four joints."),
                Parameter.loop("arc", "side arcs, inside", 2.8).when("sides=" + HALVES));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("teardrop", "loop in loop", "tear drop", "drop link");
    }

    @Override
    public void make(FormMaker m) {
        double lean = lean(m);
        m.inTandem(leg(m, -1, lean), leg(m, 1, lean));
        m.doesBefore("doubled tail, curled", Kind.SOLDER, "legs, side by side");
        if (m.is("sides", HALVES)) {
            arcs(m, lean);
        }
    }

    /** How far the legs lean where no length is asked for. */
    private static final double LEAN = Math.toRadians(25);

    private static final double LEAST_LEAN = Math.toRadians(6);
    private static final double MOST_LEAN = Math.toRadians(70);

    /** The legs bend together over so many wires. */
    private static final double FOOT = 1.5;

    /** The legs' middles lie so far from the drop's axis, in wires. */
    private static final double BESIDE = 0.52;

    /** How far the legs lean: the root of {@link #longMm} at the length asked for. */
    private static double lean(FormMaker m) {
        double wanted = m.mm("long");
        if (wanted == 0) {
            return LEAN;
        }
        double rho = (m.mm("drop") + m.d()) / 2;
        double least = longMm(m, rho, MOST_LEAN);
        double most = longMm(m, rho, LEAST_LEAN);
        if (wanted < least || wanted > most) {
            throw Refusal.outOfRange("long", wanted, least, most, Unit.MM, Remedy.A_WIDER_DROP_IS_LONGER);
        }
        return Roots.between(lean -> longMm(m, rho, lean) - wanted, LEAST_LEAN, MOST_LEAN, 1e-9);
    }

    /**
     * Inside the drop from its top to where the legs come together: {@code ρ − d/2 + ρ sin λ + s cos λ + f sin λ}, s the straight of a leg, f
     * the radius they bend together on. Exact.
     */
    private static double longMm(FormMaker m, double rho, double lean) {
        double foot = FOOT * m.d();
        return rho - m.d() / 2 + (rho + foot) * Math.sin(lean) + straight(m, rho, lean) * Math.cos(lean);
    }

    private static double straight(FormMaker m, double rho, double lean) {
        double foot = FOOT * m.d();
        return (rho * Math.cos(lean) - foot * (1 - Math.cos(lean)) - BESIDE * m.d()) / Math.sin(lean);
    }

    private static WireMaker leg(FormMaker m, int way, double lean) {
        double d = m.d();
        double rho = (m.mm("drop") + d) / 2;
        double straight = straight(m, rho, lean);
        if (straight < 0) {
            throw Refusal.outOfRange(
                    "drop", m.mm("drop"), 3 * d, 40 * d, Unit.MM, Remedy.SMALLER_DROP_LEAVES_THE_LEGS_NO_ROOM);
        }
        WireMaker wire = m.wire("link", new Frame(Vector3D.ZERO, new Vector3D(way, 0, 0), Vector3D.MINUS_J));
        if (way > 0) {
            wire.port("drop", m.mm("drop"), 1, Opening.NEVER);
        }
        wire.step(Kind.FORM, "drop, from the middle").bend(m.mm("drop"), 90 + Math.toDegrees(lean));
        wire.leave("leg", straight).step(Kind.BEND, "foot of the drop").bend(2 * FOOT * d - d, -Math.toDegrees(lean));
        wire.leave("doubled tail", m.mm("tail"));
        wire.together(Kind.LOOP, "doubled tail, curled").towards(Vector3D.PLUS_K);
        if (way > 0) {
            Vector3D here = wire.here().position();
            double out = (m.mm("curl") + d) / 2;
            Vector3D middle = new Vector3D(0, here.getY(), here.getZ() + out);
            wire.port("doubled tail, curled", middle, wire.here().binormal(), m.mm("curl"), Opening.WHILE_MADE);
        }
        wire.bend(m.mm("curl"), 220);
        return wire.tail(2).end(EndState.FILED);
    }

    /** Half a ring on each side: its feet run straight in until their faces touch the drop's round. */
    private static void arcs(FormMaker m, double lean) {
        double d = m.d();
        double rho = (m.mm("drop") + d) / 2;
        double radius = (m.mm("arc") + d) / 2;
        double lowest = -rho * Math.sin(lean);
        double middle = Math.max(0, lowest + radius);
        if (middle + radius > rho) {
            throw Refusal.outOfRange(
                    "arc", m.mm("arc"), d, rho - lowest - d, Unit.MM, Remedy.LARGER_ARC_FINDS_NO_PLACE);
        }
        double out = rho + d / 2 + 0.02 * d;
        for (int way : new int[] {-1, 1}) {
            String name = way < 0 ? "left arc" : "right arc";
            double upper = face(middle + radius, rho, d);
            double lower = face(middle - radius, rho, d);
            var start = new Frame(
                    new Vector3D(way * upper, middle + radius - rho, 0), new Vector3D(way, 0, 0), Vector3D.MINUS_J);
            WireMaker arc = m.wire(name, start)
                    .leave(name + ", upper foot", Math.max(0, out - upper))
                    .step(Kind.FORM, name)
                    .bend(m.mm("arc"), 180);
            arc.leave(name + ", lower foot", Math.max(0, out - lower));
            m.done(arc.tail(2).end(EndState.FILED), 2, EndState.FILED);
        }
        m.solders(4, "side arcs, four joints");
    }

    /** How far from the drop's axis a foot's face stands at that height over the round's middle: its inner corner touches. */
    private static double face(double height, double rho, double d) {
        double corner = Math.max(0, Math.abs(height) - d / 2);
        return Math.sqrt(Math.max(0, (rho + d / 2) * (rho + d / 2) - corner * corner));
    }
}
