package toroid.core.form;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Forgetting;
import toroid.core.numeric.Hierarchy;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * How long a maker's hands need, work by work, by what was timed. The logarithms of made / stated are a {@link Hierarchy}: one maker is
 * quicker than stated at everything, and at one thing more than at another. The stated times hold within {@value HandTime#WITHIN} times in 19 of 20 cases, of which works of one
 * maker differ within 1.4; one copy's time lies about the maker's mean within a half either way (all three common practice, from memory of
 * benches). A timing counts half once fifty later ones of its work came.
 */
public final class Paces {
    private static final double TWO_SIDED_95 = 1.96;
    private static final double WORKS_WITHIN = 1.4;
    private static final double COPY_WITHIN = 1.5;

    private static final double ALL = Math.log(HandTime.WITHIN) / TWO_SIDED_95;
    private static final double WORKS = Math.log(WORKS_WITHIN) / TWO_SIDED_95;

    /** Between makers, between works, between copies. */
    static final Hierarchy SPREADS = new Hierarchy(
            Math.sqrt(ALL * ALL - WORKS * WORKS), WORKS, Math.log(COPY_WITHIN) / TWO_SIDED_95, Forgetting.HALF_LIFE);

    /** While nothing is timed: as stated. */
    public static final Paces STATED = by(List.of());

    private final Map<String, List<Double>> told;
    private final Hierarchy.Learnt learnt;

    private Paces(Map<String, List<Double>> told) {
        this.told = told;
        this.learnt = SPREADS.of(told);
    }

    /**
     * @param work what was done, as {@link HandWork} names it
     * @param madeMinutes it took, 0.01 up to 10,000
     * @param statedMinutes for the very same, alike
     */
    public record Timing(String work, double madeMinutes, double statedMinutes) {
        private static final double LEAST = 0.01;
        private static final double MOST = 10_000;

        public Timing {
            Checks.within("madeMinutes", madeMinutes, LEAST, MOST, Unit.MINUTES, Remedy.MEASURE_IT_AGAIN);
            Checks.within("statedMinutes", statedMinutes, LEAST, MOST, Unit.MINUTES, Remedy.MEASURE_IT_AGAIN);
        }

        /** Whether those can be a timing. */
        public static boolean isOne(double madeMinutes, double statedMinutes) {
            return madeMinutes >= LEAST && madeMinutes <= MOST && statedMinutes >= LEAST && statedMinutes <= MOST;
        }

        private double log() {
            return Math.log(madeMinutes / statedMinutes);
        }
    }

    /** @param timings the oldest first */
    public static Paces by(List<Timing> timings) {
        return new Paces(timings.stream()
                .collect(Collectors.groupingBy(
                        Timing::work, HashMap::new, Collectors.mapping(Timing::log, Collectors.toList()))));
    }

    /** Of one kind of work; of one never timed by all others. */
    public Pace of(String work) {
        Hierarchy.Estimate one = learnt.of(work);
        return new Pace(
                Math.exp(one.mean()),
                Math.exp(TWO_SIDED_95 * one.spread()),
                Math.exp(TWO_SIDED_95 * one.next()),
                one.own(),
                one.all());
    }

    /** Which of a work's timings do not fit the others, by their places, the oldest first. */
    public List<Integer> misfits(String work) {
        return told.containsKey(work) ? SPREADS.misfits(told, work) : List.of();
    }

    /**
     * How long it all takes.
     *
     * @param minutes expected
     * @param within so many times either way: as if all works were off the same way at once, and so rather too wide
     * @param timings it rests on, of those works
     */
    public record Expected(double minutes, double within, int timings) {}

    /** All of that work together. */
    public Expected total(List<HandWork> works) {
        double minutes = 0;
        double high = 0;
        int timings = 0;
        var seen = new HashMap<String, Pace>();
        for (HandWork work : works) {
            boolean first = !seen.containsKey(work.what());
            Pace pace = seen.computeIfAbsent(work.what(), this::of);
            double one = pace.factor() * work.minutes();
            minutes += one;
            high += pace.within() * one;
            timings += first ? pace.timings() : 0;
        }
        return new Expected(minutes, minutes == 0 ? 1 : high / minutes, timings);
    }
}
