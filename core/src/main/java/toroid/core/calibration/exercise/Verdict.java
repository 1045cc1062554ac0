package toroid.core.calibration.exercise;

import java.util.List;
import toroid.core.calibration.Repeatability;

/**
 * What one session says.
 *
 * @param done how many goes are measured whole
 * @param good how many of them are within what is good
 * @param figure the one number of the session, 0 at best: the spread (one standard deviation, one that lies far
 *     off left out, mm), the share at fault, or the most the two of a
 *     pair are apart (mm)
 * @param spread of the readings, mm; null where they are judged or are a pair's
 * @param remarks what stands out, the first to mend first; empty where nothing does, or too few are measured to tell
 */
public record Verdict(int done, int good, double figure, Repeatability spread, List<Remark> remarks) {
    public Verdict {
        remarks = List.copyOf(remarks);
    }

    /** What can stand out. */
    public enum Pattern {
        /** One lies far from where the others put it; {@code at} is its place, {@code by} how far, mm. */
        ONE_OFF,
        /** They grow, or shrink below 0, as the session goes; {@code by} is how much in all, mm. */
        DRIFT,
        /** All are off the same way; {@code by} is how much, mm, larger above 0. */
        BIAS,
        /** They differ from each other more than is good; {@code by} is their standard deviation, mm. */
        UNEVEN,
        /** The two of a pair are apart there; {@code by} is the second less the first, mm. */
        APART,
        /** Judged: that fault is the most frequent; {@code by} is how many have it. */
        FAULT,
        /** Judged: the second half has more at fault than chance gives; {@code by} is how many more. */
        TIRING
    }

    /**
     * One thing that stands out.
     *
     * @param what the measure, or the fault by its name
     * @param by as the pattern says
     * @param at which go, from 0; null where it is of them all
     */
    public record Remark(Pattern pattern, String what, double by, Integer at) {}
}
