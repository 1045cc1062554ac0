package toroid.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ExpectedTest {
    @Test
    void restsOnPracticeUntilThereAreFiveMeasurements() {
        assertThat(Expected.of(Expected.LOOP_MM, List.of(0.3, -0.4, 0.2, 0.1))).isEqualTo(new Expected(0, 0.1, 0));
        assertThat(Expected.of(Expected.CUT_MM, List.of()).halfWidthMm()).isEqualTo(1);
    }

    /** Student's t for 4 degrees of freedom, two-sided 95 %: 2.776 (any table). */
    @Test
    void isThePredictionIntervalOfTheNextOne() {
        List<Double> off = List.of(-0.02, -0.01, 0.0, 0.01, 0.02);
        double s = Math.sqrt(0.001 / 4);
        Expected own = Expected.of(Expected.LOOP_MM, off);
        assertThat(own.measurements()).isEqualTo(5);
        assertThat(own.halfWidthMm()).isCloseTo(2.776 * s * Math.sqrt(1.2), within(1e-5));
    }

    /** Invented hands: 19 in 20 of the next loops fall inside the band, here within what 4000 trials can tell. */
    @Test
    void holdsNineteenInTwentyOfTheNext() {
        var random = new Random(7);
        int inside = 0;
        int trials = 4000;
        for (int trial = 0; trial < trials; trial++) {
            var off = new ArrayList<Double>();
            for (int i = 0; i < 8; i++) {
                off.add(0.05 * random.nextGaussian());
            }
            double next = 0.05 * random.nextGaussian();
            double mean = off.stream().mapToDouble(x -> x).average().orElseThrow();
            inside += Math.abs(next - mean) <= Expected.of(0.1, off).halfWidthMm() ? 1 : 0;
        }
        assertThat((double) inside / trials).isBetween(0.938, 0.962);
    }

    @Test
    void neverShrinksToNothing() {
        assertThat(Expected.of(0.1, List.of(0.0, 0.0, 0.0, 0.0, 0.0)).halfWidthMm())
                .isEqualTo(0.01);
    }
}
