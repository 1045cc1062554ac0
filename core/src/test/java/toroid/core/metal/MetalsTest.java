package toroid.core.metal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.numeric.Refusal;

class MetalsTest {
    /** 1 lb/in³ = 453.59237 g / 16.387064 cm³, both exact by the 1959 agreement. */
    private static final double GRAMS_PER_CM3 = 453.59237 / 16.387064;

    /**
     * Copper Development Association, alloy data sheets, density at 68 °F in lb/in³, three decimals: C11000, C26000, C23000,
     * C51000.
     */
    @ParameterizedTest
    @CsvSource({"copper,0.323", "yellow-brass,0.308", "red-brass,0.316", "phosphor-bronze,0.320"})
    void densitiesOfTheCopperAlloys(String id, double poundsPerCubicInch) {
        assertThat(Metals.byId(id).densityGramsPerCubicCentimetre())
                .isCloseTo(poundsPerCubicInch * GRAMS_PER_CM3, within(0.0005 * GRAMS_PER_CM3));
    }

    /** CRC Handbook of Chemistry and Physics, density of the elements at 25 °C, g/cm³: Ag 10.5, Al 2.70, Ti 4.506, Nb 8.57. */
    @ParameterizedTest
    @CsvSource({"fine-silver,10.5", "aluminium,2.70", "titanium,4.506", "niobium,8.57"})
    void densitiesOfTheElements(String id, double grams) {
        assertThat(Metals.byId(id).densityGramsPerCubicCentimetre()).isCloseTo(grams, within(0.011));
    }

    /** Lever rule by volume for 92.5 % silver, 7.5 % copper by mass (CRC: Ag 10.5, Cu 8.96), common practice 10.36 within 0.5 %. */
    @Test
    void sterlingIsNearTheMixtureOfItsElements() {
        double mixture = 1 / (0.925 / 10.5 + 0.075 / 8.96);
        assertThat(Metals.byId("sterling-silver").densityGramsPerCubicCentimetre())
                .isCloseTo(mixture, within(0.005 * mixture));
    }

    @Test
    void harderIsStrongerAndEveryConstantNamesItsSource() {
        for (Metal metal : Metals.all()) {
            double last = 0;
            for (YieldStrength yield : metal.yields().values()) {
                assertThat(yield.typical().inMegapascals()).isGreaterThan(last);
                assertThat(yield.low().inMegapascals())
                        .isLessThan(yield.typical().inMegapascals());
                assertThat(yield.high().inMegapascals())
                        .isGreaterThan(yield.typical().inMegapascals());
                last = yield.typical().inMegapascals();
            }
            assertThat(metal.densitySource()).isNotBlank();
            assertThat(metal.modulusSource()).isNotBlank();
            assertThat(metal.yieldSource()).isNotBlank();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "brass,yellow-brass",
        "Sterling Silver,sterling-silver",
        "silver,sterling-silver",
        "steel,stainless-304",
        "gold_filled,gold-filled"
    })
    void everydayNames(String said, String id) {
        assertThat(MetalNames.metalOrRefuse(said).id()).isEqualTo(id);
    }

    @Test
    void temperNames() {
        assertThat(MetalNames.temperOrRefuse("half-hard")).isEqualTo(Temper.HALF_HARD);
        assertThat(MetalNames.temperOrRefuse("DEAD_SOFT")).isEqualTo(Temper.DEAD_SOFT);
        assertThat(MetalNames.temperOrRefuse("annealed")).isEqualTo(Temper.DEAD_SOFT);
        assertThatThrownBy(() -> MetalNames.temperOrRefuse("mushy")).isInstanceOf(Refusal.class);
    }

    @Test
    void unknownMetalsAndTempersAreRefusedWithWhatThereIs() {
        assertThatThrownBy(() -> Metals.byId("tin")).isInstanceOf(Refusal.class).hasMessageContaining("copper");
        assertThatThrownBy(() -> Metals.byId("copper").yieldStrength(Temper.SPRING))
                .hasMessageContaining("HALF_HARD");
    }
}
