package toroid.core.bend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;

class SpringbackTest {
    private static BarInBending bar(double d, String metal, Temper temper) {
        Metal m = Metals.byId(metal);
        return BarInBending.ofWire(
                d,
                m.youngsModulus().inMegapascals(),
                m.yieldStrength(temper).typical().inMegapascals());
    }

    /**
     * The moment from its definition, {@code M = ∫ σ(y) y dA} over the round section with {@code σ(y) = min(E κ y, σ_y)},
     * integrated numerically by Hipparchus' Gauss–Legendre quadrature on both sides of the elastic boundary. With {@code y = r sin
     * θ} the integrand is smooth.
     */
    private static double momentByQuadrature(BarInBending bar, double curvature) {
        double r = bar.wireRadiusMm();
        double edge = Math.min(1, bar.yieldMpa() / (bar.modulusMpa() * curvature) / r);
        var quadrature = new IterativeLegendreGaussIntegrator(12, 1e-12, 1e-14);
        org.hipparchus.analysis.UnivariateFunction layer = theta -> {
            double y = r * Math.sin(theta);
            double stress = Math.min(bar.modulusMpa() * curvature * y, bar.yieldMpa());
            double width = 2 * r * Math.cos(theta);
            return 2 * stress * y * width * r * Math.cos(theta);
        };
        double boundary = Math.asin(edge);
        double core = quadrature.integrate(100_000, layer, 0, boundary);
        return edge >= 1 ? core : core + quadrature.integrate(100_000, layer, boundary, Math.PI / 2);
    }

    @Property
    void momentIsTheIntegralOfTheStress(
            @ForAll @DoubleRange(min = 0.2, max = 3) double d,
            @ForAll @DoubleRange(min = 1, max = 30) double mandrel,
            @ForAll @DoubleRange(min = 30, max = 1500) double yield) {
        BarInBending bar = BarInBending.ofWire(d, 110_000, yield);
        double curvature = 2 / (mandrel + d);
        double exact = momentByQuadrature(bar, curvature);
        assertThat(BendingMoment.newtonMillimetres(bar, curvature)).isCloseTo(exact, within(1e-9 * exact + 1e-12));
    }

    /** Elastic limit: M = E I κ, I = π r⁴/4 (beam theory). */
    @Test
    void belowFirstYieldTheMomentIsElastic() {
        BarInBending bar = BarInBending.ofWire(1, 110_000, 1000);
        double curvature = 1e-3;
        assertThat(BendingMoment.newtonMillimetres(bar, curvature))
                .isCloseTo(110_000 * Math.PI * Math.pow(0.5, 4) / 4 * curvature, within(1e-12));
    }

    /** Fully plastic limit: M_p = σ d³/6; ratio of first yield to it 3π/16 = 0.589 (plasticity of the round section). */
    @Test
    void farBeyondYieldTheMomentIsFullyPlastic() {
        BarInBending bar = BarInBending.ofWire(1, 110_000, 10);
        double plastic = BendingMoment.fullyPlasticNewtonMillimetres(1, 10);
        assertThat(BendingMoment.newtonMillimetres(bar, 1.5)).isCloseTo(plastic, within(1e-6 * plastic));
        assertThat(BendingMoment.firstYieldNewtonMillimetres(1, 10) / plastic)
                .isCloseTo(3 * Math.PI / 16, within(1e-12));
    }

    /** Common practice, for a 6 mm mandrel and 1.0 mm wire: soft copper about +1 %, hard copper +4, hard brass +6, spring steel +9. */
    @ParameterizedTest
    @CsvSource({"copper,DEAD_SOFT,1", "copper,HARD,4", "yellow-brass,HARD,6", "stainless-304,SPRING,9"})
    void sizesToExpect(String metal, Temper temper, double percent) {
        double inner = Springback.innerDiameterMm(bar(1.0, metal, temper), 6);
        assertThat(100 * (inner / 6 - 1)).isCloseTo(percent, within(0.6));
    }

