package toroid.core.ring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.junit.jupiter.api.Test;
import toroid.core.metal.Metals;

class RingGeometryTest {
    /** Common practice: 1.2 mm wire with a 6 mm inner diameter is AR 5. */
    @Test
    void aspectRatioFive() {
        Ring ring = new Ring(1.2, 6);
        assertThat(ring.aspectRatio()).isEqualTo(5);
        assertThat(ring.outerDiameterMm()).isEqualTo(8.4);
        assertThat(ring.meanDiameterMm()).isEqualTo(7.2);
        assertThat(ring.wireLengthMm()).isCloseTo(Math.PI * 7.2, within(1e-12));
    }

    /** Torus volume from washers, {@code V = ∫ π (R_out² − R_in²) dz}, by Hipparchus' Romberg quadrature over z = r sin t. */
    @Property(tries = 100)
    void volumeIsTheTorusByQuadrature(
            @ForAll @DoubleRange(min = 0.2, max = 4) double d, @ForAll @DoubleRange(min = 0.5, max = 30) double inner) {
        Ring ring = new Ring(d, inner);
        double centre = ring.meanDiameterMm() / 2;
        double r = d / 2;
        double volume = new RombergIntegrator(1e-11, 1e-12, 5, 30)
                .integrate(
                        1_000_000,
                        t -> {
                            double half = r * Math.cos(t);
                            double washer = Math.PI * (Math.pow(centre + half, 2) - Math.pow(centre - half, 2));
                            return washer * r * Math.cos(t);
                        },
                        -Math.PI / 2,
                        Math.PI / 2);
        assertThat(ring.volumeMm3()).isCloseTo(volume, within(1e-8 * volume));
    }

    /** Length of a helix of pitch d, {@code ∫ √(x'² + y'² + z'²) dt} with numeric derivatives, by Romberg quadrature. */
    @Test
    void turnIsTheHelixByQuadrature() {
        Ring ring = new Ring(1.2, 6);
        double radius = ring.meanDiameterMm() / 2;
        double h = 1e-5;
        double length = new RombergIntegrator(1e-10, 1e-10, 5, 30)
                .integrate(
                        1_000_000,
                        t -> {
                            double x = radius * (Math.cos(t + h) - Math.cos(t - h)) / (2 * h);
                            double y = radius * (Math.sin(t + h) - Math.sin(t - h)) / (2 * h);
                            double z = 1.2 / (2 * Math.PI);
                            return Math.sqrt(x * x + y * y + z * z);
                        },
                        0,
                        2 * Math.PI);
        assertThat(ring.turnLengthMm()).isCloseTo(length, within(1e-6));
    }

    @Test
    void massIsVolumeTimesDensity() {
        Ring ring = new Ring(1, 4);
        double density = Metals.byId("sterling-silver").densityGramsPerCubicCentimetre();
        assertThat(ring.massGrams(density)).isCloseTo(2 * Math.PI * Math.PI * 2.5 * 0.25 * 10.36 / 1000, within(1e-12));
    }

    @Property
    void scalingScalesEverything(
            @ForAll @DoubleRange(min = 0.2, max = 2) double d,
            @ForAll @DoubleRange(min = 1, max = 10) double inner,
            @ForAll @DoubleRange(min = 1, max = 5) double s) {
        Ring small = new Ring(d, inner);
        Ring large = new Ring(d * s, inner * s);
        assertThat(large.aspectRatio()).isCloseTo(small.aspectRatio(), within(1e-9));
        assertThat(large.wireLengthMm()).isCloseTo(s * small.wireLengthMm(), within(1e-9 * large.wireLengthMm()));
        assertThat(large.volumeMm3()).isCloseTo(s * s * s * small.volumeMm3(), within(1e-9 * large.volumeMm3()));
    }
}
