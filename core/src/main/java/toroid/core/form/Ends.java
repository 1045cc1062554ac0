package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.form.FormStep.Kind;
import toroid.core.numeric.Vectors;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * The ends of a wire that carries something, each chosen by itself: parameters {@code first}, {@code second} with their own loop, wraps and
 * neck, and what the few other ends have of their own.
 */
public final class Ends {
    private static final String WRAPPED = "wrapped loop";
    private static final String PLAIN = "plain loop";
    private static final String BACK = "wrapped, tail coiled back";
    private static final String SPIRAL = "spiral";
    private static final String BALLED = "balled";
    private static final String FOLDED = "folded";
    private static final String HOOK = "hook";
    private static final String EAR = "ear wire";
    private static final String STRAIGHT = "straight";

    /** The short words of forms that mostly end in one of these two. */
    private static final String SHORT_WRAPPED = "wrapped";

    private static final String SHORT_PLAIN = "plain";

    /** A ball this much over the hole does not go through. Common practice. */
    private static final double BALL_OVER_HOLE = 1.3;

    /** A larger ball drops off, in wires. Common practice, our own figure. */
    private static final double LARGEST_BALL = 3.5;

    private Ends() {}

    /** The parameters of one end; a ball is melted before beads are near, so only the first end offers it. */
    public static List<Parameter> parameters(String which) {
        boolean first = which.equals("first");
        String[] choices = Stream.of(WRAPPED, PLAIN, BACK, SPIRAL, BALLED, FOLDED, HOOK, EAR, STRAIGHT)
                .filter(choice -> first || !choice.equals(BALLED))
                .toArray(String[]::new);
        return List.of(
                Parameter.choice(which, which + " end", choices)
                        .because(first ? "Made before anything is threaded." : "Made last, over what it carries."),
                Parameter.loop(which + "Loop", which + " loop, inside", 2.5)
                        .when(which + "=" + WRAPPED, which + "=" + PLAIN, which + "=" + BACK),
                Parameter.count(which + "Wraps", which + " loop's wraps", 3, 1, 12, "Three is the habit.")
                        .when(which + "=" + WRAPPED, which + "=" + BACK),
                Parameter.length(
                                which + "Neck",
                                which + " loop's neck",
                                d -> 0,
                                d -> 0,
                                d -> 30 * d,
                                "0: as its wraps need. Say it to match another.")
                        .when(which + "=" + WRAPPED, which + "=" + BACK));
    }

    /**
     * Loops of both ends alike, counting where one of these ends is one.
     *
     * @param ends the choices of how the ends are made
     */
    public static List<Parameter> alike(Parameter... ends) {
        var alike = new ArrayList<Parameter>();
        whereEnded(alike, Parameter.loop("loop", "loops, inside", 2.5), ends, LOOPS);
        whereEnded(alike, Parameter.through(), ends, LOOPS);
        whereEnded(
                alike,
                Parameter.count("wraps", "wraps", 3, 1, 12, "Three is the habit."),
                ends,
                List.of(WRAPPED, SHORT_WRAPPED, BACK));
        return alike;
    }

    private static final List<String> LOOPS = List.of(PLAIN, SHORT_PLAIN, WRAPPED, SHORT_WRAPPED, BACK);

    /** What ends have in common where they are spirals, hooks, ear wires or left straight; only of what these ends offer. */
    public static List<Parameter> shared(Parameter... ends) {
        var shared = new ArrayList<Parameter>();
        var spirals = List.of(SPIRAL);
        var hooks = List.of(HOOK);
        var ears = List.of(EAR);
        whereEnded(
                shared,
                Parameter.length("turns", "turns", d -> 2, d -> 0.5, d -> 12, "Count turns to make equal spirals."),
                ends,
                spirals);
        whereEnded(shared, Parameter.loop("hook", "hook, inside", 5), ends, hooks);
        whereEnded(
                shared,
                Parameter.length(
                        "leg", "leg", d -> 5 * d, d -> d, d -> 60 * d, "From the hook to its tip, curled out."),
                ends,
                hooks);
        whereEnded(shared, Parameter.fixed("rise", "rise to the bend", 5, 1, 40, "Longer hangs low."), ends, ears);
        whereEnded(
                shared,
                Parameter.fixed("over", "bend over the ear, inside", 9, 4, 25, "{8..10} is usual."),
                ends,
                ears);
        whereEnded(
                shared, Parameter.fixed("tail", "tail", 14, 4, 40, "Shorter falls out, longer scratches."), ends, ears);
        whereEnded(
                shared,
                Parameter.angle("flick", "tail flicked out", 20, 0, 60, "Keeps it from slipping out of the ear."),
                ends,
                ears);
        whereEnded(
                shared,
                Parameter.fixed("straight", "end left straight", 15, 1, 200, "For whatever it becomes."),
                ends,
                List.of(STRAIGHT));
        return shared;
    }

    private static void whereEnded(List<Parameter> to, Parameter parameter, Parameter[] ends, List<String> words) {
        String[] taken = Stream.of(ends)
                .flatMap(end -> end.choices().stream().filter(words::contains).map(word -> end.id() + "=" + word))
                .toArray(String[]::new);
        if (taken.length > 0) {
            to.add(parameter.when(taken));
        }
    }

