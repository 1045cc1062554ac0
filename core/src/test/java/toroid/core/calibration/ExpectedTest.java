package toroid.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ExpectedTest {
    @Test
    void isCommonPracticeWhileNothingIsMeasured() {
        assertThat(Expected.of(Expected.LOOP_MM, List.of()).halfWidthMm()).isCloseTo(0.1, within(1e-12));
        assertThat(Expected.of(Expected.CUT_MM, List.of()).halfWidthMm()).isCloseTo(1, within(1e-12));
        assertThat(Expected.of(Expected.CUT_MM, List.of()).centreMm()).isZero();
    }

    /** By hand: one reading 0.2 off, κ = 2, ν = 5, μ = 0.1; Student's t two-sided 95 %: 2.776 for 4, 2.571 for 5 (any table). */
    @Test
    void oneReadingMovesItHalfWay() {
        Expected one = Expected.of(0.1, List.of(0.2));
        double practice = 0.1 / (2.776 * Math.sqrt(2));
        double variance = (4 * practice * practice + 0.2 * 0.2 / 2) / 5;
        assertThat(one.centreMm()).isCloseTo(0.1, within(1e-12));
        assertThat(one.halfWidthMm()).isCloseTo(2.571 * Math.sqrt(variance * 1.5), within(1e-4));
        assertThat(one.measurements()).isEqualTo(1);
    }

    /** Makers drawn as is said of them, each measured so often: the next falls into the band 19 times in 20. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 3, 8, 20})
    void holdsNineteenInTwentyOfTheNext(int measured) {
        var random = new Random(7 + measured);
        double practice = 0.1 / (2.7764451 * Math.sqrt(2));
        var gamma = new GammaDistribution(Expected.PRACTICE_SPREAD / 2, 2);
        int inside = 0;
        int trials = 6000;
        for (int trial = 0; trial < trials; trial++) {
            double chiSquare = gamma.inverseCumulativeProbability(random.nextDouble());
            double sigma = practice * Math.sqrt(Expected.PRACTICE_SPREAD / chiSquare);
            double middle = sigma / Math.sqrt(Expected.PRACTICE_MIDDLE) * random.nextGaussian();
            List<Double> off = Stream.generate(() -> middle + sigma * random.nextGaussian())
                    .limit(measured)
                    .toList();
            Expected expected = Expected.of(0.1, off);
            double next = middle + sigma * random.nextGaussian();
            inside += Math.abs(next - expected.centreMm()) <= expected.halfWidthMm() ? 1 : 0;
        }
        assertThat((double) inside / trials).isBetween(0.94, 0.96);
    }

    /** Steady hands come out steadier than practice, and off to one side where they are. */
    @Test
    void manyReadingsAreTheMakersOwn() {
        var random = new Random(3);
        List<Double> off = Stream.generate(() -> 0.2 + 0.01 * random.nextGaussian())
                .limit(60)
                .toList();
        Expected own = Expected.of(0.1, off);
        assertThat(own.centreMm()).isCloseTo(0.2, within(0.01));
        assertThat(own.halfWidthMm()).isBetween(0.02, 0.08);
    }

    /** Who changed their ways is soon believed: two hundred old readings weigh no more than seventy of today. */
    @Test
    void whatIsLongAgoIsForgotten() {
        var off = new ArrayList<>(Collections.nCopies(200, 0.3));
        off.addAll(Collections.nCopies(50, 0.0));
        assertThat(Expected.of(0.1, off).centreMm()).isBetween(0.1, 0.16);
    }

    @Test
    void neverShrinksToNothing() {
        assertThat(Expected.of(0.02, Collections.nCopies(2000, 0.0)).halfWidthMm())
                .isEqualTo(0.01);
    }
}
