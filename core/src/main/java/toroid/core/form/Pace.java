package toroid.core.form;

import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * How many times as long as stated a maker's hands need. The logarithms of made / stated are taken as normal about the maker's own, with
 * the stated times' own doubt as what is known beforehand: known to lie within {@value HandTime#WITHIN} times in 19 of 20
 * makers, so {@code p = ln 2 / 1.96}; a copy's time about the maker's mean within a half either way, {@code s = ln 1.5 / 1.96}. Then
 * {@code ln k = (Σ x / s²) / (1/p² + n/s²)}, and its 95 % band {@code e^(± 1.96 / √(1/p² + n/s²))}: a conjugate normal estimate, as in any
 * textbook of statistics. With no timings it is 1 within 2; one moves it two thirds of the way and more.
 *
 * @param factor on stated times, above 0
 * @param within so many times either way, in 19 of 20 cases; above 1
 * @param timings it rests on
 */
public record Pace(double factor, double within, int timings) {
    /** Of one copy about the maker's own mean; common practice. */
    private static final double COPY_WITHIN = 1.5;

    private static final double TWO_SIDED_95 = 1.96;

    /**
     * @param madeMinutes of one copy, 0.01 up to 10,000
     * @param statedMinutes of the same copy, alike
     */
    public record Timing(double madeMinutes, double statedMinutes) {
        public Timing {
            Checks.within("madeMinutes", madeMinutes, LEAST, MOST, Unit.MINUTES, Remedy.MEASURE_IT_AGAIN);
            Checks.within("statedMinutes", statedMinutes, LEAST, MOST, Unit.MINUTES, Remedy.MEASURE_IT_AGAIN);
        }

        private static final double LEAST = 0.01;
        private static final double MOST = 10_000;

        /** Whether those can be a timing. */
        public static boolean isOne(double madeMinutes, double statedMinutes) {
            return madeMinutes >= LEAST && madeMinutes <= MOST && statedMinutes >= LEAST && statedMinutes <= MOST;
        }
    }

    public static Pace of(List<Timing> timings) {
        double stated = Math.pow(TWO_SIDED_95 / Math.log(HandTime.WITHIN), 2);
        double copy = Math.pow(TWO_SIDED_95 / Math.log(COPY_WITHIN), 2);
        double sum = timings.stream()
                .mapToDouble(one -> Math.log(one.madeMinutes() / one.statedMinutes()))
                .sum();
        double weight = stated + timings.size() * copy;
        return new Pace(Math.exp(sum * copy / weight), Math.exp(TWO_SIDED_95 / Math.sqrt(weight)), timings.size());
    }
}
