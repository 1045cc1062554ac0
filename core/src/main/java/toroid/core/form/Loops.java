package toroid.core.form;

import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.numeric.Vectors;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * The loops every finding is made of, bent on from where the wire is. The frame's normal is the side the stem is first tipped
 * away from. Centre-line radius of a loop of inside diameter i is {@code ρ = (i + d)/2}; the crisp bend at its foot has
 * {@code r = 3d/4}. Exact arcs; a cut end is turned until its face touches the wire ({@link Closing}).
 */
public final class Loops {
    private Loops() {}

    /** Play a loop needs about what goes through it, mm. Common practice: 0.2. */
    private static final double PLAY_MM = 0.2;

    /** Notes a loop too small for what it is to carry; parameter {@code through}. */
    public static void checkThrough(FormMaker maker, double insideMm) {
        double needed = maker.mm("through") + PLAY_MM;
        if (insideMm < needed) {
            maker.care(
                    NoteCode.NOTHING_GOES_THROUGH,
                    Map.of("insideMm", insideMm, "throughMm", maker.mm("through"), "neededMm", needed));
        }
    }

    /** The usual handling beyond a plain loop, mm. Common practice: a loop takes about 1 cm beyond the bead at 0.8 mm. */
    public static double plainTail(double wireMm) {
        return 1.5 * wireMm + 0.5;
    }

    /** The usual handling beyond a wrapped loop, mm. Common practice: about 4 cm beyond the bend at 0.9 mm, three wraps. */
    public static double wrappedTail(double wireMm) {
        return 9 + 3 * wireMm;
    }

    /**
     * A plain loop over its stem: tipped back by {@code atan(h/r)}, {@code h = √(ρ² + 2rρ)}, so that the loop's middle stands on
     * the stem's line, then turned until its end touches the stem's foot: {@code cos δ = ((r + ρ)² + (ρ + d/2)² − (r + d/2)²)/(2 (r + ρ)(ρ +
     * d/2))} short of a full turn.
     */
    public static void plain(WireMaker wire, double insideMm, String part) {
        wire.form().openLoop(insideMm, wire.diameterMm());
        double d = wire.diameterMm();
        wire.step(FormStep.Kind.BEND, part);
        tipBack(wire, insideMm);
        wire.port(part, insideMm, 1, Opening.SIDEWAYS);
        wire.step(FormStep.Kind.LOOP, part).bend(insideMm, closing(wire, insideMm, NOTHING_BEHIND));
        wire.tail(plainTail(d)).end(EndState.FLUSH);
    }

    private static final BendProgram NOTHING_BEHIND = new BendProgram(Frame.ORIGIN, List.of());

    /** How far a loop is turned until its cut end touches, degrees. */
    private static double closing(WireMaker wire, double insideMm, BendProgram behind) {
        return Closing.degrees(wire.here(), wire.program(), behind, insideMm, wire.diameterMm());
    }

    /** Tips the stem back and answers by how many degrees. */
    private static double tipBack(WireMaker wire, double insideMm) {
        double d = wire.diameterMm();
        double r = 0.75 * d;
        double rho = (insideMm + d) / 2;
        double tip = Math.toDegrees(Math.atan2(Math.sqrt(rho * rho + 2 * r * rho), r));
        wire.crisp(-tip);
        return tip;
    }

    /** A loop beside its stem: one arc from the stem round until it meets it again. */
    public static void offset(WireMaker wire, double insideMm, String part) {
        offset(wire, insideMm, part, NOTHING_BEHIND);
    }

    /** As {@link #offset}, on a stem so short that the end may meet the wire on its other side. */
    public static void offset(WireMaker wire, double insideMm, String part, BendProgram behind) {
        wire.form().openLoop(insideMm, wire.diameterMm());
        double d = wire.diameterMm();
        wire.port(part, insideMm, 1, Opening.SIDEWAYS);
        wire.step(FormStep.Kind.LOOP, part).bend(insideMm, closing(wire, insideMm, behind));
        wire.tail(plainTail(d)).end(EndState.FLUSH);
    }

