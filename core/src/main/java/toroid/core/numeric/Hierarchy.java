package toroid.core.numeric;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a maker's readings teach of things that are alike but not the same: a normal hierarchy of two levels with known spreads. The maker's own
 * middle {@code m ~ N(0, p²)}, each group's {@code g ~ N(m, t²)}, each reading {@code x ~ N(g, s²)}; 0 is what is stated while nothing was
 * measured. With weights {@code w} on readings, {@code n = Σ w} and {@code x̄ = Σ w x / n} of each group:
 *
 * <pre>
 *   m | x ~ N(M, 1/P),  P = 1/p² + Σ 1/(t² + s²/n),  M = Σ x̄/(t² + s²/n) / P
 *   g | x ~ N((m/t² + n x̄/s²) / Q, 1/Q),  Q = 1/t² + n/s², with m as above
 * </pre>
 *
 * (conjugate normal hierarchy with known variances: Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, section 5.4). A group nobody measured has
 * the maker's middle; a maker nobody measured has 0. What was long ago is forgotten slowly: a reading weighs half as much for every so many
 * of its group that came after it. Forgetting makes a weight a share of a reading; that is a choice of ours and no theorem.
 *
 * @param makers p: between makers, above 0
 * @param groups t: between groups of one maker, above 0
 * @param readings s: between readings of one group, above 0
 * @param halfLife after so many later ones of its group a reading counts half, above 0
 */
public record Hierarchy(double makers, double groups, double readings, double halfLife) {
    /** What is as far off as this from where the others put it, in its own spread, does not fit: one in two thousand would. */
    private static final double FAR = 3.5;

    public Hierarchy {
        if (!(makers > 0 && groups > 0 && readings > 0 && halfLife > 0)) {
            throw new IllegalArgumentException("spreads and half-life are above zero");
        }
    }

    /** Where all readings are of one thing: makers differ by that, their readings by this. */
    public static Hierarchy ofOneGroup(double makers, double readings) {
        return new Hierarchy(makers, makers * ONE, readings, Forgetting.HALF_LIFE);
    }

    /** No difference between groups, as nearly as arithmetic needs. */
    private static final double ONE = 1e-6;

    /**
     * A group's middle.
     *
     * @param mean of it
     * @param spread one standard deviation of what it may be
     * @param next one standard deviation of the next reading about the mean
     * @param own readings of the group itself
     * @param all readings of all groups
     */
    public record Estimate(double mean, double spread, double next, int own, int all) {}

    /** One group's readings, weighed. */
    private record Weighed(double weight, double mean) {}

    /** What all groups together teach. */
    public final class Learnt {
        private final Map<String, Weighed> weighed = new HashMap<>();
        private final Map<String, Integer> counts = new HashMap<>();
        private final double middle;
        private final double variance;
        private final int all;

        private Learnt(Map<String, ? extends Collection<Double>> told) {
            double precision = 1 / square(makers);
            double sum = 0;
            int count = 0;
            for (Map.Entry<String, ? extends Collection<Double>> group : told.entrySet()) {
                if (group.getValue().isEmpty()) {
                    continue;
                }
                Weighed one = weigh(List.copyOf(group.getValue()));
                weighed.put(group.getKey(), one);
                counts.put(group.getKey(), group.getValue().size());
                count += group.getValue().size();
                double own = 1 / (square(groups) + square(readings) / one.weight());
                precision += own;
                sum += own * one.mean();
            }
            all = count;
            middle = sum / precision;
            variance = 1 / precision;
        }

        /** Of a group; of one nobody measured, by all others. */
        public Estimate of(String group) {
            Weighed own = weighed.getOrDefault(group, new Weighed(0, 0));
            double within = own.weight() / square(readings);
            double between = 1 / square(groups);
            double mean = (between * middle + within * own.mean()) / (between + within);
            double shrunk = between / (between + within);
            double spread = Math.sqrt(1 / (between + within) + square(shrunk) * variance);
            return new Estimate(mean, spread, Math.hypot(spread, readings), counts.getOrDefault(group, 0), all);
        }
    }

    /** @param told each group's readings, the oldest first; finite */
    public Learnt of(Map<String, ? extends Collection<Double>> told) {
        return new Learnt(told);
    }

    private Weighed weigh(List<Double> told) {
        double weight = 0;
        double sum = 0;
        double[] weights = Forgetting.weights(told.size(), halfLife);
        for (int i = 0; i < told.size(); i++) {
            weight += weights[i];
            sum += weights[i] * told.get(i);
        }
        return new Weighed(weight, sum / weight);
    }

    /**
     * Those of a group that lie far from where all other readings put them: each is judged without itself.
     *
     * @return their places, in order; empty where all fit
     */
    public List<Integer> misfits(Map<String, ? extends Collection<Double>> told, String group) {
        List<Double> own = List.copyOf(told.get(group));
        var others = new HashMap<String, Collection<Double>>(told);
        var misfits = new ArrayList<Integer>();
        for (int i = 0; i < own.size(); i++) {
            var rest = new ArrayList<>(own);
            rest.remove(i);
            others.put(group, rest);
            Estimate expected = of(others).of(group);
            if (Math.abs(own.get(i) - expected.mean()) > FAR * expected.next()) {
                misfits.add(i);
            }
        }
        return misfits;
    }

    private static double square(double x) {
        return x * x;
    }
}
