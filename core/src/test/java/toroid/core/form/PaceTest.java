package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import toroid.core.form.Pace.Timing;

class PaceTest {
    @Test
    void whileNothingIsTimedTheStatedTimesStand() {
        Pace pace = Pace.of(List.of());
        assertThat(pace.factor()).isEqualTo(1);
        assertThat(pace.within()).isCloseTo(2, within(1e-12));
        assertThat(pace.timings()).isZero();
    }

    /** By hand: p = ln 2 / 1.96 = 0.35365, s = ln 1.5 / 1.96 = 0.20687; one timing of twice as long: ln k = 0.6931 × 23.37 / 31.36 = 0.5164. */
    @Test
    void oneTimingByHand() {
        Pace pace = Pace.of(List.of(new Timing(20, 10)));
        assertThat(Math.log(pace.factor())).isCloseTo(0.5164, within(2e-4));
        assertThat(pace.within()).isCloseTo(Math.exp(1.96 / Math.sqrt(7.996 + 23.367)), within(1e-3));
    }

    /** Makers drawn as it is said of them: the band holds their true pace 19 times in 20, however many copies they timed. */
    @Test
    void theBandHoldsAsOftenAsItSays() {
        var chance = new Random(7);
        for (int copies : new int[] {0, 1, 5, 20}) {
            int held = 0;
            int makers = 4000;
            for (int i = 0; i < makers; i++) {
                double truth = Math.exp(chance.nextGaussian() * Math.log(2) / 1.96);
                Pace pace = Pace.of(IntStream.range(0, copies)
                        .mapToObj(one ->
                                new Timing(10 * truth * Math.exp(chance.nextGaussian() * Math.log(1.5) / 1.96), 10))
                        .toList());
                double off = Math.max(truth / pace.factor(), pace.factor() / truth);
                held += off <= pace.within() ? 1 : 0;
            }
            // 0.95 of 4000, with four standard errors of 0.0034 either way
            assertThat((double) held / makers).as("%d copies", copies).isBetween(0.936, 0.964);
        }
    }
}
