package toroid.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.GnuUnits;

/** Source of every expected value here: GNU units 2.22, definitions.units (wiregauge, brwiregauge, drillgauge, drillA…Z). */
class GaugesAgainstGnuUnitsTest {
    /** GNU units prints 15 digits. */
    private static final double PRINTED = 1e-12;

    static IntStream awg() {
        return IntStream.rangeClosed(AmericanWireGauge.THICKEST, AmericanWireGauge.THINNEST);
    }

    @ParameterizedTest
    @MethodSource("awg")
    void americanWireGauge(int gauge) {
        assertThat(AmericanWireGauge.diameterOf(gauge).inMillimetres())
                .isCloseTo(GnuUnits.millimetres("wiregauge(" + gauge + ")"), within(1e-9));
    }

    static IntStream swg() {
        return IntStream.rangeClosed(ImperialWireGauge.THICKEST, ImperialWireGauge.THINNEST);
    }

    @ParameterizedTest
    @MethodSource("swg")
    void imperialWireGauge(int gauge) {
        assertThat(ImperialWireGauge.diameterOf(gauge).inMillimetres())
                .isCloseTo(GnuUnits.millimetres("brwiregauge(" + gauge + ")"), within(PRINTED));
    }

    static IntStream drills() {
        return IntStream.rangeClosed(1, 80);
    }

    @ParameterizedTest
    @MethodSource("drills")
    void numberDrills(int number) {
        assertThat(DrillSizes.number(number).inMillimetres())
                .isCloseTo(GnuUnits.millimetres("drillgauge(" + number + ")"), within(PRINTED));
    }

    static Stream<Character> letters() {
        return IntStream.rangeClosed('A', 'Z').mapToObj(c -> (char) c);
    }

    @ParameterizedTest
    @MethodSource("letters")
    void letterDrills(char letter) {
        assertThat(DrillSizes.letter(letter).inMillimetres())
                .isCloseTo(GnuUnits.millimetres("drill" + letter), within(PRINTED));
        assertThat(DrillSizes.letter(Character.toLowerCase(letter))).isEqualTo(DrillSizes.letter(letter));
    }

    @Test
    void theInchAndTheOunceAreExact() {
        assertThat(Length.ofInches(1).inMillimetres()).isEqualTo(GnuUnits.millimetres("1 inch"));
        // GNU units converts a mass through water's density of 1 g/mm^3 here only to come out in mm: 1 oz in g.
        assertThat(Mass.ofOunces(1).inGrams()).isCloseTo(GnuUnits.millimetres("1 oz mm/g"), within(1e-12));
        assertThat(Force.ofNewtons(1).inGramsForce())
                .isCloseTo(GnuUnits.millimetres("1 N mm/(gravity g)"), within(1e-9));
    }
}
