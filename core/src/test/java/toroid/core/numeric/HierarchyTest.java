package toroid.core.numeric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.junit.jupiter.api.Test;

class HierarchyTest {
    private static final Hierarchy SPREADS = new Hierarchy(0.3, 0.2, 0.25, 1e12);

    @Test
    void nobodyMeasuredIsAsStated() {
        Hierarchy.Estimate none = SPREADS.of(Map.of()).of("anything");
        assertThat(none.mean()).isZero();
        assertThat(none.spread()).isCloseTo(Math.hypot(0.3, 0.2), within(1e-12));
        assertThat(none.own() + none.all()).isZero();
    }

    /** One group alone is an ordinary normal mean with prior variance p² + t²: by hand. */
    @Test
    void oneGroupAlone() {
        Hierarchy.Estimate one = SPREADS.of(Map.of("a", List.of(0.5, 0.7))).of("a");
        double prior = 1 / (0.09 + 0.04);
        double told = 2 / 0.0625;
        assertThat(one.mean()).isCloseTo(told * 0.6 / (prior + told), within(1e-9));
        assertThat(one.spread()).isCloseTo(1 / Math.sqrt(prior + told), within(1e-9));
    }

    /** The same as the joint normal of maker, groups and readings conditioned by linear algebra, over random readings. */
    @Test
    void agreesWithTheJointNormal() {
        var chance = new Random(11);
        for (int round = 0; round < 50; round++) {
            Map<String, List<Double>> told = new HashMap<>();
            var groups = new ArrayList<Integer>();
            var values = new ArrayList<Double>();
            for (int group = 0; group < 3; group++) {
                var own = new ArrayList<Double>();
                int count = (round + group) % 5;
                for (int i = 0; i < count; i++) {
                    own.add(chance.nextGaussian());
                    groups.add(group);
                    values.add(own.get(i));
                }
                told.put("g" + group, own);
            }
            for (int group = 0; group < 4; group++) {
                double[] expected = conditioned(groups, values, group);
                Hierarchy.Estimate ours = SPREADS.of(told).of("g" + group);
                assertThat(ours.mean()).isCloseTo(expected[0], within(1e-9));
                assertThat(ours.spread()).isCloseTo(expected[1], within(1e-9));
            }
        }
    }

    /** Mean and spread of a group's middle given all readings, by the covariance of them all. */
    private static double[] conditioned(List<Integer> groups, List<Double> values, int group) {
        int n = groups.size();
        RealMatrix all = new Array2DRowRealMatrix(n, n);
        double[] cross = new double[n];
        for (int i = 0; i < n; i++) {
            cross[i] = 0.09 + (groups.get(i) == group ? 0.04 : 0);
            for (int j = 0; j < n; j++) {
                double same = groups.get(i).equals(groups.get(j)) ? 0.04 : 0;
                all.setEntry(i, j, 0.09 + same + (i == j ? 0.0625 : 0));
            }
        }
        double[] weights = new LUDecomposition(all).getSolver().getInverse().operate(cross);
        double mean = 0;
        double explained = 0;
        for (int i = 0; i < n; i++) {
            mean += weights[i] * values.get(i);
            explained += weights[i] * cross[i];
        }
        return new double[] {mean, Math.sqrt(0.13 - explained)};
    }

    /** Makers drawn as is said of them: the band of a group, and of the next reading, holds the truth 19 times in 20, however much was measured. */
    @Test
    void bandsHoldAsOftenAsTheySay() {
        var chance = new Random(7);
        for (int each : new int[] {0, 1, 5, 20}) {
            int held = 0;
            int next = 0;
            int makers = 4000;
            for (int i = 0; i < makers; i++) {
                double maker = 0.3 * chance.nextGaussian();
                Map<String, List<Double>> told = new HashMap<>();
                double truth = 0;
                for (int group = 0; group < 3; group++) {
                    truth = maker + 0.2 * chance.nextGaussian();
                    var own = new ArrayList<Double>();
                    for (int k = 0; k < each * group; k++) {
                        own.add(truth + 0.25 * chance.nextGaussian());
                    }
                    told.put("g" + group, own);
                }
                Hierarchy.Estimate last = SPREADS.of(told).of("g2");
                held += Math.abs(truth - last.mean()) <= 1.96 * last.spread() ? 1 : 0;
                double reading = truth + 0.25 * chance.nextGaussian();
                next += Math.abs(reading - last.mean()) <= 1.96 * last.next() ? 1 : 0;
            }
            // 0.95 of 4000, with four standard errors of 0.0034 either way
            assertThat((double) held / makers).as("middle, %d each", each).isBetween(0.936, 0.964);
            assertThat((double) next / makers).as("next, %d each", each).isBetween(0.936, 0.964);
        }
    }

    /** Hands that changed: with forgetting the old readings lose against as many new ones; with none they weigh the same. */
    @Test
    void whatIsLongAgoIsForgottenSlowly() {
        var changed = new ArrayList<Double>();
        for (int i = 0; i < 40; i++) {
            changed.add(i < 20 ? 1.0 : 0.0);
        }
        double kept = SPREADS.of(Map.of("a", changed)).of("a").mean();
        double forgot = new Hierarchy(0.3, 0.2, 0.25, 10)
                .of(Map.of("a", changed))
                .of("a")
                .mean();
        assertThat(kept).isCloseTo(0.5, within(0.02));
        assertThat(forgot).isBetween(0.1, 0.3);
    }

    /** A slip of the keys among ten good readings is told, and nothing else; with one reading nothing can be told. */
    @Test
    void whatDoesNotFitIsTold() {
        List<Double> told = List.of(0.1, 0.0, 0.2, -0.1, 2.3, 0.1, 0.05, 0.15, -0.05, 0.1);
        assertThat(SPREADS.misfits(Map.of("a", told), "a")).containsExactly(4);
        assertThat(SPREADS.misfits(Map.of("a", told.subList(0, 4)), "a")).isEmpty();
        assertThat(SPREADS.misfits(Map.of("a", List.of(0.4)), "a")).isEmpty();
    }
}
