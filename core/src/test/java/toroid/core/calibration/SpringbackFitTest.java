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
import toroid.core.calibration.SpringbackReading.Measured;
import toroid.core.metal.FlowCurve;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.FlowPrior;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Forgetting;
import toroid.core.numeric.Refusal;
import toroid.core.ring.ClosedRing;
import toroid.core.ring.Ring;
import toroid.core.ring.RingCut;

class SpringbackFitTest {
    private static final double MODULUS = 110_000;
    private static final FlowPrior BRASS = Metals.byId("yellow-brass").flow(Temper.HALF_HARD);

    private static double inner(double d, double mandrel, FlowCurve curve) {
        return Springback.innerDiameterMm(BarInBending.ofWire(d, MODULUS, curve), mandrel);
    }

    private static List<SpringbackReading> coils(FlowCurve curve, double scatter, int count, long seed) {
        var random = new Random(seed);
        var readings = new ArrayList<SpringbackReading>();
        double[] mandrels = {3, 4, 5, 6, 8};
        for (int i = 0; i < count; i++) {
            double m = mandrels[i % mandrels.length];
            readings.add(new SpringbackReading(1, m, inner(1, m, curve) + scatter * random.nextGaussian()));
        }
        return readings;
    }

    /** One coil moves the handbook towards what was measured and does not replace it: the prediction lies between the two. */
    @Property
    void oneCoilMovesTheHandbook(
            @ForAll @DoubleRange(min = 0.75, max = 1.3) double factor,
            @ForAll @DoubleRange(min = 3, max = 10) double mandrel) {
        var truth = new FlowCurve(
                factor * BRASS.typical().strengthMpa(), BRASS.typical().exponent());
        double measured = inner(1, mandrel, truth);
        double handbook = inner(1, mandrel, BRASS.typical());
        FlowEstimate own = SpringbackFit.of(List.of(new SpringbackReading(1, mandrel, measured)), MODULUS, BRASS)
                .flow();
        double predicted = inner(1, mandrel, own.curve());
        assertThat(predicted).isBetween(Math.min(measured, handbook) - 1e-9, Math.max(measured, handbook) + 1e-9);
        assertThat(Math.abs(predicted - measured)).isLessThanOrEqualTo(Math.abs(handbook - measured) + 1e-9);
        assertThat(own.strengthVariance()).isLessThan(BRASS.strengthSpread() * BRASS.strengthSpread());
    }

    /**
     * The best value against an independent least-squares routine: Hipparchus' Levenberg–Marquardt on the same residuals, each over the
     * learnt scatter, and the prior as two more.
     */
    @Test
    void agreesWithLevenbergMarquardt() {
        var truth = new FlowCurve(1.15 * BRASS.typical().strengthMpa(), 0.09);
        List<SpringbackReading> readings = coils(truth, 0.03, 14, 7);
        SpringbackFit fit = SpringbackFit.of(readings, MODULUS, BRASS);
        double s = fit.flow().scatterMm();
        double[] start = {
            Math.log(BRASS.typical().strengthMpa()), Math.log(BRASS.typical().exponent())
        };
        double[] spread = {BRASS.strengthSpread(), BRASS.exponentSpread()};
        var problem = new LeastSquaresBuilder()
                .start(start)
                .target(new double[readings.size() + 2])
                .model(point -> {
                    var values = new ArrayRealVector(readings.size() + 2);
                    var jacobian = MatrixUtils.createRealMatrix(readings.size() + 2, 2);
                    for (int i = 0; i < readings.size() + 2; i++) {
                        values.setEntry(i, row(readings, i, point.toArray(), s, start, spread));
                        for (int k = 0; k < 2; k++) {
                            double[] up = point.toArray();
                            double[] down = point.toArray();
                            up[k] += 1e-5;
                            down[k] -= 1e-5;
                            jacobian.setEntry(
                                    i,
                                    k,
                                    (row(readings, i, up, s, start, spread) - row(readings, i, down, s, start, spread))
                                            / 2e-5);
                        }
                    }
                    return new Pair<>(values, jacobian);
                })
                .maxEvaluations(500)
                .maxIterations(500)
                .build();
        var best = new LevenbergMarquardtOptimizer().optimize(problem);
        assertThat(Math.log(fit.flow().curve().strengthMpa()))
                .isCloseTo(best.getPoint().getEntry(0), within(1e-4));
        assertThat(Math.log(fit.flow().curve().exponent()))
                .isCloseTo(best.getPoint().getEntry(1), within(1e-3));
        var covariance = best.getCovariances(1e-12);
        assertThat(fit.flow().strengthVariance())
                .isCloseTo(covariance.getEntry(0, 0), within(0.02 * covariance.getEntry(0, 0)));
        assertThat(fit.flow().exponentVariance())
                .isCloseTo(covariance.getEntry(1, 1), within(0.02 * covariance.getEntry(1, 1)));
    }

