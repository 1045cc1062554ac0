package toroid.core.calibration.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.stat.inference.TTest;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import org.junit.jupiter.api.Test;
import toroid.core.calibration.exercise.Verdict.Pattern;
import toroid.core.calibration.exercise.Verdict.Remark;

/** Simulated makers whose fault is known; the tests themselves against a general statistics library. */
class SeriesTest {
    private static final Criterion LOOP = Criterion.mm("inside", "LOOP_INSIDE", 0.1);
    private static final double WANTED = 2.5;
    private static final int MAKERS = 4000;

    private static Verdict judged(double[] offs) {
        return Series.judge(
                LOOP,
                Arrays.stream(offs)
                        .mapToObj(off -> new Taken("inside", WANTED + off, WANTED, 0))
                        .toList());
    }

    private static double[] session(int n, IntToDoubleFunction off) {
        return IntStream.range(0, n).mapToDouble(off).toArray();
    }

    private static List<Pattern> patterns(Verdict verdict) {
        return verdict.remarks().stream().map(Remark::pattern).toList();
    }

    private static double shareWith(Pattern pattern, int n, Random chance, IntToDoubleFunction fault, double spread) {
        int told = 0;
        for (int i = 0; i < MAKERS; i++) {
            double[] offs = session(n, k -> fault.applyAsDouble(k) + spread * chance.nextGaussian());
            told += patterns(judged(offs)).contains(pattern) ? 1 : 0;
        }
        return (double) told / MAKERS;
    }

    @Test
    void handsWithNoFaultAreToldOfOneAtMostOnceInTwentyFiveSessions() {
        var chance = new Random(7);
        for (int n : new int[] {5, 10, 20}) {
            int alarms = 0;
            for (int i = 0; i < MAKERS; i++) {
                alarms += judged(session(n, k -> 0.05 * chance.nextGaussian()))
                                .remarks()
                                .isEmpty()
                        ? 0
                        : 1;
            }
            double most = 1.0 / Series.FALSE_ALARMS;
            assertThat((double) alarms / MAKERS).as("of %d", n).isLessThan(most + 3 * Math.sqrt(most / MAKERS));
        }
    }

    @Test
    void aFaultThatIsThereIsFoundByItsKind() {
        var chance = new Random(8);
        assertThat(shareWith(Pattern.BIAS, 10, chance, k -> 0.1, 0.05)).isGreaterThan(0.95);
        assertThat(shareWith(Pattern.DRIFT, 10, chance, k -> 0.03 * k, 0.04)).isGreaterThan(0.95);
        assertThat(shareWith(Pattern.UNEVEN, 10, chance, k -> 0, 0.15)).isGreaterThan(0.95);
        assertThat(shareWith(Pattern.ONE_OFF, 10, chance, k -> k == 6 ? 0.4 : 0, 0.04))
                .isGreaterThan(0.95);
    }

    @Test
    void oneThatSlippedIsPointedAtAndSpoilsNothingElse() {
        var chance = new Random(9);
        for (int slipped = 0; slipped < 10; slipped++) {
            int at = slipped;
            double[] offs = session(10, k -> (k == at ? -0.8 : 0) + 0.02 * chance.nextGaussian());
            Remark first = judged(offs).remarks().get(0);
            assertThat(first.pattern()).isEqualTo(Pattern.ONE_OFF);
            assertThat(first.at()).isEqualTo(at);
            assertThat(first.by()).isCloseTo(-0.8, within(0.12));
            assertThat(judged(offs).figure()).as("the hand's own spread").isLessThan(0.05);
            assertThat(judged(offs).spread().standardDeviation()).isGreaterThan(0.2);
            assertThat(patterns(judged(offs))).doesNotContain(Pattern.DRIFT, Pattern.UNEVEN);
        }
    }

    @Test
    void aDriftIsToldAsWhatItComesToAndNotAsAllBeingOff() {
        Verdict verdict = judged(session(10, k -> 0.02 * k + (k % 2 == 0 ? 0.005 : -0.005)));
        assertThat(patterns(verdict)).containsExactly(Pattern.DRIFT);
        assertThat(verdict.remarks().get(0).by()).isCloseTo(0.18, within(0.01));
    }

    @Test
    void equalReadingsAreEvenAndFewAreNotJudged() {
        assertThat(judged(new double[10]).remarks()).isEmpty();
        assertThat(judged(new double[10]).good()).isEqualTo(10);
        assertThat(patterns(judged(session(10, k -> 0.2)))).containsExactly(Pattern.BIAS);
        assertThat(judged(session(Series.LEAST - 1, k -> 3.0 * k)).remarks()).isEmpty();
    }

    /** Hipparchus: TTest, and the residuals and leverages of its least squares. */
    @Test
    void itsTestsAreThoseOfAStatisticsLibrary() {
        var chance = new Random(10);
        int outliers = 0;
        for (int i = 0; i < 500; i++) {
            double slip = chance.nextInt(3) * 0.12;
            double middle = chance.nextInt(3) * 0.05;
            double[] offs = session(10, k -> (k == 4 ? slip : 0) + middle + 0.05 * chance.nextGaussian());
            List<Pattern> told = patterns(judged(offs));
            double[] t = studentised(offs);
            boolean far = Arrays.stream(t).anyMatch(one -> Math.abs(one) > T_AT_A_TENTH_OF_ONE_IN_HUNDRED);
            assertThat(told.contains(Pattern.ONE_OFF)).isEqualTo(far);
            outliers += far ? 1 : 0;
            if (!far && !told.contains(Pattern.DRIFT)) {
                double mean = Arrays.stream(offs).average().orElseThrow();
                assertThat(told.contains(Pattern.BIAS))
                        .isEqualTo(Math.abs(mean) >= 0.025 && new TTest().tTest(0, offs) < 0.01);
            }
        }
        assertThat(outliers).isPositive();
    }

    /** t of 7 degrees of freedom that 0.0005 lie above: tables of Student's t have 5.408. */
    private static final double T_AT_A_TENTH_OF_ONE_IN_HUNDRED = 5.4079;

    private static double[] studentised(double[] offs) {
        var squares = new OLSMultipleLinearRegression();
        double[][] x =
                IntStream.range(0, offs.length).mapToObj(k -> new double[] {k}).toArray(double[][]::new);
        squares.newSampleData(offs, x);
        RealMatrix hat = squares.calculateHat();
        double[] e = squares.estimateResiduals();
        double sum = squares.calculateResidualSumOfSquares();
        var all = new ArrayList<Double>();
        for (int i = 0; i < e.length; i++) {
            double free = 1 - hat.getEntry(i, i);
            double others = (sum - e[i] * e[i] / free) / (e.length - 3);
            all.add(e[i] / Math.sqrt(others * free));
        }
        return all.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
