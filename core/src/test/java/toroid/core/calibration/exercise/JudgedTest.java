package toroid.core.calibration.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import toroid.core.calibration.exercise.Verdict.Pattern;
import toroid.core.calibration.exercise.Verdict.Remark;

class JudgedTest {
    private static Verdict judged(int... values) {
        return new TwentyRings()
                .judge(Arrays.stream(values)
                        .mapToObj(value -> new Taken("joint", value, 0, 0))
                        .toList());
    }

    @Test
    void theMostFrequentFaultIsTold() {
        Verdict verdict = judged(0, 1, 0, 2, 1, 0, 0, 0, 1, 0);
        assertThat(verdict.done()).isEqualTo(10);
        assertThat(verdict.good()).isEqualTo(6);
        assertThat(verdict.figure()).isEqualTo(0.4);
        assertThat(verdict.remarks()).containsExactly(new Remark(Pattern.FAULT, "GAP", 3, null));
        assertThat(judged(0, 0, 0).remarks()).isEmpty();
    }

    /** Fisher's tea tasting, The Design of Experiments, 1935: four of eight in one half by chance 1 in 70; five of ten 1 in 252. */
    @Test
    void handsTireWhereChanceHardlyPutsTheFaultsLate() {
        assertThat(judged(0, 0, 0, 0, 1, 1, 1, 1).remarks())
                .extracting(Remark::pattern)
                .containsExactly(Pattern.FAULT);
        assertThat(judged(0, 0, 0, 0, 0, 1, 1, 1, 1, 1).remarks()).contains(new Remark(Pattern.TIRING, "", 5, null));
        assertThat(judged(1, 1, 1, 1, 1, 0, 0, 0, 0, 0).remarks())
                .extracting(Remark::pattern)
                .containsExactly(Pattern.FAULT);
    }

    @Test
    void evenlySpreadFaultsAreToldAsTiringAtMostOnceInAHundred() {
        var chance = new Random(3);
        int told = 0;
        for (int i = 0; i < 5000; i++) {
            Verdict verdict = judged(IntStream.range(0, 20)
                    .map(k -> chance.nextInt(4) == 0 ? 1 : 0)
                    .toArray());
            told += verdict.remarks().stream().anyMatch(one -> one.pattern() == Pattern.TIRING) ? 1 : 0;
        }
        assertThat(told / 5000.0).isLessThan(0.01 + 3 * Math.sqrt(0.01 / 5000));
    }
}
