package toroid.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;
import toroid.core.stock.StripCut.Length;

class StripCutTest {
    /** 300 held, three of 45 and two of 50 with half a millimetre a cut: 235 cut, 2.5 kerf, 62.5 left; kept from 30 on, cut away from 70. */
    @Test
    void byHand() {
        var lengths = List.of(new Length(45, 3), new Length(50, 2));
        assertThat(StripCut.of(300, lengths, 0.5, 30)).isEqualTo(new StripCut(235, 2.5, 62.5));
        assertThat(StripCut.of(300, lengths, 0.5, 70)).isEqualTo(new StripCut(235, 65, 0));
    }

    /** Where a strip ends with its last length nothing is cut there. */
    @Test
    void theEndNeedsNoCut() {
        assertThat(StripCut.of(101, List.of(new Length(50, 2)), 1, 30)).isEqualTo(new StripCut(100, 1, 0));
        assertThatThrownBy(() -> StripCut.of(100.9, List.of(new Length(50, 2)), 1, 30))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> StripCut.of(100, List.of(new Length(50, 1)), -1, 30))
                .hasMessageContaining("kerfMm");
        assertThatThrownBy(() -> new Length(50, 0)).hasMessageContaining("count");
    }

    /** Nothing is lost and nothing comes to it; what is kept is worth keeping. */
    @Property(tries = 500)
    void allOfItIsAccountedFor(@ForAll long seed) {
        var chance = new Random(seed);
        var lengths = new ArrayList<Length>();
        double all = 0;
        for (int i = 0; i < 1 + chance.nextInt(6); i++) {
            var one = new Length(5 + 200 * chance.nextDouble(), 1 + chance.nextInt(9));
            lengths.add(one);
            all += one.lengthMm() * one.count();
        }
        double kerf = chance.nextBoolean() ? 0 : chance.nextDouble();
        double held = all + kerf * lengths.stream().mapToInt(Length::count).sum() + 400 * chance.nextDouble();
        double useful = 100 * chance.nextDouble();
        StripCut cut = StripCut.of(held, lengths, kerf, useful);
        assertThat(cut.cutMm() + cut.awayMm() + cut.leftMm()).isCloseTo(held, within(1e-6));
        assertThat(cut.cutMm()).isCloseTo(all, within(1e-6));
        assertThat(cut.leftMm() == 0 || cut.leftMm() >= useful).isTrue();
        assertThat(cut.awayMm()).isGreaterThanOrEqualTo(0);
    }

    /** 2,400 mm of lengths of a metre: two whole ones and what was cut off before, and no fourth. */
    @Test
    void straightLengthsAreCountedFromTheirSum() {
        assertThat(StraightLengths.of(1000, 2400, 1)).isEqualTo(1000);
        assertThat(StraightLengths.of(1000, 2400, 2)).isEqualTo(1000);
        assertThat(StraightLengths.of(1000, 2400, 3)).isEqualTo(400);
        assertThat(StraightLengths.of(1000, 2400, 4)).isZero();
        assertThat(StraightLengths.of(1000, 2000.4, 3)).isZero();
        assertThat(StraightLengths.of(1000, -300, 1)).isZero();
    }
}
