package toroid.core.bend.program;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/**
 * A bent wire lifted where it crosses itself: half a wire up the one pass, half a wire down the other, square to both, so far to either
 * side that the round wires clear each other at the angle they cross; so are passes that graze each other.
 */
public final class Lifts {
    /** More crossings than this are lifted in no one piece. */
    public static final int MOST_PLACES = 60;

    /** A little more than the wire's own thickness, so that a drawing's chords do not touch. */
    private static final double SPARE = 1.05;

    private static final double LEAST_REACH = 3;
    private static final double MOST_REACH = 14;
    private static final int MOST_ROUNDS = 24;

    /** Nearer than this, in wires, two passes have no side to go to. */
    private static final double MEETS = 0.05;

    private Lifts() {}

    /** Which pass lies on top. */
    public enum Rule {
        LATER_OVER,
        LATER_UNDER,
        /** Over, under, over: counted along the wire at the later pass. */
        IN_TURN
    }

    /**
     * Where a wire crosses itself.
     *
     * @param firstMm the earlier pass, along the wire as it was bent
     * @param secondMm the later pass
     * @param radians between them, up to a right angle
     * @param up square to both, towards the side that over is, of length one
     * @param gapMm how far the later pass lies over the earlier one before it is lifted; less than a wire
     */
    public record Place(double firstMm, double secondMm, double radians, Vector3D up, double gapMm) {
        boolean isNear(Place other, double byMm) {
            return Math.abs(firstMm - other.firstMm) < byMm && Math.abs(secondMm - other.secondMm) < byMm;
        }
    }

    /** Whether it is bent of straights and arcs only: what the maker lays by hand and may lift. */
    public static boolean canLift(BendProgram program) {
        return program.bends().stream().allMatch(bend -> bend.run() instanceof ScrewRun);
    }

    /**
     * A wire laid over and under itself.
     *
     * @param places how many times it crosses itself
     */
    public record Laid(BendProgram program, int places) {}

    /**
     * How far to either side of a crossing the lift reaches: as {@code cos⁴ x ≥ 1 − p²/d²} has to hold near the top, with the plan's
     * distance {@code p = 2 s sin(φ/2)}, {@code L ≥ π d/(2√2 sin(φ/2))}; a quarter more, and not steeper than a hand bends.
     */
    static double reachMm(double radians, double wireMm) {
        double needed = 1.25 * Math.PI * wireMm / (2 * Math.sqrt(2) * Math.max(1e-3, Math.sin(radians / 2)));
        return Math.min(MOST_REACH * wireMm, Math.max(LEAST_REACH * wireMm, needed));
    }

    /** One pass pushed aside, told along the whole wire: {@code push} in the world's directions. */
    private record Rise(double centreMm, double reachMm, Vector3D push) {
        boolean reaches(double begin, double end) {
            return centreMm + reachMm > begin && centreMm - reachMm < end;
        }

        LiftedRun.Bump seenFrom(Frame frame, double begin) {
            return new LiftedRun.Bump(
                    centreMm - begin,
                    reachMm,
                    new Vector3D(
                            Vectors.dot(push, frame.tangent()),
                            Vectors.dot(push, frame.normal()),
                            Vectors.dot(push, frame.binormal())));
        }
    }

    /**
     * The same wire, lifted wherever it crosses itself. Where what was lifted comes too near another pass, or an end too near a side, it
     * is eased further that way, the worst place first, {@value #MOST_ROUNDS} times at most.
     *
     * @throws toroid.core.numeric.Refusal when it crosses more often than a hand would lay, or is longer than any form may be
     */
    public static Laid laid(BendProgram program, double wireMm, Rule rule) {
        List<Place> places = new ArrayList<>(Crossings.of(program, wireMm));
        if (program.lengthMm() < wireMm) {
            return new Laid(program, 0);
        }
        var rises = new ArrayList<Rise>();
        for (int k = 0; k < places.size(); k++) {
            boolean over = rule == Rule.LATER_OVER || (rule == Rule.IN_TURN && k % 2 == 0);
            ease(rises, places.get(k), wireMm, over);
        }
        BendProgram laid = raised(program, rises);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Place near = nearest(program, laid, wireMm);
            if (near == null) {
                break;
            }
            ease(rises, near, wireMm, true);
            if (places.stream().noneMatch(place -> place.isNear(near, LEAST_REACH * wireMm))) {
                places.add(near);
            }
            laid = raised(program, rises);
        }
        return new Laid(laid, places.size());
    }

    /** The worst place where it still lies in itself; null when there is none. */
    private static Place nearest(BendProgram program, BendProgram laid, double wireMm) {
        Contact contact = WireContact.within(WireContact.Tube.of(laid, wireMm));
        if (contact == null) {
            return null;
        }
        Frame first = laid.at(contact.firstMm());
        Frame second = laid.at(contact.secondMm());
        Vector3D across = Vectors.cross(first.tangent(), second.tangent());
        double radians = Math.atan2(across.getNorm(), Math.abs(Vectors.dot(first.tangent(), second.tangent())));
        Vector3D apart = second.position().subtract(first.position());
        Vector3D up = apart.getNorm() > MEETS * wireMm
                ? apart.normalize()
                : across.getNorm() > MEETS ? across.normalize() : first.binormal();
        return new Place(
                program.alongOf(laid, contact.firstMm()),
                program.alongOf(laid, contact.secondMm()),
                radians,
                up,
                Vectors.dot(apart, up));
    }

    private static void ease(List<Rise> rises, Place place, double wireMm, boolean over) {
        double push = (over ? 1 : -1) * SPARE * wireMm - place.gapMm();
        double reach = reachMm(place.radians(), wireMm) * Math.max(1, Math.abs(push) / (SPARE * wireMm));
        Vector3D half = place.up().scalarMultiply(push / 2);
        rises.add(new Rise(place.secondMm(), reach, half));
        rises.add(new Rise(place.firstMm(), reach, half.negate()));
    }

    private static BendProgram raised(BendProgram program, List<Rise> rises) {
        if (rises.isEmpty()) {
            return program;
        }
        List<Frame> frames = program.frames();
        double[] along = program.beginningsMm();
        var bends = new ArrayList<Bend>();
        for (int i = 0; i < program.bends().size(); i++) {
            Bend bend = program.bends().get(i);
            double begin = along[i];
            double end = along[i + 1];
            Frame frame = frames.get(i);
            List<LiftedRun.Bump> own = rises.stream()
                    .filter(rise -> rise.reaches(begin, end))
                    .map(rise -> rise.seenFrom(frame, begin))
                    .toList();
            bends.add(own.isEmpty() ? bend : bend.with(LiftedRun.of((ScrewRun) bend.run(), own)));
        }
        List<LiftedRun.Bump> first =
                rises.stream().map(rise -> rise.seenFrom(program.start(), 0)).toList();
        return new BendProgram(LiftedRun.raised(program.start(), first, 0), bends);
    }
}
