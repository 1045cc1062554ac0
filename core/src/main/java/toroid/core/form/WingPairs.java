package toroid.core.form;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.CoilSize;
import toroid.core.form.FormStep.Kind;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * Two pairs of wings from one wire about a middle loop. Either half of the wire lies in a plane of its own, a wire and a little apart, as the
 * loop leaves them: out level past the loop, raised, round the first tip and back to the middle; down the stem; out again below, round
 * the second tip and back, lifted by the wire over its own wing, to the front of the stem. Two bare stems lie one behind the other and take
 * the wraps of both tails: the one goes up from the middle, the other down.
 *
 * <p>Round a tip of middle radius ρ about C the wire leaves for a place T along the tangent: with w = T − C, {@code t = √(|w|² − ρ²)}, it
 * leaves at the angle {@code arg w + atan2(t, ρ)} (geometry, exact). In the plane of a half: x outward, y up, from where the loop's arms
 * cross.
 */
public final class WingPairs {
    private static final String FIRST = "first wing";
    private static final String SECOND = "second wing";
    private static final String TAIL = "tail, lifted over its own wing to the front";

    /** Centre-line radius of a crisp bend, in wires. */
    private static final double CRISP = 0.75;

    /** Half of what the loop's two arms lie apart, in wires: {@link Loops#halfMidwire} leaves a pitch of 1.15. */
    private static final double PLANE = 0.575;

    /** Over its own wing a tail is lifted so far, in wires; it begins to rise so far before. */
    private static final double LIFT = 1.2;

    private static final double RISES = 3;

    /** It is up so far before it passes over, in wires, by the sine of the angle at which it does; at the most. */
    private static final double BEFORE = 0.9;

    private static final double MOST_BEFORE = 5;

    /** So far beside the stem's middle a tail comes level, in wires: its own turns pass below or above it. */
    private static final double LEVEL = 2.4;

    /** Turns about the stem stand this far apart and this far out, in wires. */
    private static final double PITCH = 1.03;

    private static final double OUT = 1.01;

    /** The first turns of the two tails lie so far from the stem's middle, in wires; the last so far from its corners. */
    private static final double FROM_MIDDLE = 0.62;

    private static final double FROM_CORNER = 0.9;

    private final FormMaker m;
    private final double d;
    private final String wireName;

    public WingPairs(FormMaker m, String wireName) {
        this.m = m;
        this.d = m.d();
        this.wireName = wireName;
    }

    /** Loop, both pairs, and the wraps on the stem. */
    public static List<Parameter> parameters() {
        return List.of(
                Parameter.loop("loop", "middle loop, inside", 3),
                Parameter.length(
                        "first", "first pair, edge", d -> 22 * d, d -> 10 * d, d -> 120, "From shoulder to tip."),
                Parameter.angle("raise", "raised by", 35, 0, 55, "How far it climbs from level."),
                Parameter.length("tip", "first tips, inside", d -> 7 * d, d -> 0.5 * d, d -> 20 * d, "Round on a jaw."),
                Parameter.length(
                        "below",
                        "stem begins below the loop",
                        d -> 7 * d,
                        d -> 4 * d,
                        d -> 40 * d,
                        "Where a first wing comes back."),
                Parameter.length(
                        "second", "second pair, edge", d -> 23 * d, d -> 18 * d, d -> 120, "From stem to tip."),
                Parameter.angle("droop", "drooping by", 30, 0, 45, "How far it falls from level."),
                Parameter.length(
                        "lowerTip",
                        "second tips, inside",
                        d -> 9 * d,
                        d -> 4 * d,
                        d -> 20 * d,
                        "Wide: its wire comes back over."),
                Parameter.count("wraps", "wraps of each tail", 2, 1, 6, "Two hold it."));
    }

    /** What a tail does when it has gone its wraps round the stem: at the front of it, heading across. */
    public interface Ending {
        /** @param which "first" or "second" */
        void end(WireMaker wire, String which);
    }

    /** Makes both halves, one step at a time, so that they match. */
    public void make(Ending ending) {
        WireMaker one = half(1);
        WireMaker other = half(-1);
        m.inTandem(tail(one, -1, "first", ending), tail(other, 1, "second", ending));
    }

    /** One half as far as its second tip. {@code way} as in {@link Loops#halfMidwire}: its wings lie on the other side. */
    private WireMaker half(int way) {
        WireMaker wire = Loops.halfMidwire(m, wireName, new Vector3D(0, loopMm(), 0), way, m.mm("loop"));
        double shoulder = (m.mm("loop") + d) / 2 + 1.2 * d;
        wire.leave(FIRST + ", shoulder", shoulder);
        double raise = Math.toRadians(m.degrees("raise"));
        turn(wire, FIRST + ", raised", raise);
        double x = Math.abs(wire.here().position().getX());
        double y = wire.here().position().getY();
        Petal first = petal(x, y, raise, m.mm("first"), (m.mm("tip") + d) / 2, 0, -m.mm("below"), FIRST);
        double corner = first.heading + Math.PI / 2;
        wire.leave(FIRST + ", upper edge", m.mm("first"));
        wire.step(Kind.BEND, FIRST + ", tip").bend(m.mm("tip"), -Math.toDegrees(first.turn));
        wire.leave(FIRST + ", lower edge", left(first.backMm - fillet(corner), FIRST));
        turn(wire, FIRST + ", down the stem", -corner);
        double droop = Math.toRadians(m.degrees("droop"));
        double foot = Math.PI / 2 - droop;
        double stem = stemMm();
        wire.leave("stem", left(stem - fillet(corner) - fillet(foot), "stem"));
        turn(wire, SECOND + ", out", foot);
        wire.leave(SECOND + ", upper edge", m.mm("second"));
        return wire;
    }