    private static double row(
            List<SpringbackReading> readings, int i, double[] at, double s, double[] prior, double[] spread) {
        if (i >= readings.size()) {
            int k = i - readings.size();
            return (at[k] - prior[k]) / spread[k];
        }
        SpringbackReading r = readings.get(i);
        var curve = new FlowCurve(Math.exp(at[0]), Math.exp(at[1]));
        double weight = Forgetting.weights(readings.size())[i];
        return Math.sqrt(weight) * (inner(1, r.mandrelDiameterMm(), curve) - r.sprungInnerMm()) / s;
    }

    @Test
    void moreCoilsNarrowTheBand() {
        double last = Double.MAX_VALUE;
        for (int count : new int[] {1, 3, 10, 40}) {
            FlowEstimate flow = SpringbackFit.of(coils(BRASS.typical(), 0.03, count, 3), MODULUS, BRASS)
                    .flow();
            assertThat(flow.strengthVariance()).isLessThan(last);
            assertThat(flow.measurements()).isEqualTo(count);
            last = flow.strengthVariance();
        }
    }

    /** A spool that was annealed meanwhile: what was measured before is forgotten, by half with every fifty coils. */
    @Test
    void whatWasLongAgoIsForgotten() {
        var before = new FlowCurve(
                1.25 * BRASS.typical().strengthMpa(), BRASS.typical().exponent());
        var now = new FlowCurve(
                0.85 * BRASS.typical().strengthMpa(), BRASS.typical().exponent());
        double earlier = strength(before, now, 0);
        double half = strength(before, now, 50);
        double most = strength(before, now, 200);
        assertThat(earlier).isCloseTo(before.strengthMpa(), within(0.03 * before.strengthMpa()));
        assertThat(half).isCloseTo((before.strengthMpa() + now.strengthMpa()) / 2, within(0.06 * before.strengthMpa()));
        assertThat(most).isCloseTo(now.strengthMpa(), within(0.06 * now.strengthMpa()));
    }

    private static double strength(FlowCurve before, FlowCurve now, int later) {
        List<SpringbackReading> readings = new ArrayList<>(coils(before, 0.03, 300, 6));
        readings.addAll(coils(now, 0.03, later, 7));
        return SpringbackFit.of(readings, MODULUS, BRASS).flow().curve().strengthMpa();
    }

    /** The bar: predictions get better after one measurement, where the spool is not what its label says. */
    @Test
    void oneMeasurementBeatsTheHandbook() {
        Metal bronze = Metals.byId("phosphor-bronze");
        double modulus = bronze.youngsModulus().inMegapascals();
        FlowPrior prior = bronze.flow(Temper.HALF_HARD);
        var truth = new FlowCurve(
                0.75 * prior.typical().strengthMpa(), prior.typical().exponent());
        double made = Springback.innerDiameterMm(BarInBending.ofWire(1, modulus, truth), 6);
        FlowEstimate own = SpringbackFit.of(List.of(new SpringbackReading(1, 6, made + 0.02)), modulus, prior)
                .flow();
        double real = Springback.innerDiameterMm(BarInBending.ofWire(1, modulus, truth), 8);
        double before = SprungDiameter.predict(1, modulus, FlowEstimate.ofHandbook(prior), 8)
                .innerDiameterMm();
        double after = SprungDiameter.predict(1, modulus, own, 8).innerDiameterMm();
        assertThat(Math.abs(after - real)).isLessThan(Math.abs(before - real) / 2);
    }

