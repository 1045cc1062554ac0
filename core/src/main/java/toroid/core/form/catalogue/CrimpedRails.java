package toroid.core.form.catalogue;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.SpiralRun;
import toroid.core.form.EndState;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Loops;
import toroid.core.form.Opening;
import toroid.core.form.Spirals;
import toroid.core.form.WireMaker;
import toroid.core.form.Zigzag;

/**
 * The two crimped wires of a {@link CrimpedPair}, mirrored, valley to valley: two lengths, or one folded so that it begins with an eye. Where a
 * wire of middle lines a apart opens to an eye of middle radius ρ over two bends of middle radius r, each bends out by {@code φ = acos((a/2
 * + r)/(r + ρ))} and the eye turns by {@code 180° + 2φ} (geometry, exact).
 */
final class CrimpedRails {
    private static final String EYE = "eye at the fold";

    /** Turns of an end that is coiled away stand so far apart, in wires. */
    private static final double SPACING = 1.1;

    private final FormMaker m;
    private final double apartMm;
    private final double endMm;

    /**
     * @param apartMm between the two middle lines in a valley
     * @param endMm straight at each end, which the end turns lie on
     */
    CrimpedRails(FormMaker m, double apartMm, double endMm) {
        this.m = m;
        this.apartMm = apartMm;
        this.endMm = endMm;
    }

    void make() {
        if (!m.is("made", CrimpedPair.FOLDED)) {
            length(1);
            length(-1);
            return;
        }
        WireMaker upper = fold(1);
        WireMaker lower = fold(-1);
        m.secondEndLast(upper, lower);
        m.later(EYE);
    }

    /** Ends that are coiled away or turned to loops come last, once all is bound. */
    void endsLast() {
        if (m.is("ends", CrimpedPair.LOOPED)) {
            m.later(FIRST_LOOP);
            m.later(SECOND_LOOP);
        }
        if (coiled()) {
            for (String name : List.of("upper", "lower")) {
                m.later(name + ", first end, coiled away");
                m.later(name + ", second end, coiled away");
            }
        }
    }

    private static final String FIRST_LOOP = "first end loop";
    private static final String SECOND_LOOP = "second end loop";

    private boolean looped(int side) {
        return side > 0 && m.is("ends", CrimpedPair.LOOPED);
    }

    /** A loop at the end of the upper wire, clear of the lower one's end. */
    private WireMaker loop(WireMaker wire, String part) {
        Loops.plain(wire.leave("upper, neck", m.d()).towards(Vector3D.MINUS_J), m.mm("loop"), part);
        return wire;
    }

    private boolean coiled() {
        return m.is("ends", CrimpedPair.COILED);
    }

    private static String name(int side) {
        return side > 0 ? "upper" : "lower";
    }

    /** One of two lengths, from its first end. */
    private void length(int side) {
        String name = name(side);
        Frame stem = Loops.stem(-endMm, side * apartMm / 2, 1, side);
        if (looped(side)) {
            WireMaker first = loop(m.wire(name, Loops.stem(-endMm, apartMm / 2, -1, side)), FIRST_LOOP);
            WireMaker second = m.wire(name, stem);
            crimped(second, name);
            m.secondEndLast(first, loop(second, SECOND_LOOP));
            return;
        }
        if (!coiled()) {
            WireMaker wire = m.wire(name, stem);
            crimped(wire, name);
            m.done(wire.tail(8).end(EndState.FILED), 8, EndState.FILED);
            return;
        }
        double d = m.d();
        var spiral = Spirals.ofTurns(d, m.mm("coilTurns"), SPACING * d);
        double lead = spiral.outerRadiusMm() + d;
        var run = SpiralRun.of(spiral);
        var out = new Vector3D(0, side, 0);
        Frame begins = stem.moved(stem, new Frame(stem.position().add(new Vector3D(-lead, 0, 0)), stem.tangent(), out));
        Frame inner = Frame.ORIGIN.moved(run.at(Frame.ORIGIN, run.lengthMm()), begins);
        WireMaker wire = m.wire(name, inner)
                .step(Kind.SPIRAL, name + ", first end, coiled away")
                .run(run)
                .leave(name + ", beside the first coil", lead);
        crimped(wire, name);
        m.done(away(wire, side), 0, EndState.FILED);
    }

    /** Where a wire that lies between the two and is so thick may begin, mm: not in the eye. */
    double beginsMm(double thickMm) {
        return m.is("made", CrimpedPair.FOLDED)
                ? Math.max(-endMm, -endMm - behindMm() + (m.mm("fold") + thickMm) / 2)
                : -endMm;
    }

    private double eyeMm() {
        return (m.mm("fold") + m.d()) / 2;
    }

    private double openedCosine() {
        return Math.min(1, (apartMm / 2 + m.d()) / (m.d() + eyeMm()));
    }

    /** From where the rails begin to run side by side to the eye's middle. */
    private double behindMm() {
        return (m.d() + eyeMm()) * Math.sqrt(1 - openedCosine() * openedCosine());
    }

    /** One side of a length folded in its middle, from the eye on. */
    private WireMaker fold(int side) {
        double out = m.d();
        double opened = Math.toDegrees(Math.acos(openedCosine()));
        var far = new Vector3D(-endMm - behindMm() - eyeMm(), 0, 0);
        WireMaker wire = m.wire("folded", new Frame(far, new Vector3D(0, side, 0), Vector3D.PLUS_I));
        if (side > 0) {
            wire.port(EYE, m.mm("fold"), 1, Opening.NEVER);
        }
        wire.step(Kind.FORM, EYE).bend(m.mm("fold"), 90 + opened).bend(2 * out - m.d(), -opened);
        wire.towards(new Vector3D(0, side, 0));
        crimped(wire, name(side));
        if (looped(side)) {
            return loop(wire, SECOND_LOOP);
        }
        return coiled() ? away(wire, side) : wire.tail(8).end(EndState.FILED);
    }

    private WireMaker away(WireMaker wire, int side) {
        var spiral = Spirals.ofTurns(m.d(), m.mm("coilTurns"), SPACING * m.d());
        wire.leave(name(side) + ", beside the second coil", spiral.outerRadiusMm() + m.d())
                .towards(new Vector3D(0, side, 0));
        Spirals.inward(wire, spiral, name(side) + ", second end, coiled away");
        return wire.end(EndState.FILED);
    }

    private void crimped(WireMaker wire, String name) {
        wire.leave(name + ", first end", endMm).step(Kind.CRIMP, name + ", through the wheels");
        Zigzag.of(m).run(wire, m.count("waves"));
        wire.leave(name + ", second end", endMm);
    }
}
