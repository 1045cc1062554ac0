package toroid.core.ring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;

class RingSolverTest {
    private static final Metal BRASS = Metals.byId("yellow-brass");
    private static final FlowEstimate HALF_HARD = FlowEstimate.ofHandbook(BRASS.flow(Temper.HALF_HARD));

    private static Ring solve(Double d, Double inner, Double outer, Double mandrel, Double aspect) {
        return RingSolver.solve(new RingGiven(d, inner, outer, mandrel, aspect, null, null));
    }

    private static Ring sprung(Double d, Double inner, Double outer, Double mandrel, Double aspect) {
        return RingSolver.solve(new RingGiven(d, inner, outer, mandrel, aspect, BRASS, HALF_HARD));
    }

    @Property
    void everyPairGivesTheSameRing(
            @ForAll @DoubleRange(min = 0.2, max = 4) double d, @ForAll @DoubleRange(min = 1, max = 40) double inner) {
        Ring ring = new Ring(d, inner);
        double outer = ring.outerDiameterMm();
        double aspect = ring.aspectRatio();
        for (Ring solved : new Ring[] {
            solve(d, inner, null, null, null),
            solve(d, null, outer, null, null),
            solve(d, null, null, null, aspect),
            solve(null, inner, outer, null, null),
            solve(null, inner, null, null, aspect),
            solve(null, null, outer, null, aspect),
        }) {
            assertThat(solved.wireDiameterMm()).isCloseTo(d, within(1e-9));
            assertThat(solved.innerDiameterMm()).isCloseTo(inner, within(1e-9));
        }
    }

    @Property
    void everyPairWithAMandrelGivesARingThatSpringsToIt(
            @ForAll @DoubleRange(min = 0.4, max = 2.5) double d,
            @ForAll @DoubleRange(min = 2, max = 14) double mandrel) {
        Ring ring = sprung(d, null, null, mandrel, null);
        assertThat(ring.innerDiameterMm()).isGreaterThan(mandrel);
        for (Ring solved : new Ring[] {
            sprung(null, null, null, mandrel, ring.aspectRatio()),
            sprung(null, null, ring.outerDiameterMm(), mandrel, null),
        }) {
            Ring again = sprung(solved.wireDiameterMm(), null, null, mandrel, null);
            assertThat(solved.innerDiameterMm()).isCloseTo(again.innerDiameterMm(), within(1e-5));
            assertThat(solved.wireDiameterMm()).isGreaterThan(d - 1e-3);
        }
    }

    @Test
    void withoutAMetalTheMandrelIsTakenAsTheInside() {
        assertThat(solve(1.0, null, null, 6.0, null).innerDiameterMm()).isEqualTo(6);
        assertThat(solve(null, null, null, 6.0, 5.0).wireDiameterMm()).isCloseTo(1.2, within(1e-9));
    }

    @Test
    void moreThanEnoughMustAgree() {
        assertThat(solve(1.2, 6.0, 8.4, null, 5.0)).isEqualTo(new Ring(1.2, 6));
        assertThatThrownBy(() -> solve(1.2, 6.0, 9.0, null, null)).isInstanceOfSatisfying(Refusal.class, r -> {
            assertThat(r.code()).isEqualTo("contradiction");
            assertThat(r.field()).isEqualTo("outerDiameterMm");
        });
        assertThatThrownBy(() -> solve(1.2, 6.0, null, null, 4.0)).hasMessageContaining("contradiction");
    }

    @Test
    void tooLittleIsSaid() {
        assertThatThrownBy(() -> solve(1.2, null, null, null, null)).hasMessageContaining("one-size-alone");
        assertThatThrownBy(() -> solve(null, 6.0, null, 5.8, null)).hasMessageContaining("mandrel-and-inside-alone");
    }

    @Test
    void impossibleSizesAreSaid() {
        assertThatThrownBy(() -> solve(2.0, null, 3.0, null, null)).hasMessageContaining("check-which-size-is-which");
        assertThatThrownBy(() -> solve(null, 6.0, 5.0, null, null)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> solve(-1.0, 6.0, null, null, null)).hasMessageContaining("0.05");
        assertThatThrownBy(() -> solve(Double.NaN, 6.0, null, null, null))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("not-a-number"));
        assertThatThrownBy(() -> solve(null, null, 100.0, 5.0, null)).isInstanceOf(Refusal.class);
    }
}