    /**
     * Half of a loop in mid-wire that crosses over itself, from its far side on: half a turn of a helix of pitch 1.15 d about an
     * axis square to the face, levelled where it leaves so that both arms lie in the face, a wire and a little apart. Bending
     * then goes towards the loop.
     *
     * @param top the loop's far side, on the wire's middle; the loop hangs below it
     * @param way 1 or −1: which way round, and the other arm's side it leaves to
     */
    public static WireMaker halfMidwire(FormMaker form, String name, Vector3D top, int way, double insideMm) {
        double d = form.d();
        double radius = (insideMm + d) / 2;
        double pitch = 1.15 * d;
        double lean = Math.atan2(pitch, 2 * Math.PI * radius);
        Vector3D tangent = new Vector3D(way * Math.cos(lean), 0, -way * Math.sin(lean));
        WireMaker wire = form.wire(name, new Frame(top, tangent, Vector3D.MINUS_J));
        if (way > 0) {
            // told once, by one of its halves
            Vector3D middle = Vectors.sum(1, top, -radius, Vector3D.PLUS_J);
            wire.port("middle loop", middle, Vector3D.PLUS_K, insideMm, Opening.WHILE_MADE);
        }
        wire.step(FormStep.Kind.LOOP, "middle loop").coil(new CoilSize(radius, pitch, 0.5, true));
        return wire.towards(new Vector3D(0, 0, way))
                .bend(d, Math.toDegrees(lean))
                .towards(Vector3D.PLUS_J);
    }

    /**
     * A wrapped loop: a neck that takes its wraps, the loop over it, the tail crossed in front and wrapped down the neck.
     * {@code neck = n d + d/2}, loop as {@link #plain} but crossing, n turns of {@code √((2πd)² + d²)}.
     *
     * @param wraps n, 1 up
     */
    public static void wrapped(WireMaker wire, double insideMm, int wraps, String part) {
        wrappedOn(wire, insideMm, wraps, neckMm(wire.diameterMm(), wraps), part, NOTHING);
    }

    /** As {@link #wrapped}, round what it carries: that goes on when the loop is turned, and before it is wrapped. */
    public static void wrappedRound(WireMaker wire, double insideMm, int wraps, String part, String carries) {
        wrappedOn(wire, insideMm, wraps, neckMm(wire.diameterMm(), wraps), part, carries);
    }

    /** What a loop that carries nothing carries. */
    public static final String NOTHING = "";

    /** The neck that many wraps need, mm. */
    public static double neckMm(double wireMm, int wraps) {
        return (wraps + 0.5) * wireMm;
    }

    /** As {@link #wrappedRound}, on a neck of that length; refuses none but notes when the wraps do not fit it. */
    public static void wrappedOn(
            WireMaker wire, double insideMm, int wraps, double neckMm, String part, String carries) {
        double d = wire.diameterMm();
        if (wraps * d > neckMm + 1e-9) {
            wire.form()
                    .note(Note.care(
                            NoteCode.WRAPS_DO_NOT_FIT,
                            Map.of("neckMm", neckMm, "wraps", wraps, "needMm", neckMm(d, wraps), "wireMm", d)));
        }
        wire.leave(part + ", neck", neckMm);
        Frame foot = wire.here();
        wire.step(FormStep.Kind.BEND, part);
        double tip = tipBack(wire, insideMm);
        wire.port(part, insideMm, 1, Opening.WHILE_MADE);
        wire.step(FormStep.Kind.LOOP, part).bend(insideMm, 200 + tip);
        if (!carries.equals(NOTHING)) {
            wire.does(FormStep.Kind.THREAD, carries);
        }
        wire.step(FormStep.Kind.WRAP, part);
        Frame axis = new Frame(foot.position(), foot.tangent().negate(), foot.binormal());
        wire.wrap(new CoilSize(d, d, wraps, false), axis);
        wire.tail(wrappedTail(d)).end(EndState.TUCKED);
    }

    /** The middle of a loop about to be turned on this stem, mm beyond where it is. */
    public static double middleMm(double insideMm, double wireMm) {
        double r = 0.75 * wireMm;
        double rho = (insideMm + wireMm) / 2;
        return Math.sqrt(rho * rho + 2 * r * rho);
    }

    /** A stem's frame: from that place, along x or −x, faces in the xy plane. */
    public static Frame stem(double x, double y, double direction, double side) {
        return new Frame(new Vector3D(x, y, 0), new Vector3D(direction, 0, 0), new Vector3D(0, side, 0));
    }
}
