package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.form.BowRow;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.Stack;
import toroid.core.form.StackItem;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

/**
 * A cuff of two wires: the one carries beads on its bow; the other is carried round each bead, on one side and the other in turn, with a round
 * about the first in every gap, and runs beside it to the back. There its tails cross over the first wire and are wrapped about it, before that is
 * turned to a hook at either side of the gap.
 */
@AutoService(Form.class)
public final class TwoWireCuff implements Form {
    /** Between two beads, in carried wires: a round, and the way to it from either bead. */
    private static final double GAP = 5;

    /** How far above its round a carried wire first lies on its bead, in its own thickness: it has to turn up to it. */
    private static final double RISE = 2;

    /** It lies on it so high at the most, as a share of the arc's radius. */
    private static final double HIGHEST = 0.8;

    /** Side by side, in what both wires are apart when they touch. */
    private static final double BESIDE = 1.03;

    /** From a round to where the wire lies beside the bow, and back, in carried wires. */
    private static final double LEAD = 3;

    /** From the wraps at the back to the hook, in wires. */
    private static final double BEFORE_HOOK = 1;

    @Override
    public FormInfo info() {
        return new FormInfo(
                "two-wire-cuff",
                Family.BEAD_LINKS,
                "cuff of two wires",
                "beads on the one, the other carried round them",
                1.0);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "inside",
                        "inside",
                        d -> Math.max(24, 30 * d),
                        d -> 12 * d,
                        d -> 90,
                        "A finger takes {16..20}, a wrist {50..65}."),
                Parameter.length(
                        "gap", "gap", d -> 8, d -> 1, d -> 60, "It slips on sideways, then is pressed to fit."),
                Parameter.loop("hook", "hooks, inside", 2.5),
                Parameter.stack("row", "on the bow", "About the top of the bow; round or long beads."),
                Parameter.length(
                        "carried",
                        "carried wire",
                        d -> 0.5 * d,
                        d -> 0.2 * d,
                        d -> 0.6 * d,
                        "Thinner than the bow's: it is wrapped by hand."),
                Parameter.count("wraps", "wraps at the back", 4, 1, 12, "Four hold it."));
    }

    @Override
    public List<StackItem> usualStack() {
        return List.of(StackItem.bead(4, 4, 1.5), StackItem.bead(6, 6, 1.8), StackItem.bead(4, 4, 1.5));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("two wire cuff", "cuff with carried wire", "beaded cuff with hooks");
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
        WireMaker first = half(m, -1, "first");
        WireMaker second = half(m, 1, "second");
        m.stack("row").forEach(TwoWireCuff::checkRound);
        String row = Stack.inWords(m.stack("row"));
        first.does(Kind.THREAD, row);
        m.secondEndLast(first, second);
        m.later(row);
        double gap = GAP * m.mm("carried");
        List<BowRow.Placed> beads =
                new BowRow(m, Vector3D.ZERO, bow(m), gap).lay(m.stack("row"), ends(m) - wrapped(m) - gap / bow(m));
        carry(m, beads, gap / bow(m));
        m.later("first hook");
        m.later("second hook");
    }

    private static double bow(FormMaker m) {
        return (m.mm("inside") + m.d()) / 2;
    }

    /** Flatter, as a share of its width, a carried wire has no half circle to follow between its neighbours. Our own figure. */
    private static final double FLATTEST = 0.8;

    private static void checkRound(StackItem item) {
        if (item.kind() != StackItem.Kind.BEAD || item.longMm() < FLATTEST * item.acrossMm()) {
            throw Refusal.of(
                    RefusalCode.CARRIED_ROUND_LONG_BEADS, "row", item.kind().inWords());
        }
    }

    /** From the top to where a hook begins, radians. */
    private static double ends(FormMaker m) {
        double half = (m.mm("gap") + m.d()) / 2;
        if (half > bow(m)) {
            throw Refusal.outOfRange("gap", m.mm("gap"), 1, m.mm("inside"), Unit.MM, Remedy.NO_GAP_WIDER_THAN_THE_CUFF);
        }
        return Math.PI - Math.asin(half / bow(m));
    }

    /** What the wraps at the back take of the bow, radians. */
    private static double wrapped(FormMaker m) {
        return (m.count("wraps") * pitch(m) + BEFORE_HOOK * m.d()) / bow(m);
    }

    private static double pitch(FormMaker m) {
        return 1.05 * m.mm("carried");
    }

    private static WireMaker half(FormMaker m, int way, String which) {
        WireMaker wire =
                m.wire("bow", new Frame(new Vector3D(0, bow(m), 0), new Vector3D(way, 0, 0), Vector3D.MINUS_J));
        wire.step(Kind.FORM, which + " half, from the middle").bend(m.mm("inside"), Math.toDegrees(ends(m)));
        wire.port(which + " hook", m.mm("hook"), -180, Opening.MOUTH);
        wire.step(Kind.FORM, which + " hook").bend(m.mm("hook"), -180).straight(2 * m.d());
        return wire.tail(2).end(EndState.FILED);
    }

    /** Along the bow from the first hook to the second. */
    private static void carry(FormMaker m, List<BowRow.Placed> beads, double gapRadians) {
        double f = m.mm("carried");
        double r = (m.d() + f) / 2;
        int side = 1;
        double from = -ends(m) + BEFORE_HOOK * m.d() / bow(m);
        Frame start = at(m, from - 2 * f / bow(m), side, r);
        WireMaker wire = m.wire(
                "carried",
                f,
                Frame.at(start.position(), start.tangent(), start.normal().negate()));
        about(m, wire, "first tail, crossed over and wrapped at the back", from, m.count("wraps"), side);
        double before = beads.get(0).radians() - beads.get(0).rimRadians() - gapRadians / 2;
        beside(
                m,
                wire,
                from + m.count("wraps") * pitch(m) / bow(m) + LEAD * f / bow(m),
                before - LEAD * f / bow(m),
                side);
        for (int i = 0; i < beads.size(); i++) {
            BowRow.Placed bead = beads.get(i);
            double gap = i == 0
                    ? before
                    : (beads.get(i - 1).radians() + beads.get(i - 1).rimRadians() + bead.radians() - bead.rimRadians())
                            / 2;
            // a round, and half of another where it comes from the other side
            wire.step(Kind.BIND, "one round in the gap")
                    .wrap(
                            new CoilSize(r, f, i == 0 ? 1 : 1.5, false),
                            axis(m, gap - f / bow(m), i == 0 ? side : -side));
            wire.step(Kind.BIND, "round bead " + (i + 1));
            over(m, wire, bead, side);
            side = -side;
        }
        BowRow.Placed last = beads.get(beads.size() - 1);
        double after = last.radians() + last.rimRadians() + gapRadians / 2;
        wire.step(Kind.BIND, "one round in the gap")
                .wrap(new CoilSize(r, f, 1, false), axis(m, after - f / bow(m), -side));
        double to = ends(m) - wrapped(m);
        beside(m, wire, after + LEAD * f / bow(m), to - LEAD * f / bow(m), -side);
        about(m, wire, "second tail, crossed over and wrapped at the back", to, m.count("wraps"), -side);
        m.done(wire.follows().tail(15).end(EndState.TUCKED), 15, EndState.TUCKED);
    }

    /** Turns about the bow, straight on as it runs in their middle. */
    private static void about(FormMaker m, WireMaker wire, String part, double from, int turns, int side) {
        wire.step(Kind.BIND, part);
        double half = turns * pitch(m) / 2;
        Frame middle = axis(m, from + half / bow(m), side);
        Vector3D begin = Vectors.sum(1, middle.position(), -half, middle.tangent());
        wire.wrap(
                new CoilSize((m.d() + m.mm("carried")) / 2 * 1.01, pitch(m), turns, false),
                new Frame(begin, middle.tangent(), middle.normal()));
    }

    /** Beside the bow, along it. */
    private static void beside(FormMaker m, WireMaker wire, double from, double to, int side) {
        if (to <= from) {
            return;
        }
        double r = (m.d() + m.mm("carried")) / 2 * BESIDE;
        Frame begin = at(m, from, side, r);
        wire.step(Kind.BIND, "beside the bow").to(begin.position(), begin.tangent());
        wire.towards(new Vector3D(-begin.position().getX(), -begin.position().getY(), 0));
        wire.bend(2 * bow(m) - m.mm("carried"), Math.toDegrees(to - from));
    }

    /** On that side of the bow, so far from its middle, looking along it, the normal out to that side. */
    private static Frame at(FormMaker m, double radians, int side, double outMm) {
        Frame axis = axis(m, radians, side);
        return new Frame(Vectors.sum(1, axis.position(), outMm, axis.normal()), axis.tangent(), axis.normal());
    }

    private static Frame axis(FormMaker m, double radians, int side) {
        var out = new Vector3D(Math.sin(radians), Math.cos(radians), 0);
        var along = new Vector3D(Math.cos(radians), -Math.sin(radians), 0);
        return new Frame(out.scalarMultiply(bow(m)), along, new Vector3D(0, 0, side));
    }

    /** Half round a bead on that side, in the plane of its hole and the bow's axis. */
    private static void over(FormMaker m, WireMaker wire, BowRow.Placed placed, int side) {
        double f = m.mm("carried");
        double ring = (Math.max(placed.bead().diameterMm(), placed.bead().lengthMm()) + f) / 2;
        double half = Math.acos(Math.min(HIGHEST, ((m.d() + f) / 2 + RISE * f) / ring));
        Vector3D centre = placed.bead().centre();
        var out = new Vector3D(0, 0, side);
        Vector3D along = placed.bead().axis();
        Vector3D begin = Vectors.sum(1, centre, -ring * Math.sin(half), along, ring * Math.cos(half), out);
        wire.to(begin, Vectors.sum(Math.cos(half), along, Math.sin(half), out));
        wire.towards(centre.subtract(begin));
        wire.bend(2 * ring - f, Math.toDegrees(2 * half));
    }
}