    @Property
    void aBiggerMandrelGivesABiggerRingAndAStrongerWireSpringsMore(
            @ForAll @DoubleRange(min = 0.3, max = 3) double d,
            @ForAll @DoubleRange(min = 2, max = 12) double mandrel,
            @ForAll @DoubleRange(min = 40, max = 900) double yield) {
        BarInBending bar = BarInBending.ofWire(d, 110_000, yield);
        BarInBending stronger = BarInBending.ofWire(d, 110_000, yield * 1.05);
        if (!Springback.onlyFlexes(bar, mandrel * 1.05) && !Springback.onlyFlexes(stronger, mandrel)) {
            double inner = Springback.innerDiameterMm(bar, mandrel);
            assertThat(inner).isGreaterThan(mandrel);
            assertThat(Springback.innerDiameterMm(bar, mandrel * 1.05)).isGreaterThan(inner);
            assertThat(Springback.innerDiameterMm(stronger, mandrel)).isGreaterThan(inner);
        }
    }

    @Property
    void bothInversesComeBack(
            @ForAll @DoubleRange(min = 0.4, max = 2.5) double d,
            @ForAll @DoubleRange(min = 2, max = 12) double mandrel,
            @ForAll @DoubleRange(min = 40, max = 700) double yield) {
        BarInBending bar = BarInBending.ofWire(d, 110_000, yield);
        double inner = Springback.innerDiameterMm(bar, mandrel);
        assertThat(Springback.mandrelForMm(bar, inner)).isCloseTo(mandrel, within(1e-7));
        assertThat(Springback.effectiveYieldMpa(d, 110_000, mandrel, inner)).isCloseTo(yield, within(1e-4 * yield));
    }

    @Test
    void tooSpringyIsSaidInWords() {
        BarInBending spring = bar(0.3, "stainless-304", Temper.SPRING);
        assertThat(Springback.largestSettingMandrelMm(spring)).isCloseTo(193_000 * 0.3 / 1100 - 0.3, within(1e-9));
        assertThatThrownBy(() -> Springback.innerDiameterMm(spring, 60))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("too-springy"))
                .hasMessageContaining("rod below 52.3 mm");
    }

    @Test
    void tooTightIsSaidInWords() {
        assertThatThrownBy(() -> Springback.mandrelForMm(bar(1.6, "yellow-brass", Temper.HARD), 0.15))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("mandrel-too-small"));
    }

    @Test
    void aMeasurementThatCannotBeIsRefused() {
        assertThatThrownBy(() -> Springback.effectiveYieldMpa(1, 110_000, 6, 5.9))
                .hasMessageContaining("at least 6");
        assertThatThrownBy(() -> Springback.effectiveYieldMpa(1, 110_000, 6, 5000))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Springback.innerDiameterMm(bar(1, "copper", Temper.HARD), Double.NaN))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void theBandHoldsTheValueAndNeverGoesBelowTheRod() {
        Metal copper = Metals.byId("copper");
        YieldEstimate handbook = YieldEstimate.ofHandbook(copper.yieldStrength(Temper.DEAD_SOFT));
        SprungDiameter inner = SprungDiameter.predict(1, copper.youngsModulus().inMegapascals(), handbook, 6);
        assertThat(inner.lowMm()).isEqualTo(6);
        assertThat(inner.highMm()).isGreaterThan(inner.innerDiameterMm());
    }

    /** Strain ε = d/D = 1/(AR + 1); below AR 3 hard wire cracks (common practice). */
    @Test
    void strainAndAnnealing() {
        assertThat(BendingStrain.atOuterFibre(1, 3)).isEqualTo(0.25);
        assertThat(BendingStrain.shouldBeAnnealed(Temper.HARD, 0.26)).isTrue();
        assertThat(BendingStrain.shouldBeAnnealed(Temper.HARD, 0.24)).isFalse();
        assertThat(BendingStrain.shouldBeAnnealed(Temper.HALF_HARD, 0.34)).isTrue();
        assertThat(BendingStrain.shouldBeAnnealed(Temper.DEAD_SOFT, 0.5)).isFalse();
    }
}
