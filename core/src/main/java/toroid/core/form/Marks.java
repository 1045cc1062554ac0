package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import toroid.core.bend.program.Bend;
import toroid.core.bend.program.HammeredRun;
import toroid.core.bend.program.Run;

/**
 * Marks to set on the straight wire before it is bent: only what a hand cannot find otherwise. A bend that begins after a measured straight
 * has one, and a flat's end; what goes on where the last bend ended has none, nor has what follows a coil or a loop (common practice).
 */
public final class Marks {
    /** Marks closer than this are one, mm. */
    private static final double ONE_MARK_MM = 0.3;

    private Marks() {}

    /**
     * One mark.
     *
     * @param atMm from the first cut end, tail included
     * @param kind what begins or ends there
     * @param step the step that begins there, or −1
     */
    public record Mark(double atMm, Kind kind, int step) {}

    /** What a mark is for. */
    public enum Kind {
        MIDDLE,
        BEND,
        TRIM
    }

    /** In order along the wire: the middle, where a step begins after a straight, where the ends are trimmed. */
    public static List<Mark> of(FormedWire wire) {
        var marks = new ArrayList<Mark>();
        double first = wire.tails().firstMm();
        if (first > 0) {
            marks.add(new Mark(first, Kind.TRIM, -1));
        }
        double[] at = wire.program().beginningsOnWireMm();
        double middleOnWire = wire.program().onWireMm(wire.middleMm());
        List<Bend> bends = wire.program().bends();
        for (int i = 1; i < bends.size(); i++) {
            if (bends.get(i).step() != bends.get(i - 1).step()) {
                boolean outward = at[i] >= middleOnWire - 1e-9;
                Run inner = bends.get(outward ? i - 1 : i).run();
                Run outer = bends.get(outward ? i : i - 1).run();
                boolean hammered = inner instanceof HammeredRun || outer instanceof HammeredRun;
                if (isStraight(inner) && (hammered || !isStraight(outer))) {
                    add(marks, first + at[i], bends.get(outward ? i : i - 1).step());
                }
            }
        }
        if (wire.tails().secondMm() > 0) {
            marks.add(new Mark(first + wire.program().wireMm(), Kind.TRIM, -1));
        }
        if (wire.middleMm() > 0) {
            double middle = first + middleOnWire;
            marks.removeIf(mark -> Math.abs(mark.atMm() - middle) < ONE_MARK_MM);
            marks.add(new Mark(middle, Kind.MIDDLE, -1));
            marks.sort((a, b) -> Double.compare(a.atMm(), b.atMm()));
        }
        return marks;
    }

    /** Whether there is a mark where a hand may look for one. */
    static boolean isMarked(List<Mark> marks, double atMm) {
        return marks.stream().anyMatch(mark -> Math.abs(mark.atMm() - atMm) < ONE_MARK_MM);
    }

    private static boolean isStraight(Run run) {
        return run.lengthMm() > ONE_MARK_MM && run.flat().sharpestCurvature() * run.lengthMm() < 1e-6;
    }

    private static void add(List<Mark> marks, double at, int step) {
        if (!isMarked(marks, at)) {
            marks.add(new Mark(at, Kind.BEND, step));
        }
    }
}
