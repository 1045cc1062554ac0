package toroid.core.calibration.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import toroid.core.calibration.exercise.Verdict.Pattern;
import toroid.core.calibration.exercise.Verdict.Remark;
import toroid.core.form.Forms;
import toroid.core.numeric.Refusal;

class ExercisesTest {
    @Test
    void eachCanBeDoneAndJudgedFromItsFirstReading() {
        assertThat(Exercises.all())
                .extracting(one -> one.info().id())
                .containsExactly("close-coil", "ear-wire-pair", "ten-loops", "twenty-rings", "weave-unit");
        for (Exercise one : Exercises.all()) {
            assertThat(Exercises.byId(one.info().id())).isSameAs(one);
            if (one.info().formId() != null) {
                Forms.byId(one.info().formId());
            }
            for (Criterion measure : one.criteria()) {
                assertThat(Exercises.criterion(one, measure.id())).isSameAs(measure);
                Double aimed = one.target(measure, 0.8, 2.5);
                double target = aimed == null ? 0 : aimed;
                Verdict verdict = one.judge(List.of(new Taken(measure.id(), target, target, 0)));
                assertThat(verdict.remarks()).isEmpty();
                assertThat(verdict.figure()).isZero();
            }
        }
        assertThatThrownBy(() -> Exercises.byId("juggling")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Exercises.byId(null)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Exercises.criterion(new TenLoops(), "height")).isInstanceOf(Refusal.class);
    }

    /** Geometry: wires side by side, touching, are as long as their thicknesses. */
    @Test
    void aCloseCoilIsAsLongAsItsWires() {
        assertThat(new CloseCoil().target(new CloseCoil().criteria().get(0), 0.8, 0))
                .isCloseTo(16, within(1e-12));
    }

    @Test
    void aPairIsToldWhereItIsApartTheWorstFirst() {
        EarWirePair pair = new EarWirePair();
        List<Taken> taken = List.of(
                new Taken("height", 21.0, 0, 0),
                new Taken("bow", 10.6, 0, 0),
                new Taken("loop", 2.2, 0, 0),
                new Taken("height", 21.9, 0, 1),
                new Taken("bow", 10.3, 0, 1),
                new Taken("loop", 1.7, 0, 1));
        Verdict verdict = pair.judge(taken);
        assertThat(verdict.done()).isEqualTo(3);
        assertThat(verdict.good()).isEqualTo(1);
        assertThat(verdict.figure()).isCloseTo(0.9, within(1e-9));
        assertThat(verdict.remarks()).extracting(Remark::what).containsExactly("loop", "height");
        assertThat(verdict.remarks()).extracting(Remark::pattern).containsOnly(Pattern.APART);
        assertThat(verdict.remarks().get(0).by()).isCloseTo(-0.5, within(1e-9));
        assertThat(pair.judge(taken.subList(0, 4)).done()).isEqualTo(1);
        var mended = new java.util.ArrayList<>(taken);
        mended.add(new Taken("loop", 2.15, 0, 1));
        assertThat(pair.judge(mended).remarks()).extracting(Remark::what).containsExactly("height");
    }

    @Test
    void aSeasonThatGetsBetterByAShareIsToldThatShare() {
        List<Double> figures =
                IntStream.range(0, 8).mapToObj(i -> 0.2 * Math.pow(0.9, i)).toList();
        Season season = Season.of(figures, 0.005);
        assertThat(season.changePercent()).isCloseTo(-10, within(1e-9));
        assertThat(season.best()).isEqualTo(figures.get(7));
        assertThat(Season.of(figures.subList(0, 3), 0.005).changePercent()).isNull();
        assertThat(Season.of(List.of(), 0.005).best()).isNull();
        assertThat(Season.of(List.of(0.0, 0.0, 0.0, 0.0), 0.005).changePercent())
                .isZero();
    }

    /** The band holds the true change at its stated rate. */
    @Test
    void theBandOfTheChangeCoversAtItsRate() {
        var chance = new Random(4);
        int covered = 0;
        int all = 3000;
        for (int k = 0; k < all; k++) {
            List<Double> figures = IntStream.range(0, 10)
                    .mapToObj(i -> 0.1 * Math.exp(-0.05 * i + 0.25 * chance.nextGaussian()))
                    .toList();
            Season season = Season.of(figures, 0.0001);
            double truth = 100 * Math.expm1(-0.05);
            covered += season.lowPercent() <= truth && truth <= season.highPercent() ? 1 : 0;
        }
        assertThat((double) covered / all).isBetween(0.95 - 0.015, 0.95 + 0.015);
    }
}
