package toroid.core.calibration;

import java.util.Arrays;
import java.util.List;
import toroid.core.bend.BarInBending;
import toroid.core.bend.BendingStrain;
import toroid.core.bend.Springback;
import toroid.core.bend.SprungDiameter;
import toroid.core.metal.FlowCurve;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.FlowPrior;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Forgetting;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * The flow curve that best explains a wire's coils, beginning from the handbook's. The most probable (ln S, ln n) under a normal prior and
 * normal errors of the inner diameters, found by Gauss–Newton steps; its covariance is the inverse of the sum of the prior's and the
 * measurements' information (Laplace's approximation; Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, ch. 4). So one coil moves the
 * handbook's value, by as much as it says more surely, and more coils on several rods narrow both.
 *
 * <p>Scatter is learnt with it: {@code s² = (ν₀ s₀² + Σ residual²)/(ν₀ + N − p)}, where the usual scatter {@code s₀} counts as {@code ν₀}
 * earlier coils ({@link FlowEstimate}), N is the sum of the readings' weights and p is how many of the two constants the measurements determine.
 *
 * <p>What was measured long ago is forgotten slowly ({@link Forgetting}): a reading's residual counts by its weight in every sum.
 *
 * <p>A spool that is not what its label says lies many spreads off the prior; the prior is then widened until its best value lies {@value
 * #FARTHEST} spreads off (an empirical prior, our own rule), so that coils outvote a label.
 *
 * @param flow the estimate for the next prediction
 * @param residualsMm measured − predicted inner diameter per reading, in the order given, mm
 */
public record SpringbackFit(FlowEstimate flow, List<Double> residualsMm) {
    private static final double FARTHEST = 2;
    private static final int MOST_READINGS = 5000;
    private static final int MOST_ROUNDS = 60;
    private static final int MOST_HALVINGS = 30;
    private static final double SETTLED = 1e-9;
    private static final double LEAST_EXPONENT = 1e-3;
    private static final double MOST_EXPONENT = 0.8;
    private static final double WEAKEST_MPA = 5;
    private static final double STRONGEST_MPA = 4000;

    public SpringbackFit {
        residualsMm = List.copyOf(residualsMm);
    }

    /**
     * @param readings 1 to 5000 of one wire, the oldest first; diameters may differ a little
     * @param modulusMpa Young's modulus of its metal
     * @param prior the handbook's curve for its metal and temper
     * @throws toroid.core.numeric.Refusal when there is no reading
     */
    public static SpringbackFit of(List<SpringbackReading> readings, double modulusMpa, FlowPrior prior) {
        Checks.within("readings", readings.size(), 1, MOST_READINGS, Unit.READINGS, Remedy.MEASURE_AT_LEAST_ONE_COIL);
        var search = new Search(readings, modulusMpa, prior);
        search.settle();
        double off = search.spreadsOff();
        if (off > FARTHEST) {
            search = new Search(readings, modulusMpa, widened(prior, off / FARTHEST));
            search.settle();
        }
        return search.fit();
    }

    private static FlowPrior widened(FlowPrior prior, double by) {
        return new FlowPrior(
                prior.typical(), Math.min(2, by * prior.strengthSpread()), Math.min(2, by * prior.exponentSpread()));
    }

    private record Wound(double wireMm, double rodMm) {
        static Wound of(SpringbackReading reading) {
            return new Wound(reading.wireDiameterMm(), reading.mandrelDiameterMm());
        }
    }

    /** One search, in (ln S, ln n). */
    private static final class Search {
        private final List<SpringbackReading> readings;

        /** Every wire and rod once: coils are wound on few. */
        private final List<Wound> wound;

        private final int[] place;
        /** What was long ago weighs less. */
        private final double[] weights;

        private final double weight;
        private final double modulusMpa;
        private final double[] prior;
        private final double[] precision;
        private double[] now;
        private double scatterSquare = FlowEstimate.USUAL_SCATTER_MM * FlowEstimate.USUAL_SCATTER_MM;
        private double freedom;
        private double[] information = new double[3];

        Search(List<SpringbackReading> readings, double modulusMpa, FlowPrior prior) {
            this.readings = readings;
            this.wound = readings.stream().map(Wound::of).distinct().toList();
            this.place =
                    readings.stream().mapToInt(r -> wound.indexOf(Wound.of(r))).toArray();
            this.weights = Forgetting.weights(readings.size());
            this.weight = Arrays.stream(weights).sum();
            this.modulusMpa = modulusMpa;
            this.prior = new double[] {
                Math.log(prior.typical().strengthMpa()),
                Math.log(Math.max(LEAST_EXPONENT, prior.typical().exponent()))
            };
            this.precision = new double[] {
                1 / (prior.strengthSpread() * prior.strengthSpread()),
                1 / (prior.exponentSpread() * prior.exponentSpread())
            };
            now = this.prior.clone();
            while (!sets(now)) {
                now[0] -= 0.05;
            }
        }

        void settle() {
            for (int round = 0; round < MOST_ROUNDS; round++) {
                double before = scatterSquare;
                double moved = step();
                learnScatter();
                if (moved < SETTLED && Math.abs(scatterSquare - before) < SETTLED * before) {
                    return;
                }
            }
        }

        /** One Gauss–Newton step, halved until the fit is no worse. @return how far it went */
        private double step() {
            double[] gradient = new double[2];
            information = new double[3];
            List<double[]> slopes = wound.stream()
                    .map(w -> SprungDiameter.gradient(w.wireMm(), modulusMpa, curve(now), w.rodMm()))
                    .toList();
            double[] residuals = residuals(now);
            for (int i = 0; i < place.length; i++) {
                double[] g = slopes.get(place[i]);
                double residual = residuals[i];
                double precise = weights[i] / scatterSquare;
                information[0] += g[0] * g[0] * precise;
                information[1] += g[0] * g[1] * precise;
                information[2] += g[1] * g[1] * precise;
                gradient[0] += g[0] * residual * precise;
                gradient[1] += g[1] * residual * precise;
            }
            double a = information[0] + precision[0];
            double b = information[1];
            double c = information[2] + precision[1];
            gradient[0] -= precision[0] * (now[0] - prior[0]);
            gradient[1] -= precision[1] * (now[1] - prior[1]);
            double det = a * c - b * b;
            double[] way = {(c * gradient[0] - b * gradient[1]) / det, (a * gradient[1] - b * gradient[0]) / det};
            double cost = cost(now);
            for (int halving = 0; halving < MOST_HALVINGS; halving++) {
                double[] next = held(now[0] + way[0], now[1] + way[1]);
                if (sets(next) && cost(next) <= cost + 1e-12 * Math.abs(cost)) {
                    double moved = Math.hypot(next[0] - now[0], next[1] - now[1]);
                    now = next;
                    return moved;
                }
                way[0] /= 2;
                way[1] /= 2;
            }
            return 0;
        }

        private static double[] held(double logStrength, double logExponent) {
            return new double[] {
                Math.max(Math.log(WEAKEST_MPA), Math.min(Math.log(STRONGEST_MPA), logStrength)),
                Math.max(Math.log(LEAST_EXPONENT), Math.min(Math.log(MOST_EXPONENT), logExponent))
            };
        }

        private void learnScatter() {
            double squares = squares(now);
            double usual = FlowEstimate.USUAL_SCATTER_MM;
            freedom = FlowEstimate.USUAL_FREEDOM + weight - determined();
            scatterSquare = (FlowEstimate.USUAL_FREEDOM * usual * usual + squares) / freedom;
        }

        /** How many of the two constants the measurements determine: the trace of {@code J (J + P)⁻¹}, 0 to 2. */
        private double determined() {
            double[] v = covariance();
            return information[0] * v[0] + 2 * information[1] * v[1] + information[2] * v[2];
        }

        private double[] covariance() {
            double a = information[0] + precision[0];
            double b = information[1];
            double c = information[2] + precision[1];
            double det = a * c - b * b;
            return new double[] {c / det, -b / det, a / det};
        }

        double spreadsOff() {
            double a = now[0] - prior[0];
            double b = now[1] - prior[1];
            return Math.sqrt(a * a * precision[0] + b * b * precision[1]);
        }

        private double cost(double[] at) {
            double sum = squares(at) / scatterSquare;
            double a = at[0] - prior[0];
            double b = at[1] - prior[1];
            return sum + a * a * precision[0] + b * b * precision[1];
        }

        /** Of the residuals, each weighed, mm². */
        private double squares(double[] at) {
            double[] residuals = residuals(at);
            double sum = 0;
            for (int i = 0; i < residuals.length; i++) {
                sum += weights[i] * residuals[i] * residuals[i];
            }
            return sum;
        }

        /** Whether such wire takes a set on every rod it was measured on. */
        private boolean sets(double[] at) {
            FlowCurve curve = curve(at);
            return wound.stream()
                    .noneMatch(
                            w -> Springback.onlyFlexes(BarInBending.ofWire(w.wireMm(), modulusMpa, curve), w.rodMm()));
        }

        /** Measured − predicted, mm, in the order of the readings. */
        private double[] residuals(double[] at) {
            FlowCurve curve = curve(at);
            double[] predicted = wound.stream()
                    .mapToDouble(w ->
                            Springback.innerDiameterMm(BarInBending.ofWire(w.wireMm(), modulusMpa, curve), w.rodMm()))
                    .toArray();
            double[] residuals = new double[place.length];
            for (int i = 0; i < place.length; i++) {
                residuals[i] = readings.get(i).sprungInnerMm() - predicted[place[i]];
            }
            return residuals;
        }

        private static FlowCurve curve(double[] at) {
            return new FlowCurve(Math.exp(at[0]), Math.exp(at[1]));
        }

        SpringbackFit fit() {
            double[] v = covariance();
            double[] strains = readings.stream()
                    .mapToDouble(r -> BendingStrain.atOuterFibre(r.wireDiameterMm(), r.mandrelDiameterMm()))
                    .sorted()
                    .toArray();
            var flow = new FlowEstimate(
                    curve(now),
                    v[0],
                    v[1],
                    v[2],
                    Math.sqrt(scatterSquare),
                    freedom,
                    readings.size(),
                    strains[0],
                    strains[strains.length - 1]);
            return new SpringbackFit(flow, Arrays.stream(residuals(now)).boxed().toList());
        }
    }
}
