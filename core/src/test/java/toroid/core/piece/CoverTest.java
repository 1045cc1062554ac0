package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The lightest cover against every subset: pieces of up to ten places, branched, in several parts, with a circle in each or none. */
class CoverTest {
    private static final int PLACES = 10;

    @Test
    void isAsLightAsTheLightestOfAllSubsets() {
        var chance = new Random(31);
        for (int round = 0; round < 3000; round++) {
            int n = 2 + chance.nextInt(PLACES - 1);
            double[] weights = chance.doubles(n, 0, 3)
                    .map(w -> chance.nextInt(5) == 0 ? 0 : w)
                    .toArray();
            List<int[]> links = links(chance, n);
            boolean[] taken = Cover.least(weights, links);
            assertThat(links).allMatch(link -> taken[link[0]] || taken[link[1]]);
            double weight = 0;
            for (int i = 0; i < n; i++) {
                weight += taken[i] ? weights[i] : 0;
            }
            assertThat(weight).isCloseTo(lightest(weights, links), within(1e-9));
        }
    }

    /** Trees, now and then one left out, and in every tenth one link more: a circle, of two as well. */
    private static List<int[]> links(Random chance, int n) {
        var links = new ArrayList<int[]>();
        for (int i = 1; i < n; i++) {
            if (chance.nextInt(6) > 0) {
                links.add(new int[] {chance.nextInt(i), i});
            }
        }
        if (chance.nextInt(3) == 0 && n > 1) {
            int one = chance.nextInt(n);
            int other = chance.nextInt(n);
            if (one != other) {
                links.add(new int[] {one, other});
            }
        }
        return links;
    }

    private static double lightest(double[] weights, List<int[]> links) {
        double best = Double.MAX_VALUE;
        for (int set = 0; set < 1 << weights.length; set++) {
            int taken = set;
            if (links.stream().allMatch(link -> (taken >> link[0] & 1) == 1 || (taken >> link[1] & 1) == 1)) {
                double weight = 0;
                for (int i = 0; i < weights.length; i++) {
                    weight += (set >> i & 1) * weights[i];
                }
                best = Math.min(best, weight);
            }
        }
        return best;
    }
}
