package toroid.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;
import org.junit.jupiter.api.Test;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.bend.SprungDiameter;
import toroid.core.bend.YieldEstimate;
import toroid.core.calibration.SpringbackReading.Measured;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.ring.ClosedRing;
import toroid.core.ring.Ring;
import toroid.core.ring.RingCut;

class SpringbackFitTest {
    private static final double MODULUS = 110_000;

    private static double inner(double d, double mandrel, double yield) {
        return Springback.innerDiameterMm(BarInBending.ofWire(d, MODULUS, yield), mandrel);
    }

    private static List<SpringbackReading> coils(double yield, double scatter, int count, long seed) {
        var random = new Random(seed);
        var readings = new ArrayList<SpringbackReading>();
        double[] mandrels = {3, 4, 5, 6, 8};
        for (int i = 0; i < count; i++) {
            double m = mandrels[i % mandrels.length];
            readings.add(new SpringbackReading(1, m, inner(1, m, yield) + scatter * random.nextGaussian()));
        }
        return readings;
    }

    /** One coil: the fit is the exact inverse, as a maker expects: this rod now predicts this ring. */
    @Property
    void oneCoilIsFittedExactly(
            @ForAll @DoubleRange(min = 60, max = 700) double yield,
            @ForAll @DoubleRange(min = 3, max = 10) double mandrel) {
        double measured = inner(1, mandrel, yield);
        SpringbackFit fit = SpringbackFit.of(List.of(new SpringbackReading(1, mandrel, measured)), MODULUS);
        assertThat(fit.yield().yieldMpa()).isCloseTo(yield, within(1e-3 * yield));
        assertThat(fit.residualsMm().get(0)).isCloseTo(0, within(1e-6));
    }

    /** Against an independent least-squares routine: Hipparchus' Levenberg–Marquardt on the same residuals. */
    @Test
    void agreesWithLevenbergMarquardt() {
        List<SpringbackReading> readings = coils(330, 0.03, 12, 7);
        var problem = new LeastSquaresBuilder()
                .start(new double[] {200})
                .target(readings.stream()
                        .mapToDouble(SpringbackReading::sprungInnerMm)
                        .toArray())
                .model(point -> {
                    var values = new ArrayRealVector(readings.size());
                    var jacobian = MatrixUtils.createRealMatrix(readings.size(), 1);
                    for (int i = 0; i < readings.size(); i++) {
                        double m = readings.get(i).mandrelDiameterMm();
                        double sigma = point.getEntry(0);
                        values.setEntry(i, inner(1, m, sigma));
                        jacobian.setEntry(i, 0, (inner(1, m, sigma + 0.01) - inner(1, m, sigma - 0.01)) / 0.02);
                    }
                    return new Pair<>(values, jacobian);
                })
                .maxEvaluations(200)
                .maxIterations(200)
                .build();
        double reference =
                new LevenbergMarquardtOptimizer().optimize(problem).getPoint().getEntry(0);
        assertThat(SpringbackFit.of(readings, MODULUS).yield().yieldMpa())
                .isCloseTo(reference, within(1e-4 * reference));
    }

    @Test
    void moreCoilsNarrowTheBand() {
        double last = Double.MAX_VALUE;
        for (int count : new int[] {1, 3, 10, 40}) {
            YieldEstimate yield =
                    SpringbackFit.of(coils(330, 0.03, count, 3), MODULUS).yield();
            assertThat(yield.standardErrorMpa()).isLessThan(last);
            assertThat(yield.measurements()).isEqualTo(count);
            last = yield.standardErrorMpa();
        }
    }

    /** The 95 % band does what it says: over many invented workshops, 90 to 99 % of next coils fall inside. */
    @Test
    void theBandHoldsTheNextCoil() {
        int held = 0;
        int tries = 400;
        var random = new Random(11);
        for (int i = 0; i < tries; i++) {
            YieldEstimate yield =
                    SpringbackFit.of(coils(330, 0.03, 4, i), MODULUS).yield();
            SprungDiameter predicted = SprungDiameter.predict(1, MODULUS, yield, 5);
            double next = inner(1, 5, 330) + 0.03 * random.nextGaussian();
            held += next >= predicted.lowMm() && next <= predicted.highMm() ? 1 : 0;
        }
        assertThat(100.0 * held / tries).isBetween(90.0, 99.9);
    }

    /** The bar: predictions get better after one measurement, where the spool is not what its label says. */
    @Test
    void oneMeasurementBeatsTheHandbook() {
        Metal bronze = Metals.byId("phosphor-bronze");
        double modulus = bronze.youngsModulus().inMegapascals();
        YieldEstimate handbook = YieldEstimate.ofHandbook(bronze.yieldStrength(Temper.HALF_HARD));
        double truth = 300;
        double made = Springback.innerDiameterMm(BarInBending.ofWire(1, modulus, truth), 6);
        YieldEstimate own = SpringbackFit.of(List.of(new SpringbackReading(1, 6, made + 0.02)), modulus)
                .yield();
        double real = Springback.innerDiameterMm(BarInBending.ofWire(1, modulus, truth), 8);
        double before = SprungDiameter.predict(1, modulus, handbook, 8).innerDiameterMm();
        double after = SprungDiameter.predict(1, modulus, own, 8).innerDiameterMm();
        assertThat(Math.abs(after - real)).isLessThan(Math.abs(before - real) / 2);
    }

    @Test
    void softWireReadBelowItsRodStillFits() {
        SpringbackFit fit = SpringbackFit.of(List.of(new SpringbackReading(1, 6, 5.97)), MODULUS);
        assertThat(fit.yield().yieldMpa()).isPositive();
        assertThat(fit.residualsMm().get(0)).isNegative();
    }

    @Test
    void readingsAreBroughtToTheSprungCoil() {
        RingCut saw = new RingCut.Saw(0.3);
        Ring sprung = new Ring(1, 6.2);
        double closed = ClosedRing.close(sprung, saw, 1).innerDiameterMm();
        assertThat(SpringbackReading.of(Measured.COIL_OUTER, 8.2, 1, 6, saw, 1).sprungInnerMm())
                .isCloseTo(6.2, within(1e-12));
        assertThat(SpringbackReading.of(Measured.RING_INNER, closed, 1, 6, saw, 1)
                        .sprungInnerMm())
                .isCloseTo(6.2, within(1e-9));
        assertThat(SpringbackReading.of(Measured.RING_OUTER, closed + 2, 1, 6, saw, 1)
                        .sprungInnerMm())
                .isCloseTo(6.2, within(1e-9));
    }

    @Test
    void slipsOfThePenAreRefused() {
        assertThatThrownBy(() -> SpringbackReading.of(Measured.COIL_INNER, 62, 1, 6, new RingCut.None(), 1))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("measure again");
        assertThatThrownBy(() -> new SpringbackReading(1, 6, 5.5)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> SpringbackFit.of(List.of(), MODULUS)).isInstanceOf(Refusal.class);
    }

    /** Sample standard deviation with n − 1; NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.5.6. */
    @Test
    void repeatability() {
        Repeatability spread = Repeatability.of(List.of(6.0, 6.1, 6.2));
        assertThat(spread.mean()).isCloseTo(6.1, within(1e-12));
        assertThat(spread.standardDeviation()).isCloseTo(0.1, within(1e-12));
        assertThat(Repeatability.of(List.of(6.0)).standardDeviation()).isZero();
        assertThat(spread.smallest()).isEqualTo(6);
        assertThat(spread.largest()).isEqualTo(6.2);
    }
}
