package toroid.core.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import toroid.core.metal.Metals;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Length;
import toroid.core.quantity.WireNames;

class WireTest {
    private static Wire copper(double mm) {
        return new Wire(Length.ofMillimetres(mm), Metals.byId("copper"));
    }

    /**
     * ASTM B258 / NBS Handbook 100, copper wire tables: 18 AWG weighs 4.917 lb per 1000 ft (at 8.89 g/cm³), 7.317 g/m; scaled to
     * the 8.94 g/cm³ kept here.
     */
    @Test
    void eighteenGaugeWeighsWhatTheWireTablesSay() {
        double grams = copper(1.0236873).massOf(Length.ofMetres(1)).inGrams();
        assertThat(grams).isCloseTo(7.317 * 8.94 / 8.89, within(0.004));
    }

    @Property
    void weighingGivesTheLengthBack(
            @ForAll @DoubleRange(min = 0.05, max = 12) double mm,
            @ForAll @DoubleRange(min = 0, max = 1e7) double length) {
        Wire wire = copper(mm);
        assertThat(wire.lengthOf(wire.massOf(Length.ofMillimetres(length))).inMillimetres())
                .isCloseTo(length, within(1e-6 + 1e-12 * length));
    }

    /** ASTM B258: each gauge is 92^(1/39) = 1.1229 times the next, so that no gauge may stand for its neighbour. */
    @Test
    void aSpoolStandsForItsOwnGaugeAndForNoOther() {
        double next = Math.pow(92, 1.0 / 39);
        assertThat(Wire.standsFor(1.0 * next, 1.0)).isFalse();
        assertThat(Wire.standsFor(1.0 / next, 1.0)).isFalse();
        assertThat(Wire.isSame(0.804, 0.8)).isTrue();
        assertThat(Wire.isSame(0.81, 0.8)).isFalse();
        assertThat(Wire.standsFor(1.02, 1.0))
                .as("18 AWG as the caliper says it")
                .isTrue();
    }

    @Test
    void namesCarryTheirError() {
        WireNames names = WireNames.of(Length.ofMillimetres(1.0));
        assertThat(names.awg().name()).isEqualTo("18 AWG");
        assertThat(names.awg().errorPercent()).isCloseTo(-2.31, within(0.01));
        assertThat(names.swg().name()).isEqualTo("19 SWG");
        assertThat(names.tradeName()).isEqualTo("18");
    }

    @Test
    void thicknessIsBounded() {
        assertThatThrownBy(() -> copper(0.04)).isInstanceOf(Refusal.class).hasMessageContaining("0.05");
        assertThatThrownBy(() -> copper(Double.NaN)).isInstanceOf(Refusal.class);
    }
}
