package toroid.core.form;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.Hammering;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.DomedSpiral;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.HammeredRun;
import toroid.core.bend.program.ProgramBuilder;
import toroid.core.bend.program.Run;
import toroid.core.bend.program.SpiralRun;
import toroid.core.numeric.Vectors;

/** Bends one wire, or one half of it from its middle outward. Diameters mm, angles degrees. */
public final class WireMaker {
    private final FormMaker form;
    private final String wire;
    private final double diameterMm;
    private final ProgramBuilder builder;
    private final List<StepDraft> steps = new ArrayList<>();
    private final List<Flat> flats = new ArrayList<>();
    private final Deque<StepDraft> hammered = new ArrayDeque<>();
    private EndState end = EndState.FLUSH;
    private boolean follows;
    private FormedWire.Slack slack;
    private double tailMm;
    private double meltedMm;

    WireMaker(FormMaker form, String wire, double diameterMm, Frame start) {
        this.form = form;
        this.wire = wire;
        this.diameterMm = diameterMm;
        this.builder = new ProgramBuilder(start);
        builder.step(form.nextStep());
    }

    String name() {
        return wire;
    }

    public double diameterMm() {
        return diameterMm;
    }

    public Frame here() {
        return builder.here();
    }

    /** The wire as it is bent so far. */
    public BendProgram program() {
        return builder.build();
    }

    public double lengthMm() {
        return builder.lengthMm();
    }

    /** Begins a step; what is bent from here on is made by it. */
    public WireMaker step(FormStep.Kind kind, String part) {
        int number = form.nextStep();
        builder.step(number);
        steps.add(new StepDraft(number, kind, part, wire));
        return this;
    }

    /** Begins a step that bends both halves of a wire worked from its middle as one: legs that lie side by side. */
    public WireMaker together(FormStep.Kind kind, String part) {
        int number = form.together(wire, part);
        builder.step(number);
        steps.add(new StepDraft(number, kind, part, wire));
        return this;
    }

    /** The step just begun is made on that rod. */
    public WireMaker onRod(double mm) {
        steps.set(steps.size() - 1, steps.get(steps.size() - 1).onRod(mm));
        return this;
    }

    /** The step just begun winds it to that inside; it is pushed narrower later. */
    public WireMaker wound(double insideMm) {
        steps.set(steps.size() - 1, steps.get(steps.size() - 1).wound(insideMm));
        return this;
    }

    /** Something done to the wire here that bends nothing. */
    public WireMaker does(FormStep.Kind kind, String part) {
        steps.add(new StepDraft(-1, kind, part, wire));
        return this;
    }

    public WireMaker straight(double mm) {
        builder.straight(mm);
        return this;
    }

    /** Leaves a length straight, as a step of its own. */
    public WireMaker leave(String part, double mm) {
        return step(FormStep.Kind.LEAVE, part).straight(mm);
    }

    /** Bends towards the normal on a tool; a negative angle bends away from it. */
    public WireMaker bend(double insideMm, double degrees) {
        builder.arc((insideMm + diameterMm) / 2, Math.toRadians(degrees));
        return this;
    }

    /**
     * The inside of the bend that follows takes a neighbour.
     *
     * @param degrees of that bend; negative where it bends away from the normal
     */
    public WireMaker port(String part, double insideMm, double degrees, Opening opens) {
        double out = Math.signum(degrees) * (insideMm + diameterMm) / 2;
        Vector3D centre = Vectors.sum(1, here().position(), out, here().normal());
        return port(part, centre, here().binormal(), insideMm, opens);
    }

    /** A place of this wire takes a neighbour. */
    public WireMaker port(String part, Vector3D centre, Vector3D axis, double insideMm, Opening opens) {
        form.port(new Port(part, wire, centre, axis, insideMm, diameterMm, 0, opens));
        return this;
    }

    /** A crisp bend at the edge of the jaw: inside diameter half the wire. */
    public WireMaker crisp(double degrees) {
        return bend(diameterMm / 2, degrees);
    }

    /**
     * A stretch that will be hammered flat, by a step of its own that {@link #hammer} puts in its place among the others.
     *
     * @param longMm how long it is when it is flat
     */
    public WireMaker flat(double longMm, Flat.Blow blow) {
        double from = lengthMm();
        int number = form.nextStep();
        double thick = Math.min(blow.fromThickMm(), blow.toThickMm());
        double wide = Hammering.widthMm(diameterMm, thick, blow.share());
        hammered.add(new StepDraft(number, FormStep.Kind.HAMMER, "", wire)
                .leaving(new FormStep.Hammered(thick, wide, longMm)));
        builder.step(number);
        builder.run(new HammeredRun(longMm, blow.tookMm(diameterMm, longMm)));
        flats.add(new Flat(from, lengthMm(), blow));
        return this;
    }

    /** Hammers the first of the flats that is not hammered yet. */
    public WireMaker hammer(String part) {
        StepDraft next = hammered.remove();
        steps.add(new StepDraft(next.number(), next.kind(), part, wire).leaving(next.flat()));
        return this;
    }

    List<Flat> flats() {
        return flats;
    }

    public WireMaker roll(double degrees) {
        builder.roll(Math.toRadians(degrees));
        return this;
    }

