package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.concurrent.atomic.AtomicInteger;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.CircleDistance;
import toroid.core.weave.circle.Linking;

/** Distance and links of circles against brute sampling and Gauss's integral. */
class CirclesTest {
    private static final Circle UNIT = new Circle(Vector3D.ZERO, Vector3D.PLUS_K, 1);

    private static Circle circle(double x, double y, double z, double tilt, double swing, double radius) {
        return new Circle(
                new Vector3D(x, y, z),
                new Vector3D(Math.sin(tilt) * Math.cos(swing), Math.sin(tilt) * Math.sin(swing), Math.cos(tilt)),
                radius);
    }

    @Property(tries = 300)
    void theSmallestDistanceIsTheSampledOne(
            @ForAll @DoubleRange(min = -2, max = 2) double x,
            @ForAll @DoubleRange(min = -2, max = 2) double y,
            @ForAll @DoubleRange(min = -1, max = 1) double z,
            @ForAll @DoubleRange(min = 0, max = 3.14) double tilt,
            @ForAll @DoubleRange(min = 0, max = 6.28) double swing,
            @ForAll @DoubleRange(min = 0.4, max = 1.6) double radius) {
        Circle other = circle(x, y, z, tilt, swing, radius);
        double sampled = Independent.gap(UNIT, other, 4000);
        double exact = CircleDistance.smallest(UNIT, other, 10);
        assertThat(exact).isLessThan(sampled + 1e-9).isGreaterThan(sampled - 2e-3);
        double turnedRound = CircleDistance.smallest(other, UNIT, 10);
        assertThat(turnedRound).isCloseTo(exact, within(1e-6));
    }

    @Property(tries = 300)
    void theLinkingNumberIsGausssIntegral(
            @ForAll @DoubleRange(min = -2, max = 2) double x,
            @ForAll @DoubleRange(min = -2, max = 2) double y,
            @ForAll @DoubleRange(min = -1, max = 1) double z,
            @ForAll @DoubleRange(min = 0, max = 3.14) double tilt,
            @ForAll @DoubleRange(min = 0, max = 6.28) double swing) {
        Circle other = circle(x, y, z, tilt, swing, 0.9);
        if (CircleDistance.smallest(UNIT, other, 10) < 0.1) {
            return; // nearly touching: the integral converges too slowly to tell
        }
        assertThat(Independent.gauss(UNIT, other, 160)).isCloseTo(Linking.number(UNIT, other), within(1e-3));
    }

    @Test
    void linkedRingsAreNearAtFewPlaces() {
        var places = new AtomicInteger();
        Circle other = new Circle(new Vector3D(1.3, 0, 0), Vector3D.PLUS_J, 1);
        CircleDistance.minima(UNIT, other, 2, (distance, onA, onB) -> {
            places.incrementAndGet();
            assertThat(onA.distance(onB)).isCloseTo(distance, within(1e-9));
        });
        assertThat(places.get()).isBetween(1, 4);
        assertThat(Math.abs(Linking.number(UNIT, other))).isEqualTo(1);
        assertThat(Linking.number(UNIT, new Circle(new Vector3D(2.5, 0, 0), Vector3D.PLUS_J, 1)))
                .isZero();
    }

    @Test
    void ringsSideBySideAllRoundAreNotMissed() {
        Circle above = new Circle(new Vector3D(0, 0, 0.3), Vector3D.PLUS_K, 1);
        assertThat(CircleDistance.smallest(UNIT, above, 1)).isCloseTo(0.3, within(1e-12));
        assertThat(CircleDistance.smallest(UNIT, new Circle(Vector3D.ZERO, Vector3D.PLUS_K, 1.4), 1))
                .isCloseTo(0.4, within(1e-12));
    }
}
