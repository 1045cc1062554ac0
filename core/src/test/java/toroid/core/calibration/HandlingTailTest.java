package toroid.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import toroid.core.calibration.HandlingTail.Reading;
import toroid.core.numeric.Refusal;

class HandlingTailTest {
    @Test
    void nothingMeasuredLeavesTheFormsOwnTail() {
        assertThat(HandlingTail.of(List.of())).isEqualTo(new HandlingTail(1, 1, 1, 0));
    }

    @Test
    void theMeanTailIsLearntWithItsBand() {
        var tail = HandlingTail.of(List.of(new Reading(82, 64, 20), new Reading(86, 64, 20), new Reading(90, 64, 20)));
        assertThat(tail.factor()).isCloseTo(1.1, within(1e-12));
        // Student's t for 2 degrees of freedom, 97.5 %: 4.302653 (published tables); s = 0.2, n = 3.
        assertThat(tail.high() - tail.factor()).isCloseTo(4.302653 * 0.2 / Math.sqrt(3), within(1e-6));
        assertThat(tail.measurements()).isEqualTo(3);
    }

    @Test
    void aSlipOfTheKeysCannotRuinAPlan() {
        assertThat(HandlingTail.of(List.of(new Reading(9000, 64, 20))).factor()).isEqualTo(10);
        assertThat(HandlingTail.of(List.of(new Reading(10, 64, 20))).factor()).isEqualTo(0.1);
        assertThatThrownBy(() -> new Reading(Double.NaN, 1, 1)).isInstanceOf(Refusal.class);
    }
}