    /** From the loop's far side to where its arms cross, up. */
    private double loopMm() {
        return m.mm("loop") + d;
    }

    private double stemMm() {
        return 2 * (m.count("wraps") * PITCH + FROM_MIDDLE + FROM_CORNER + CRISP) * d;
    }

    /** Half-way down the stem. */
    private double middleMm() {
        return -m.mm("below") - stemMm() / 2;
    }

    /** The second tip, back over its own wing to the front, and round the stem; {@code across} the way it comes, −1 from the right. */
    private WireMaker tail(WireMaker wire, int side, String which, Ending ending) {
        int across = -side;
        double radius = (m.mm("lowerTip") + d) / 2;
        double droop = Math.toRadians(m.degrees("droop"));
        Vector3D here = wire.here().position();
        double x = side * here.getX() - m.mm("second") * Math.cos(droop);
        double y = here.getY() + m.mm("second") * Math.sin(droop);
        double aim = middleMm() + across * FROM_MIDDLE * d;
        Petal second = petal(x, y, -droop, m.mm("second"), radius, LEVEL * d, aim, SECOND);
        // where the way back passes over the wing's own upper edge, seen from the front
        double slope = Math.tan(second.heading);
        double over = (aim - slope * LEVEL * d - y + Math.tan(-droop) * x) / (Math.tan(-droop) - slope);
        double steep = Math.abs(Math.sin(second.heading + droop));
        double lifted = over + Math.min(MOST_BEFORE, BEFORE / steep) * d;
        double rises = lifted + RISES * d;
        wire.step(Kind.BEND, SECOND + ", tip").bend(m.mm("lowerTip"), -Math.toDegrees(second.turn));
        double back = second.backMm - (rises - LEVEL * d) / Math.abs(Math.cos(second.heading));
        wire.leave(SECOND + ", lower edge", left(back, SECOND));
        double plane = wire.here().position().getZ();
        var inward = new Vector3D(side * Math.cos(second.heading), Math.sin(second.heading), 0);
        wire.step(Kind.BEND, TAIL)
                .to(new Vector3D(side * lifted, aim + slope * (lifted - LEVEL * d), plane + LIFT * d), inward);
        wire.to(new Vector3D(side * LEVEL * d, aim, (PLANE + OUT) * d), new Vector3D(across, 0, 0));
        wraps(wire, across, aim, which);
        ending.end(wire, which);
        return wire;
    }

    /** Round both stems: on at the front, heading across, as many full turns as told, and at the front again. */
    private void wraps(WireMaker wire, int across, double y, String which) {
        double radius = OUT * d;
        double apart = 2 * PLANE * d;
        double perimeter = 2 * Math.PI * radius + 2 * apart;
        double lean = Math.asin(PITCH * d / perimeter);
        double pitch = 2 * Math.PI * radius * Math.tan(lean);
        var front = new Vector3D(0, y, PLANE * d + radius);
        wire.to(front, new Vector3D(across * Math.cos(lean), across * Math.sin(lean), 0));
        wire.towards(Vector3D.MINUS_K);
        wire.step(Kind.WRAP, which + " tail, about the stem").coil(new CoilSize(radius, pitch, 0.25, true));
        wire.straight(apart / Math.cos(lean));
        for (int i = 1; i < 2 * m.count("wraps"); i++) {
            wire.coil(new CoilSize(radius, pitch, 0.5, true)).straight(apart / Math.cos(lean));
        }
        wire.coil(new CoilSize(radius, pitch, 0.25, true)).turnsTold(m.count("wraps"));
    }

    /** A crisp bend, up where positive. */
    private void turn(WireMaker wire, String part, double radians) {
        wire.step(Kind.BEND, part).crisp(Math.toDegrees(radians));
    }

    private double fillet(double radians) {
        return CRISP * d * Math.tan(Math.abs(radians) / 2);
    }

    /** What is left of an edge between its bends. */
    private double left(double mm, String part) {
        if (mm < 0) {
            String edge = part.equals(FIRST) ? "first" : "second";
            throw Refusal.of(
                            part.equals(SECOND) ? RefusalCode.SECOND_WING_TOO_SHORT : RefusalCode.FIRST_WING_TOO_SHORT,
                            edge,
                            m.mm(edge))
                    .with("edgeMm", m.mm(edge));
        }
        return mm;
    }

    /**
     * Round a tip and back.
     *
     * @param turn at the tip, radians, away from up
     * @param backMm from the tip's end to the middle line
     * @param heading of the way back, radians from outward
     */
    private record Petal(double turn, double backMm, double heading) {}

    private Petal petal(
            double x, double y, double raise, double edge, double radius, double to, double aim, String part) {
        double cx = x + edge * Math.cos(raise) + radius * Math.sin(raise);
        double cy = y + edge * Math.sin(raise) - radius * Math.cos(raise);
        double wx = to - cx;
        double wy = aim - cy;
        double square = wx * wx + wy * wy - radius * radius;
        if (square <= 0) {
            throw Refusal.of(
                    part.equals(SECOND) ? RefusalCode.SECOND_TIP_TOO_WIDE : RefusalCode.FIRST_TIP_TOO_WIDE,
                    "tip",
                    null);
        }
        double back = Math.sqrt(square);
        double leaves = Math.atan2(wy, wx) + Math.atan2(back, radius);
        double turn = Math.IEEEremainder(raise + Math.PI / 2 - leaves, 2 * Math.PI);
        turn = turn < 0 ? turn + 2 * Math.PI : turn;
        return new Petal(turn, back, raise - turn);
    }
}