    /** A spool labelled hard that was annealed since: coils outvote the label. */
    @Test
    void coilsOutvoteAWrongLabel() {
        FlowPrior hard = Metals.byId("yellow-brass").flow(Temper.HARD);
        FlowCurve soft = FlowCurve.ofHollomon(500, 0.4);
        FlowEstimate own =
                SpringbackFit.of(coils(soft, 0.03, 6, 5), MODULUS, hard).flow();
        for (double rod : new double[] {3, 5, 8}) {
            SprungDiameter predicted = SprungDiameter.predict(1, MODULUS, own, rod);
            assertThat(inner(1, rod, soft)).isBetween(predicted.lowMm(), predicted.highMm());
            assertThat(predicted.innerDiameterMm()).isCloseTo(inner(1, rod, soft), within(0.09));
        }
    }

    /** Beyond what was measured the band widens with the distance in strain, also after many coils. */
    @Test
    void theBandWidensAwayFromWhatWasMeasured() {
        var readings = new ArrayList<SpringbackReading>();
        for (int i = 0; i < 30; i++) {
            double m = i % 2 == 0 ? 3 : 4;
            readings.add(new SpringbackReading(1, m, inner(1, m, BRASS.typical())));
        }
        FlowEstimate own = SpringbackFit.of(readings, MODULUS, BRASS).flow();
        double last = 0;
        for (double rod : new double[] {4, 6, 9, 14}) {
            SprungDiameter predicted = SprungDiameter.predict(1, MODULUS, own, rod);
            double half = (predicted.highMm() - predicted.innerDiameterMm()) / (predicted.innerDiameterMm() - rod);
            assertThat(half).isGreaterThan(last * 0.5);
            double width = predicted.highMm() - predicted.lowMm();
            assertThat(width).isGreaterThan(last);
            last = width;
        }
    }

    @Test
    void softWireReadBelowItsRodStillFits() {
        FlowPrior copper = Metals.byId("copper").flow(Temper.DEAD_SOFT);
        SpringbackFit fit = SpringbackFit.of(List.of(new SpringbackReading(1, 6, 5.97)), 117_000, copper);
        assertThat(fit.flow().curve().strengthMpa()).isPositive();
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
                .hasMessageContaining("no-coil-is-smaller-than-its-rod");
        assertThatThrownBy(() -> new SpringbackReading(1, 6, 5.5)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> SpringbackFit.of(List.of(), MODULUS, BRASS)).isInstanceOf(Refusal.class);
    }

    /** For every metal, temper and usual rod: its own handbook ring can be, its outside for its inside cannot and is told so. */
    @Test
    void whatNoMetalGivesIsRefused() {
        int told = 0;
        for (Metal metal : Metals.all()) {
            double modulus = metal.youngsModulus().inMegapascals();
            for (Temper temper : metal.yields().keySet()) {
                for (double rod : new double[] {2.5, 4, 6, 8}) {
                    double inner = Springback.innerDiameterMm(
                            BarInBending.ofWire(1, modulus, metal.flow(temper).typical()), rod);
                    PossibleReading.check(new SpringbackReading(1, rod, inner), metal);
                    double outside = inner + 2;
                    if (outside > PossibleReading.of(1, rod, metal).toMm() && outside < 2 * rod) {
                        told++;
                        assertThatThrownBy(() -> PossibleReading.check(new SpringbackReading(1, rod, outside), metal))
                                .as("%s %s on %s", metal.id(), temper, rod)
                                .isInstanceOf(Refusal.class)
                                .hasMessageContaining("outside");
                    }
                }
            }
        }
        assertThat(told).isGreaterThan(80); // what a spring wire may spring to reaches the outside of a small ring
        Metal copper = Metals.byId("copper");
        double impossible = Springback.innerDiameterMm(BarInBending.ofWire(1, 117_000, 4700), 6);
        assertThatThrownBy(() -> PossibleReading.check(new SpringbackReading(1, 6, impossible), copper))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("check-rod-metal-and-side");
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
