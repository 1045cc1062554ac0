package toroid.core.bend.program;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;

/**
 * A wire bent in one plane, lifted where it crosses itself: half a wire up the one pass, half a wire down the other, so far to either side
 * that the round wires clear each other at the angle they cross. Wires that run along each other are not lifted: they do not cross.
 */
public final class Lifts {
    /** Chords of the plane wire, and how far they stray from it, in wires. */
    private static final double CHORD = 1;

    private static final double SAGITTA = 0.005;
    private static final double MOST_POINTS = 200_000;

    /** More crossings than this are lifted in no one piece. */
    public static final int MOST_PLACES = 60;

    /** A little more than the wire's own thickness, so that a drawing's chords do not touch. */
    private static final double SPARE = 1.05;

    private static final double LEAST_REACH = 3;
    private static final double MOST_REACH = 14;
    private static final double IN_PLANE = 1e-6;

    private Lifts() {}

    /** Which pass lies on top. */
    public enum Rule {
        LATER_OVER,
        LATER_UNDER,
        /** Over, under, over: counted along the wire at the later pass. */
        IN_TURN
    }

    /**
     * Where a wire crosses itself, along the plane wire, mm.
     *
     * @param firstMm the earlier pass
     * @param secondMm the later pass
     * @param radians between them, up to a right angle
     */
    public record Place(double firstMm, double secondMm, double radians) {}

    /** Whether every bend lies in one plane. */
    public static boolean isPlane(BendProgram program) {
        return program.bends().stream()
                .allMatch(bend -> Math.abs(Math.sin(bend.roll())) < IN_PLANE
                        && bend.run() instanceof ScrewRun run
                        && Math.abs(run.torsion()) < IN_PLANE);
    }

    /**
     * Every crossing of a plane wire with itself, by the later pass.
     *
     * @throws Refusal when there are more than a hand would lay, or the wire is longer than any form may be
     */
    public static List<Place> places(BendProgram program, double wireMm) {
        Checks.within(
                "length",
                program.pointsSampled(SAGITTA * wireMm, CHORD * wireMm),
                0,
                MOST_POINTS,
                "points along its wires",
                "Make it in parts, or take thicker wire.");
        List<WirePoint> points = program.sampled(SAGITTA * wireMm, CHORD * wireMm);
        var found = new ArrayList<Place>();
        if (points.size() < 3) {
            return found;
        }
        Vector3D x = program.start().tangent();
        Vector3D y = program.start().normal();
        var chords = new Chords(points);
        var grid = new ChordGrid(chords, Math.max(wireMm * CHORD, chords.longestMm()));
        for (int i = 0; i < chords.count(); i++) {
            Effort.check();
            int first = i;
            grid.near(chords.middle(i, 0), chords.middle(i, 1), chords.middle(i, 2), i + 1, j -> {
                double along = points.get(j).alongMm() - points.get(first + 1).alongMm();
                double[] shares = along < Math.PI / 2 * wireMm
                        ? null
                        : crossing(points.get(first), points.get(first + 1), points.get(j), points.get(j + 1), x, y);
                if (shares != null) {
                    found.add(new Place(
                            between(points.get(first), points.get(first + 1), shares[0]),
                            between(points.get(j), points.get(j + 1), shares[1]),
                            shares[2]));
                }
            });
            if (found.size() > MOST_PLACES) {
                throw Refusal.of(
                        "crosses-too-often",
                        "bends",
                        null,
                        "It crosses itself more than %d times.".formatted(MOST_PLACES),
                        "Make it in parts.");
            }
        }
        found.sort(Comparator.comparingDouble(Place::secondMm).thenComparingDouble(Place::firstMm));
        return found;
    }

    private static double between(WirePoint a, WirePoint b, double share) {
        return a.alongMm() + share * (b.alongMm() - a.alongMm());
    }

    /** How far along both chords they cross, and at what angle; null where they do not. */
    private static double[] crossing(WirePoint a, WirePoint b, WirePoint c, WirePoint d, Vector3D x, Vector3D y) {
        Vector3D from = a.frame().position();
        Vector3D first = b.frame().position().subtract(from);
        Vector3D second = d.frame().position().subtract(c.frame().position());
        Vector3D gap = c.frame().position().subtract(from);
        double ax = first.dotProduct(x);
        double ay = first.dotProduct(y);
        double bx = second.dotProduct(x);
        double by = second.dotProduct(y);
        double gx = gap.dotProduct(x);
        double gy = gap.dotProduct(y);
        double cross = ax * by - ay * bx;
        if (Math.abs(cross) < 1e-12) {
            return null;
        }
        double s = (gx * by - gy * bx) / cross;
        double t = (gx * ay - gy * ax) / cross;
        boolean meet = s >= 0 && s < 1 && t >= 0 && t < 1;
        return meet ? new double[] {s, t, Math.atan2(Math.abs(cross), Math.abs(ax * bx + ay * by))} : null;
    }

    /**
     * How far to either side of a crossing the lift reaches: as {@code cos⁴ x ≥ 1 − p²/d²} has to hold near the top, with the plan's
     * distance {@code p = 2 s sin(φ/2)}, {@code L ≥ π d/(2√2 sin(φ/2))}; a quarter more, and not steeper than a hand bends.
     */
    static double reachMm(double radians, double wireMm) {
        double needed = 1.25 * Math.PI * wireMm / (2 * Math.sqrt(2) * Math.max(1e-3, Math.sin(radians / 2)));
        return Math.min(MOST_REACH * wireMm, Math.max(LEAST_REACH * wireMm, needed));
    }

    /** The same wire, lifted at every place. */
    public static BendProgram lifted(BendProgram program, List<Place> places, double wireMm, Rule rule) {
        if (places.isEmpty()) {
            return program;
        }
        var rises = new ArrayList<LiftedRun.Bump>();
        for (int k = 0; k < places.size(); k++) {
            Place place = places.get(k);
            boolean over = rule == Rule.LATER_OVER || (rule == Rule.IN_TURN && k % 2 == 0);
            double height = (over ? 1 : -1) * SPARE * wireMm / 2;
            double reach = reachMm(place.radians(), wireMm);
            rises.add(new LiftedRun.Bump(place.secondMm(), reach, height));
            rises.add(new LiftedRun.Bump(place.firstMm(), reach, -height));
        }
        var bends = new ArrayList<Bend>();
        double from = 0;
        double side = 1;
        for (Bend bend : program.bends()) {
            side *= Math.cos(bend.roll()) < 0 ? -1 : 1;
            double begin = from;
            double end = from + bend.run().lengthMm();
            double sign = side;
            List<LiftedRun.Bump> own = rises.stream()
                    .filter(rise -> rise.centreMm() + rise.reachMm() > begin && rise.centreMm() - rise.reachMm() < end)
                    .map(rise -> new LiftedRun.Bump(rise.centreMm() - begin, rise.reachMm(), sign * rise.heightMm()))
                    .toList();
            bends.add(own.isEmpty() ? bend : bend.with(LiftedRun.of((ScrewRun) bend.run(), own)));
            from = end;
        }
        double height = rises.stream().mapToDouble(rise -> rise.height(0)).sum();
        double slope = rises.stream().mapToDouble(rise -> rise.slope(0)).sum();
        return new BendProgram(LiftedRun.raised(program.start(), height, slope), bends);
    }
}
