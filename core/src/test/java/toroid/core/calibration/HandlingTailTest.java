package toroid.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import toroid.core.calibration.HandlingTail.Reading;
import toroid.core.numeric.Refusal;

class HandlingTailTest {
    @Test
    void nothingMeasuredLeavesTheFormsOwnTail() {
        HandlingTail none = HandlingTail.of(List.of());
        assertThat(none.factor()).isEqualTo(1);
        assertThat(none.low()).isLessThan(0.9);
        assertThat(none.high()).isGreaterThan(1.2);
    }

    /** Cutting to plan for ever does not teach 1.00 for ever: what sufficed ten times may be more than was needed, told with caution. */
    @Test
    void whatWasCutToPlanTeachesALittle() {
        List<Reading> toPlan = Collections.nCopies(10, Reading.finished(84, 64, 20));
        assertThat(HandlingTail.of(toPlan).factor()).isBetween(0.8, 0.95);
    }

    /** Shorter ones that sufficed teach shorter; one that did not reach is believed at once. */
    @Test
    void offcutsAndShortfallsTeach() {
        double shorter = HandlingTail.of(Collections.nCopies(6, Reading.finished(78, 64, 20)))
                .factor();
        assertThat(shorter).isBetween(0.6, 0.85);
        var failed = new ArrayList<>(Collections.nCopies(6, Reading.finished(84, 64, 20)));
        failed.add(new Reading(20, -6, 20));
        assertThat(HandlingTail.of(failed).factor()).isBetween(1.0, 1.3);
        double leaves =
                HandlingTail.of(Collections.nCopies(6, new Reading(20, 11, 20))).factor();
        assertThat(leaves)
                .isLessThan(HandlingTail.of(Collections.nCopies(6, new Reading(20, 19, 20)))
                        .factor());
    }

    @Test
    void oneReadingHasABand() {
        HandlingTail one = HandlingTail.of(List.of(new Reading(20, -2, 20)));
        assertThat(one.high() - one.low()).isGreaterThan(0.1);
        assertThat(one.low()).isLessThan(one.factor());
        assertThat(one.measurements()).isEqualTo(1);
    }

    /** Invented hands with a known need, planning each piece by what the last ones taught: about nine in ten reach, and wire is saved. */
    @Test
    void nineInTenReach() {
        var random = new Random(5);
        int reached = 0;
        int made = 0;
        double planned = 0;
        for (int maker = 0; maker < 60; maker++) {
            double middle = -0.3 + 0.2 * random.nextGaussian();
            var readings = new ArrayList<Reading>();
            for (int piece = 0; piece < 12; piece++) {
                double tail = 20 * HandlingTail.of(readings).factor();
                double needed = 20 * Math.exp(middle + 0.12 * random.nextGaussian());
                // what is left beyond the need is not seen: the whole tail is trimmed; a shortfall is
                readings.add(needed <= tail ? new Reading(20, tail, tail) : new Reading(20, tail - needed, tail));
                reached += needed <= tail ? 1 : 0;
                planned += tail;
                made++;
            }
        }
        assertThat((double) reached / made).isBetween(0.86, 0.96);
        assertThat(planned / made).isLessThan(20);
    }

    @Test
    void aSlipOfTheKeysCannotRuinAPlan() {
        assertThat(HandlingTail.of(List.of(Reading.finished(9000, 64, 20))).factor())
                .isBetween(0.5, 1.05);
        assertThat(HandlingTail.of(List.of(new Reading(20, -9000, 20))).factor())
                .isLessThanOrEqualTo(10);
        assertThatThrownBy(() -> new Reading(Double.NaN, 1, 1)).isInstanceOf(Refusal.class);
    }

    /** A maker who used to hold little and now holds twice that: the last sixty count for more than all before. */
    @Test
    void whatIsLongAgoIsForgotten() {
        var readings = new ArrayList<>(Collections.nCopies(150, new Reading(20, -2, 5)));
        double before = HandlingTail.of(readings).factor();
        readings.addAll(Collections.nCopies(60, new Reading(20, -4, 20)));
        double after = HandlingTail.of(readings).factor();
        double alone = HandlingTail.of(readings.subList(150, 210)).factor();
        assertThat(after).isBetween(before + 0.3 * (alone - before), 0.9 * alone);
    }

    /** Expected bands lie where the maker's own are. */
    @Test
    void bandsAreCentredOnTheMakersOwn() {
        Expected own = Expected.of(0.1, List.of(0.20, 0.22, 0.18, 0.21, 0.19));
        // practice stands for one reading more: 5/6 of 0.2, the weights of forgetting aside
        assertThat(own.centreMm()).isCloseTo(0.2 * 5 / 6, within(1e-3));
        assertThat(Expected.of(0.1, List.of(0.3)).centreMm()).isCloseTo(0.15, within(1e-12));
    }
}
