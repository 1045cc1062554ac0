package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.piece.Sag.Link;

class SagTest {
    private static List<Link> chain(int links, double lengthMm) {
        return IntStream.range(0, links)
                .mapToObj(i -> new Link(lengthMm / links, 1.0 / links, 0.5))
                .toList();
    }

    private static double deepest(List<Link> links, Sag sag) {
        double down = 0;
        double most = 0;
        for (int i = 0; i < links.size(); i++) {
            down += links.get(i).lengthMm() * Math.sin(sag.fallRadians().get(i));
            most = Math.max(most, down);
        }
        return most;
    }

    /** Two rods that meet in the middle: {@code cos θ = S/F}, and each held by half of both: {@code tan θ = W/2H} of W in all. By hand. */
    @Test
    void twoRodsMakeAV() {
        List<Link> rods = List.of(new Link(50, 3, 0.5), new Link(50, 3, 0.5));
        Sag sag = Sag.of(rods, 60);
        assertThat(Math.cos(sag.fallRadians().get(0))).isCloseTo(0.6, within(1e-9));
        assertThat(sag.fallRadians().get(1)).isCloseTo(-sag.fallRadians().get(0), within(1e-9));
        assertThat(sag.sideways()).isCloseTo(3 / (2 * (4.0 / 3)), within(1e-8));
        assertThat(sag.carried()).isCloseTo(3, within(1e-9));
    }

    /** Threads without weight and one weight between them, 3:4:5: the pulls are along the threads. By hand. */
    @Test
    void aWeightOnTwoThreadsDividesItsPullAsTheyLie() {
        List<Link> threads = List.of(new Link(30, 5, 1), new Link(40, 0, 0.5));
        Sag sag = Sag.of(threads, 50);
        assertThat(Math.sin(sag.fallRadians().get(0))).isCloseTo(0.8, within(1e-9));
        assertThat(Math.sin(-sag.fallRadians().get(1))).isCloseTo(0.6, within(1e-9));
        assertThat(sag.sideways()).isCloseTo(5 * 0.6 * 0.8, within(1e-8));
    }

    /**
     * Many small links hang as the catenary: {@code a·sinh(S/2a) = F/2}, sag {@code a (cosh(S/2a) − 1)}. Within 1 % from forty links on. The
     * catenary by Bernoulli, Huygens and Leibniz, 1691; any handbook of mechanics.
     */
    @ParameterizedTest
    @CsvSource({"40,115,240", "40,115,130", "200,115,400", "200,100,105"})
    void aChainOfSmallRingsHangsAsTheCatenary(int links, double spanMm, double lengthMm) {
        UnivariateFunction length = a -> 2 * a * Math.sinh(spanMm / (2 * a)) - lengthMm;
        double a = new BrentSolver(1e-12).solve(500, length, spanMm / 40, spanMm * 20);
        double catenary = a * (Math.cosh(spanMm / (2 * a)) - 1);
        List<Link> chain = chain(links, lengthMm);
        Sag sag = Sag.of(chain, spanMm);
        assertThat(deepest(chain, sag)).isCloseTo(catenary, within(0.01 * catenary));
        // the catenary's own pull sideways: its weight for each mm, times a
        assertThat(sag.sideways()).isCloseTo(a / lengthMm, within(0.02 * a / lengthMm));
    }

    /**
     * Whatever the links: no other shape with its ends in the same places lies lower. Links two and two are turned about so that the ends
     * stay, by a little either way; by the principle of least potential energy.
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void nothingHangsLower(long seed) {
        var random = new Random(seed);
        int n = 3 + random.nextInt(12);
        var links = new ArrayList<Link>();
        for (int i = 0; i < n; i++) {
            links.add(new Link(4 + 20 * random.nextDouble(), 0.1 + 3 * random.nextDouble(), random.nextDouble()));
        }
        double length = links.stream().mapToDouble(Link::lengthMm).sum();
        double longest = links.stream().mapToDouble(Link::lengthMm).max().orElseThrow();
        Sag sag = Sag.of(links, longest + (length - longest) * (0.2 + 0.7 * random.nextDouble()));
        assertThat(sag).isNotNull();
        double[][] places = places(links, sag.fallRadians());
        double energy = energy(links, places);
        for (int i = 1; i + 1 < n; i++) {
            for (int j = i + 1; j <= n - 1; j++) {
                for (double turn : new double[] {1e-4, -1e-4}) {
                    double[][] moved = moved(links, places, i, j, turn);
                    if (moved != null) {
                        assertThat(energy(links, moved)).isGreaterThan(energy - 1e-9);
                    }
                }
            }
        }
    }

    /** Places of the hinges: x across, y down. */
    private static double[][] places(List<Link> links, List<Double> falls) {
        double[][] places = new double[links.size() + 1][2];
        for (int i = 0; i < links.size(); i++) {
            places[i + 1][0] = places[i][0] + links.get(i).lengthMm() * Math.cos(falls.get(i));
            places[i + 1][1] = places[i][1] + links.get(i).lengthMm() * Math.sin(falls.get(i));
        }
        return places;
    }

    private static double energy(List<Link> links, double[][] places) {
        double energy = 0;
        for (int i = 0; i < links.size(); i++) {
            double share = links.get(i).share();
            energy -= links.get(i).weight() * ((1 - share) * places[i][1] + share * places[i + 1][1]);
        }
        return energy;
    }

    /** Hinge i turned about the one before it; hinges from i to j go with it; hinge j is found where its neighbours' lengths allow. */
    private static double[][] moved(List<Link> links, double[][] places, int i, int j, double turn) {
        double[][] moved = new double[places.length][];
        for (int k = 0; k < places.length; k++) {
            moved[k] = places[k].clone();
        }
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        for (int k = i; k < j; k++) {
            double x = places[k][0] - places[i - 1][0];
            double y = places[k][1] - places[i - 1][1];
            moved[k][0] = places[i - 1][0] + cos * x - sin * y;
            moved[k][1] = places[i - 1][1] + sin * x + cos * y;
        }
        double a = links.get(j - 1).lengthMm();
        double b = links.get(j).lengthMm();
        double dx = places[j + 1][0] - moved[j - 1][0];
        double dy = places[j + 1][1] - moved[j - 1][1];
        double d = Math.hypot(dx, dy);
        if (d >= a + b || d <= Math.abs(a - b)) {
            return null;
        }
        double along = (a * a - b * b + d * d) / (2 * d);
        double aside = Math.sqrt(Math.max(0, a * a - along * along));
        double[][] both = new double[2][];
        for (int side = 0; side < 2; side++) {
            double s = side == 0 ? aside : -aside;
            both[side] = new double[] {
                moved[j - 1][0] + (along * dx - s * dy) / d, moved[j - 1][1] + (along * dy + s * dx) / d
            };
        }
        double one = Math.hypot(both[0][0] - places[j][0], both[0][1] - places[j][1]);
        double other = Math.hypot(both[1][0] - places[j][0], both[1][1] - places[j][1]);
        moved[j] = one < other ? both[0] : both[1];
        return moved;
    }

    @Test
    void whatIsTooShortOrHasOnePartWiderThanTheSpanDoesNotHang() {
        assertThat(Sag.of(chain(10, 99), 100)).isNull();
        assertThat(Sag.of(List.of(new Link(10, 1, 0.5), new Link(120, 1, 0.5), new Link(10, 1, 0.5)), 100))
                .isNull();
        assertThat(Sag.of(List.of(new Link(80, 0, 0.5), new Link(80, 0, 0.5)), 100))
                .isNull();
    }
}