    /**
     * A loop at an end.
     *
     * @param part what its steps call it
     * @param neckMm 0 for what its wraps need
     */
    public record Loop(String part, double insideMm, int wraps, double neckMm) {}

    /** Makes that end on from here, its loop by its own parameters. {@code holeMm}: beside it; a head must not go through. */
    public static void make(FormMaker m, WireMaker wire, String which, double holeMm) {
        var loop = new Loop(which + " loop", m.mm(which + "Loop"), m.count(which + "Wraps"), m.mm(which + "Neck"));
        make(m, wire, which, holeMm, loop);
    }

    /** Makes that end on from here, its loop by the parameters of {@link #alike}. */
    public static void makeAlike(FormMaker m, WireMaker wire, String which, double holeMm, String loopPart) {
        make(m, wire, which, holeMm, new Loop(loopPart, m.mm("loop"), m.count("wraps"), 0));
    }

    /** Whether one of these ends is a loop that something may hang in. */
    public static boolean haveALoop(FormMaker m, String... ends) {
        return Stream.of(ends).map(m::chosen).anyMatch(LOOPS::contains);
    }

    private static void make(FormMaker m, WireMaker wire, String which, double holeMm, Loop loop) {
        double d = m.d();
        String part = which + " end";
        switch (m.chosen(which)) {
            case PLAIN, SHORT_PLAIN -> Loops.plain(wire, loop.insideMm, loop.part);
            case WRAPPED, SHORT_WRAPPED -> wrapped(wire, loop, 0);
            case BACK -> back(wire, wrapped(wire, loop, TURN_ROUND * d), loop);
            case SPIRAL -> {
                var spiral = Spirals.ofTurns(d, m.mm("turns"), d);
                Spirals.centred(wire, spiral, part);
                head(m, Spirals.widthMm(spiral, d), holeMm);
            }
            case FOLDED -> {
                Folds.head(wire);
                head(m, FOLD_WIDE * d, holeMm);
            }
            case HOOK -> {
                wire.leave(part + ", shank", 2 * d);
                wire.port(part + ", hook", m.mm("hook"), 1, Opening.MOUTH);
                wire.step(Kind.FORM, part + ", hook").bend(m.mm("hook"), 180).straight(m.mm("leg"));
                wire.step(Kind.BEND, part + ", tip curled out").bend(1.5 * d, -140);
                wire.tail(2).end(EndState.FILED);
            }
            case EAR -> {
                EarWires.check(m);
                wire.leave(part + ", rise", m.mm("rise"));
                EarWires.over(m, wire);
            }
            case STRAIGHT -> wire.leave(part, m.mm("straight"));
            case BALLED -> {
                double ball = Math.min(LARGEST_BALL * d, Math.max(BALL_OVER_HOLE * holeMm, 2 * d));
                wire.ball(ball);
                head(m, ball, holeMm);
            }
            default -> throw new IllegalArgumentException("no end is called " + m.chosen(which));
        }
    }

    /** A folded head is two wires and their gap wide. */
    private static final double FOLD_WIDE = 2.04;

    /** Neck for the tail to turn back on, in wires. */
    private static final double TURN_ROUND = 0.6;

    /** The second layer begins so far short of the first one's end, lies so far from the neck's middle, turn from turn; in wires. */
    private static final double BACK_FROM = 0.2;

    private static final double BACK_OUT = 2.1;
    private static final double BACK_PITCH = 1.04;

    /** Answers the foot of the loop. */
    private static Frame wrapped(WireMaker wire, Loop loop, double moreNeckMm) {
        double neck = loop.neckMm > 0 ? loop.neckMm : Loops.neckMm(wire.diameterMm(), loop.wraps) + moreNeckMm;
        Frame here = wire.here();
        Vector3D foot = Vectors.sum(1, here.position(), neck, here.tangent());
        Loops.wrappedOn(wire, loop.insideMm, loop.wraps, neck, loop.part, Loops.NOTHING);
        return new Frame(foot, here.tangent(), here.normal());
    }

    /** Coils the tail on over its own wraps, back towards the loop: a second layer, a turn fewer. */
    private static void back(WireMaker wire, Frame foot, Loop loop) {
        double d = wire.diameterMm();
        wire.step(Kind.WRAP, loop.part + ", tail coiled back");
        Vector3D begin = Vectors.sum(1, foot.position(), -(loop.wraps - BACK_FROM) * d, foot.tangent());
        Frame axis = new Frame(begin, foot.tangent(), foot.normal());
        wire.wrap(new CoilSize(BACK_OUT * d, BACK_PITCH * d, Math.max(0.5, loop.wraps - 1), true), axis);
        wire.tail(Loops.wrappedTail(d)).end(EndState.TUCKED);
    }

    private static void head(FormMaker m, double headMm, double holeMm) {
        if (headMm <= holeMm) {
            m.note(new Note(
                    NoteCode.HEAD_GOES_THROUGH, Note.Severity.STOP, Map.of("headMm", headMm, "holeMm", holeMm)));
        }
    }
}
