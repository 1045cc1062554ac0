package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.form.FormStep.Kind;
import toroid.core.quantity.Note;

/**
 * The ends of a wire that carries something, each chosen by itself: parameters {@code first}, {@code second} with their own loop, wraps and
 * neck, and what the few other ends have of their own.
 */
public final class Ends {
    private static final String PLAIN = "plain loop";
    private static final String WRAPPED = "wrapped loop";
    private static final String BACK = "wrapped, tail coiled back";
    private static final String SPIRAL = "spiral";
    private static final String BALLED = "balled";
    private static final String FOLDED = "folded";
    private static final String HOOK = "hook";
    private static final String EAR = "ear wire";
    private static final String STRAIGHT = "straight";

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

    /** What both ends share where they are spirals, hooks or ear wires. */
    public static List<Parameter> shared() {
        var shared = new ArrayList<Parameter>();
        shared.add(Parameter.length("turns", "turns", d -> 2, d -> 0.5, d -> 12, "Count turns to make equal spirals.")
                .when(either(SPIRAL)));
        shared.add(Parameter.loop("hook", "hook, inside", 5).when(either(HOOK)));
        shared.add(
                Parameter.length("leg", "leg", d -> 5 * d, d -> d, d -> 60 * d, "From the hook to its tip, curled out.")
                        .when(either(HOOK)));
        shared.add(Parameter.fixed("rise", "rise to the bend", 5, 1, 40, "Longer hangs low.")
                .when(either(EAR)));
        shared.add(Parameter.fixed("over", "bend over the ear, inside", 9, 4, 25, "8 to 10 mm is usual.")
                .when(either(EAR)));
        shared.add(Parameter.fixed("tail", "tail", 14, 4, 40, "Shorter falls out, longer scratches.")
                .when(either(EAR)));
        shared.add(Parameter.angle("flick", "tail flicked out", 20, 0, 60, "Keeps it from slipping out of the ear.")
                .when(either(EAR)));
        shared.add(Parameter.fixed("straight", "end left straight", 15, 1, 200, "For whatever it becomes.")
                .when(either(STRAIGHT)));
        return shared;
    }

    private static String[] either(String choice) {
        return new String[] {"first=" + choice, "second=" + choice};
    }

    /**
     * Makes that end on from here.
     *
     * @param holeMm the hole beside it, which a head must not go through
     */
    public static void make(FormMaker m, WireMaker wire, String which, double holeMm) {
        double d = m.d();
        String part = which + " end";
        String loop = which + " loop";
        if (m.is(which, PLAIN)) {
            Loops.plain(wire, m.mm(which + "Loop"), loop);
        } else if (m.is(which, WRAPPED)) {
            wrapped(m, wire, which, loop, 0);
        } else if (m.is(which, BACK)) {
            Frame foot = wrapped(m, wire, which, loop, TURN_ROUND * d);
            back(wire, foot, m.count(which + "Wraps"), loop + ", tail coiled back");
        } else if (m.is(which, SPIRAL)) {
            var spiral = Spirals.ofTurns(d, m.mm("turns"), d);
            Spirals.centred(wire, spiral, part);
            head(m, Spirals.widthMm(spiral, d), holeMm);
        } else if (m.is(which, FOLDED)) {
            Folds.head(wire);
            head(m, FOLD_WIDE * d, holeMm);
        } else if (m.is(which, HOOK)) {
            wire.leave(part + ", shank", 2 * d);
            wire.step(Kind.FORM, part + ", hook").bend(m.mm("hook"), 180).straight(m.mm("leg"));
            wire.step(Kind.BEND, part + ", tip curled out").bend(1.5 * d, -140);
            wire.tail(2).end(EndState.FILED);
        } else if (m.is(which, EAR)) {
            EarWires.check(m);
            wire.leave(part + ", rise", m.mm("rise"));
            EarWires.over(m, wire);
        } else if (m.is(which, STRAIGHT)) {
            wire.leave(part, m.mm("straight"));
        } else {
            double ball = Math.min(LARGEST_BALL * d, Math.max(BALL_OVER_HOLE * holeMm, 2 * d));
            wire.ball(ball);
            head(m, ball, holeMm);
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
    private static Frame wrapped(FormMaker m, WireMaker wire, String which, String part, double moreNeckMm) {
        int wraps = m.count(which + "Wraps");
        double said = m.mm(which + "Neck");
        double neck = said > 0 ? said : Loops.neckMm(m.d(), wraps) + moreNeckMm;
        Frame here = wire.here();
        Vector3D foot = new Vector3D(1, here.position(), neck, here.tangent());
        Loops.wrappedOn(wire, m.mm(which + "Loop"), wraps, neck, part, Loops.NOTHING);
        return new Frame(foot, here.tangent(), here.normal());
    }

    /** Coils the tail on over its own wraps, back towards the loop: a second layer, a turn fewer. */
    private static void back(WireMaker wire, Frame foot, int wraps, String part) {
        double d = wire.diameterMm();
        wire.step(Kind.WRAP, part);
        Vector3D begin = new Vector3D(1, foot.position(), -(wraps - BACK_FROM) * d, foot.tangent());
        Frame axis = new Frame(begin, foot.tangent(), foot.normal());
        wire.wrap(new CoilSize(BACK_OUT * d, BACK_PITCH * d, Math.max(0.5, wraps - 1), true), axis);
        wire.tail(Loops.wrappedTail(d)).end(EndState.TUCKED);
    }

    private static void head(FormMaker m, double headMm, double holeMm) {
        if (headMm <= holeMm) {
            m.note(new Note("head-goes-through", Note.Severity.STOP, Map.of("headMm", headMm, "holeMm", holeMm)));
        }
    }
}
