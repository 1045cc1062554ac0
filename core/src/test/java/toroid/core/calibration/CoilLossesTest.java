package toroid.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;

class CoilLossesTest {
    /** Forty rings planned, two turns beyond them. */
    private static CoilLosses.Reading gave(double good) {
        return new CoilLosses.Reading(good, 40, 1, 2);
    }

    @Test
    void withoutACoilTheTradesHabitStands() {
        CoilLosses none = CoilLosses.of(List.of());
        assertThat(none.turns()).isEqualTo(CoilLosses.USUAL);
        assertThat(none.perEnd()).isEqualTo(1);
        assertThat(none.measurements()).isZero();
    }

    /** Three rings fewer than planned are three turns more lost; of double rings six. */
    @Test
    void whatACoilLostIsWhatItHadBeyondAndWhatIsMissing() {
        assertThat(gave(37).lost()).isEqualTo(5);
        assertThat(new CoilLosses.Reading(37, 40, 2, 2).lost()).isEqualTo(8);
        assertThat(gave(41).lost()).isEqualTo(1);
        assertThat(gave(60).lost()).isZero();
        assertThatThrownBy(() -> gave(-1)).isInstanceOf(Refusal.class);
    }

    @Test
    void oneCoilMovesTheHabitAndManyReplaceIt() {
        CoilLosses one = CoilLosses.of(List.of(gave(36)));
        assertThat(one.turns()).isBetween(2.0, 6.0);
        List<CoilLosses.Reading> many = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            many.add(gave(36));
        }
        CoilLosses all = CoilLosses.of(many);
        assertThat(all.turns()).isCloseTo(6, within(0.1));
        assertThat(all.perEnd()).isEqualTo(3);
        assertThat(all.halfWidth()).isLessThan(one.halfWidth());
    }

    /** Makers drawn as is believed of them: the band holds the next coil at its rate, whatever was counted before. */
    @Test
    void theBandHoldsTheNextCoilAtItsRate() {
        var chance = new Random(12);
        int held = 0;
        int all = 0;
        for (int maker = 0; maker < 4000; maker++) {
            double own = 2 + 2 * chance.nextGaussian();
            if (own < 3) {
                continue; // what is lost is never less than none: those near it are cut off
            }
            List<CoilLosses.Reading> coils = new ArrayList<>();
            for (int i = 0; i < maker % 7; i++) {
                coils.add(gave(42 - own - chance.nextGaussian()));
            }
            CoilLosses learnt = CoilLosses.of(coils);
            if (!coils.isEmpty()) {
                all++;
                double next = own + chance.nextGaussian();
                held += Math.abs(next - learnt.turns()) <= learnt.halfWidth() ? 1 : 0;
            }
        }
        assertThat((double) held / all).isGreaterThan(0.93);
    }
}