    public WireMaker towards(Vector3D direction) {
        builder.towards(direction);
        return this;
    }

    public WireMaker to(Vector3D place, Vector3D direction) {
        builder.to(place, direction, sharpest());
        return this;
    }

    /** Over to a frame that looks the way the wire looks now, in an arch: out, along, and in again; a small step aside is a slant. */
    public WireMaker carry(Frame frame) {
        Vector3D chord = frame.position().subtract(here().position());
        Vector3D aside = chord.subtract(here().tangent().scalarMultiply(Vectors.dot(chord, here().tangent())));
        if (aside.getNorm() > SIDESTEP * diameterMm) {
            Vector3D middle = Vectors.sum(1, here().position(), 0.5, chord, aside.getNorm() / ARCH, here().tangent());
            to(middle, aside);
        }
        to(frame.position(), frame.tangent());
        return towards(frame.normal());
    }

    /** Centre-line radius of the sharpest bend a lead may take: at the edge of a jaw, as {@link #crisp}. */
    private double sharpest() {
        return 0.75 * diameterMm;
    }

    /** Less than that aside, in wires, is a slant and no arch. */
    private static final double SIDESTEP = 3;

    /** How flat the arch is: its rise against its span. */
    private static final double ARCH = 6;

    public WireMaker wrap(CoilSize coil, Frame axis) {
        builder.wrap(coil, axis, sharpest());
        return this;
    }

    public WireMaker coil(CoilSize coil) {
        builder.coil(coil);
        return this;
    }

    /**
     * Leads over to a ball and spirals on it, away from a pole.
     *
     * @param centre the ball's middle
     * @param pole unit vector to the pole the rows go round
     * @param first unit vector, square to the pole, where the first row begins
     * @param anticlockwise seen from outside the pole
     */
    public WireMaker dome(DomedSpiral spiral, Vector3D centre, Vector3D pole, Vector3D first, boolean anticlockwise) {
        Frame own = spiral.at(0);
        Vector3D east = Vectors.cross(pole, first).scalarMultiply(anticlockwise ? 1 : -1);
        builder.to(
                centre.add(laid(own.position(), first, east, pole)),
                laid(own.tangent(), first, east, pole),
                sharpest());
        builder.towards(laid(own.normal(), first, east, pole));
        builder.run(new SpiralRun(spiral, false, !anticlockwise));
        return this;
    }

    private static Vector3D laid(Vector3D v, Vector3D x, Vector3D y, Vector3D z) {
        return Vectors.sum(v.getX(), x, v.getY(), y, v.getZ(), z);
    }

    public WireMaker run(Run run) {
        builder.run(run);
        return this;
    }

    /** Melts the end to a ball of diameter b: it uses up {@code 2b³/(3d²)} of wire (equal volumes; exact). */
    public WireMaker ball(double ballMm) {
        melt("balled end", ballMm, 1);
        end = EndState.BALLED;
        return this;
    }

    /** The same of the first end, before anything is bent; the wire is worked from there. */
    public WireMaker firstBall(double ballMm) {
        melt("balled first end", ballMm, -1);
        return this;
    }

    /** @param way 1 on from here, −1 back */
    private void melt(String part, double ballMm, int way) {
        double used = BalledEnd.wireMm(ballMm, diameterMm);
        meltedMm += used;
        steps.add(new StepDraft(-2, FormStep.Kind.BALL, part, wire).melting(used));
        form.solid(new Solid(
                Solid.Kind.BALL,
                Vectors.sum(1, here().position(), way * ballMm / 2, here().tangent()),
                here().tangent(),
                ballMm,
                ballMm,
                0));
    }

    /** The same, melted before the steps of that part, which would hide the end from the flame. */
    public WireMaker ballBefore(double ballMm, String part) {
        ball(ballMm);
        StepDraft ball = steps.remove(steps.size() - 1);
        int at = 0;
        while (at < steps.size() && !steps.get(at).part().equals(part)) {
            at++;
        }
        steps.add(at, ball);
        return this;
    }

    /** The step just begun is told as so many turns, whatever becomes of them later. */
    public WireMaker turnsTold(double turns) {
        steps.set(steps.size() - 1, steps.get(steps.size() - 1).told(turns));
        return this;
    }

    /** The state this end is left in. */
    public WireMaker end(EndState state) {
        end = state;
        return this;
    }

    /** What the hand holds beyond this end, by the form's own habit. */
    public WireMaker tail(double mm) {
        tailMm = mm * form.request().schools().tailFactor();
        return this;
    }

    /** What of it stays in the piece is only known within these, mm, and why. */
    public WireMaker between(double lowMm, double highMm, String why) {
        slack = new FormedWire.Slack(lowMm, highMm, why);
        return this;
    }

    FormedWire.Slack slack() {
        return slack;
    }

    /** Binding wire takes its exact course by hand, from what it lies on: it is not checked for contact. */
    public WireMaker follows() {
        follows = true;
        return this;
    }

    boolean isFollowing() {
        return follows;
    }

    ProgramBuilder builder() {
        return builder;
    }

    List<StepDraft> steps() {
        return steps;
    }

    EndState end() {
        return end;
    }

    double tailMm() {
        return tailMm;
    }

    double meltedMm() {
        return meltedMm;
    }

    FormMaker form() {
        return form;
    }
}
