package toroid.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.numeric.Refusal;

class NamesAndSizesTest {
    /** Common practice: what millimetre wire is called over the counter. */
    @ParameterizedTest
    @CsvSource({"0.6,22", "0.8,20", "0.9,19", "1.0,18", "1.2,17", "1.5,14", "2.0,12"})
    void tradeNames(double mm, String called) {
        assertThat(TradeName.of(Length.ofMillimetres(mm), 0.03).calledGauge()).isEqualTo(called);
    }

    /** Common practice: 0.6 mm is called 22 though the nearest AWG is 23; 1.5 mm 14 though the nearest is 15. */
    @Test
    void tradeNamesAreOnlyNearAGauge() {
        assertThat(AmericanWireGauge.nearestTo(Length.ofMillimetres(0.6))).isEqualTo(23);
        assertThat(AmericanWireGauge.nearestTo(Length.ofMillimetres(1.5))).isEqualTo(15);
    }

    @Test
    void noTradeNameWhereNoneIsNear() {
        assertThat(TradeName.of(Length.ofMillimetres(1.75), 0.03)).isNull();
    }

    /** Ring sizes in inch fractions, common practice in chainmail; 1 in = 25.4 mm exactly. */
    @ParameterizedTest
    @CsvSource({"3.175,1/8", "3.96875,5/32", "4.7625,3/16", "6.35,1/4", "7.9375,5/16", "25.4,1", "31.75,1 1/4"})
    void inchFractions(double mm, String fraction) {
        InchFraction nearest = InchFraction.nearestTo(Length.ofMillimetres(mm));
        assertThat(nearest).hasToString(fraction);
        assertThat(nearest.errorMm()).isCloseTo(0, within(1e-12));
    }

    @Property
    void aFractionIsNeverFurtherThanHalfASixtyFourth(@ForAll @DoubleRange(min = 0, max = 300) double mm) {
        InchFraction nearest = InchFraction.nearestTo(Length.ofMillimetres(mm));
        assertThat(Math.abs(nearest.errorMm())).isLessThanOrEqualTo(25.4 / 128 + 1e-9);
        assertThat(nearest.denominator() == 1 || nearest.numerator() % 2 == 1).isTrue();
    }

    /** Craft Yarn Council, Standards and Guidelines: US 0 is 2 mm, US 7 is 4.5 mm, US 10½ is 6.5 mm (from memory). */
    @Test
    void needles() {
        assertThat(NeedleSizes.us("0").inMillimetres()).isEqualTo(2);
        assertThat(NeedleSizes.us("7").inMillimetres()).isEqualTo(4.5);
        assertThat(NeedleSizes.us("10½").inMillimetres()).isEqualTo(6.5);
        assertThatThrownBy(() -> NeedleSizes.us("12")).isInstanceOf(Refusal.class);
        assertThat(NeedleSizes.usNumbersInMillimetres()).hasSize(17);
    }

    @Test
    void nanNeverPasses() {
        assertThatThrownBy(() -> Length.ofMillimetres(Double.NaN)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Mass.ofGrams(Double.POSITIVE_INFINITY)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Force.ofNewtons(Double.NaN)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Stress.ofMegapascals(-1)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> AmericanWireGauge.diameterOf(41)).hasMessageContaining("40");
    }

    @Test
    void aFigureOutsideItsOwnBandIsRefused() {
        assertThatThrownBy(() -> new Figure("x", 3, 4, 5, "mm", Figure.Basis.THEORY, "", "", ""))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
