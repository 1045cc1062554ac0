package toroid.core.weave.composition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Figure;
import toroid.core.ring.Ring;
import toroid.core.weave.Independent;
import toroid.core.weave.Weaves;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.composition.Composition.Plan;
import toroid.core.weave.composition.Composition.Role;
import toroid.core.weave.composition.CompositionWork.HubFit;

class LargerRingTest {
    private static final int GAUSS = 48;
    private static final int SAMPLES = 400;

    private static final Map<List<Object>, SolvedStar> SOLVED = new HashMap<>();

    /** Each solved once for all tests. */
    private static SolvedStar solved(
            String weave, String rows, int longer, int arms, int hubs, Ties ties, double inner, boolean bail) {
        return SOLVED.computeIfAbsent(
                Arrays.asList(weave, rows, longer, arms, hubs, ties, inner, bail),
                any -> solvedAnew(weave, rows, longer, arms, hubs, ties, inner, bail));
    }

    private static SolvedStar solvedAnew(
            String weave, String rows, int longer, int arms, int hubs, Ties ties, double inner, boolean bail) {
        List<Integer> counts =
                Arrays.stream(rows.split("-")).map(Integer::parseInt).toList();
        ArmShape shape = counts.size() == 1
                ? new ArmShape.Chain(counts.get(0), longer)
                : new ArmShape.Sheet(counts, counts.subList(1, 1 + longer));
        return SolvedStar.of(
                new Composition(Weaves.byId(weave), new Plan(arms, shape, 0, hubs, ties, bail)),
                new Ring(1, inner),
                1.2);
    }

    private static CompositionWork usual(SolvedStar star) {
        return star.about(null, Way.USUAL);
    }

    /**
     * Every ring of the whole star, with its longer arm and its bail, against every other: apart by sampling, linked by Gauss's integral where
     * the patch says so and nowhere else; about the smallest, the usual and the largest larger ring.
     */
    @ParameterizedTest
    @CsvSource({
        "byzantine, 3, 2, 6, 2, true, false, 3.8, true",
        "byzantine, 3, 0, 4, 1, false, false, 3.8, true",
        "box-chain, 3, 1, 3, 2, true, false, 4.5, true",
        "half-persian-4-in-1, 4, 1, 5, 1, true, false, 6, true",
        "single-chain, 3, 1, 4, 1, true, false, 4.2, true",
        "european-4-in-1, 2-3-2, 2, 4, 1, true, false, 4, true",
        "european-4-in-1, 2-3-2, 0, 6, 2, true, true, 4, false",
    })
    void everyRingOfTheWholeLiesFreeAndLinkedAsTold(
            String weave,
            String rows,
            int longer,
            int arms,
            int hubs,
            boolean tied,
            boolean outer,
            double inner,
            boolean bail) {
        Ties ties = tied ? new Ties(outer ? 1 : 0, false) : null;
        SolvedStar star = solved(weave, rows, longer, arms, hubs, ties, inner, bail);
        CompositionWork usual = usual(star);
        assertThat(usual.fit()).isIn(HubFit.GOES_IN, HubFit.ON_THE_EDGE);
        checkWhole(usual);
        checkWhole(star.about(usual.smallestMm(), Way.USUAL));
        if (usual.largestMm() != null) {
            assertThat(usual.largestMm()).isGreaterThan(usual.usualMm());
            checkWhole(star.about(usual.largestMm(), Way.USUAL));
        }
    }

    private static void checkWhole(CompositionWork work) {
        Composition star = work.composition();
        for (int a = 0; a < star.size(); a++) {
            for (int b = a + 1; b < star.size(); b++) {
                Circle one = work.rings().get(a);
                Circle other = work.rings().get(b);
                double touch = (work.wireMm(a) + work.wireMm(b)) / 2;
                double apart = one.centre().distance(other.centre());
                if (apart > one.radius() + other.radius() + touch) {
                    assertThat(star.areLinked(a, b)).isFalse();
                    continue;
                }
                assertThat(Independent.gap(one, other, SAMPLES))
                        .as("%s %d against %s %d", star.roleOf(a), a, star.roleOf(b), b)
                        .isGreaterThan(touch - 2e-4);
                int linked = (int) Math.abs(Math.rint(Independent.gauss(one, other, GAUSS)));
                assertThat(linked).isEqualTo(star.areLinked(a, b) ? 1 : 0);
            }
        }
    }

    /** The longer arm hangs down and the bail is above everything, opposite. */
    @Test
    void hangsAsItIsWorn() {
        CompositionWork cross = usual(solved("european-4-in-1", "2-3-2", 2, 4, 1, new Ties(0, false), 4, true));
        double lowest = 0;
        double highest = 0;
        int low = -1;
        int high = -1;
        for (int n = 0; n < cross.rings().size(); n++) {
            double y = cross.rings().get(n).centre().getY();
            if (y < lowest) {
                lowest = y;
                low = n;
            }
            if (y > highest) {
                highest = y;
                high = n;
            }
        }
        assertThat(cross.composition().partOf(low)).isZero();
        assertThat(cross.composition().roleOf(high)).isEqualTo(Role.BAIL);
    }

    /**
     * Single rings that stand upright on a larger ring, free: they crowd where their inner wires touch. Upright, by hand: middles on a circle of
     * R, planes through the axis, the nearest places at R − r, so {@code (R − r) sin(π/n) = d/2}. Tilted they get nearer; the solved one may
     * not be larger than that.
     */
    @ParameterizedTest
    @CsvSource({"5, 4.0", "8, 4.0", "12, 3.4"})
    void neverTakesMoreThanUprightRingsDo(int arms, double inner) {
        CompositionWork work = usual(solved("single-chain", "1", 0, arms, 1, null, inner, false));
        double upright = 2 * ((inner + 1) / 2 + 0.5 / Math.sin(Math.PI / arms)) - 1.2;
        assertThat(work.smallestMm()).isLessThanOrEqualTo(upright + 1e-6);
        checkWhole(work);
    }

    /**
     * The largest larger ring pulls the ties taut, and they reach no further than they are wide. By hand: within a tie two wires' middles are
     * ID − d apart at most, each wire is at most r from its own ring's middle, and that at most r − (d + D)/2 from the larger ring's wire; so
     * from arm to arm {@code 2 R sin(π/n) ≤ 3 ID − D}.
     */
    @ParameterizedTest
    @CsvSource({"4, 4.2", "6, 4.4"})
    void tiesReachNoFurtherThanTheyAreWide(int arms, double inner) {
        CompositionWork work = usual(solved("single-chain", "1", 0, arms, 1, new Ties(0, false), inner, false));
        assertThat(work.largestMm()).isNotNull();
        assertThat((work.largestMm() + 1.2) * Math.sin(Math.PI / arms)).isLessThan(3 * inner - 1.2 + 1e-6);
        checkWhole(work);
    }

    /** A larger ring a little smaller than the smallest is judged too small, and none smaller is ever said to go in. */
    @Test
    void judgesTheMakersOwn() {
        Ties ties = new Ties(0, false);
        SolvedStar star = solved("box-chain", "3", 0, 4, 1, ties, 4.5, false);
        CompositionWork usual = usual(star);
        double smallest = usual.smallestMm();
        double largest = usual.largestMm();
        double[] sizes = {smallest * 0.97, smallest * 1.01, (smallest + largest) / 2, largest * 0.99, largest * 1.03};
        HubFit[] fits = {HubFit.TOO_SMALL, HubFit.ON_THE_EDGE, HubFit.GOES_IN, HubFit.ON_THE_EDGE, HubFit.TOO_LARGE};
        for (int k = 0; k < sizes.length; k++) {
            assertThat(HubFit.of(sizes[k], smallest, largest)).isEqualTo(fits[k]);
        }
        CompositionWork own = star.about(8.0, Way.USUAL);
        assertThat(own.hub().innerDiameterMm()).isEqualTo(8.0);
        assertThat(own.smallestMm()).isEqualTo(smallest);
        int hub = own.composition().size() - 5;
        assertThat(own.composition().roleOf(hub)).isEqualTo(Role.HUB);
        assertThat(2 * own.rings().get(hub).radius() - 1.2).isCloseTo(8.0, within(1e-9));
        checkWhole(own);
    }

    /**
     * Whatever size between the smallest and the largest is said to go in is laid about that very size, free and linked as told; where no way
     * was found it says so, and is drawn about one that was solved.
     */
    @ParameterizedTest
    @CsvSource({"single-chain, 4, 4.2, 1", "box-chain, 4, 4.5, 2", "half-persian-4-in-1, 5, 6, 1"})
    void whatIsSaidToGoInIsLaidThere(String weave, int arms, double inner, int hubs) {
        SolvedStar star = solved(weave, "2", 0, arms, hubs, new Ties(0, false), inner, false);
        CompositionWork usual = usual(star);
        double most = usual.largestMm() == null ? 2 * usual.usualMm() : usual.largestMm();
        int sure = 0;
        for (double share : new double[] {0.1, 0.3, 0.55, 0.8, 0.95}) {
            double size = usual.smallestMm() + share * (most - usual.smallestMm());
            CompositionWork own = star.about(size, Way.USUAL);
            assertThat(own.fit()).isIn(HubFit.GOES_IN, HubFit.ON_THE_EDGE, HubFit.UNSURE);
            if (own.fit() == HubFit.GOES_IN) {
                assertThat(own.laidAboutMm()).isCloseTo(size, within(1e-6));
                sure++;
            }
            checkWhole(own);
        }
        assertThat(sure).isGreaterThanOrEqualTo(2);
        CompositionWork small = star.about(0.8 * usual.smallestMm(), Way.USUAL);
        assertThat(small.fit()).isEqualTo(HubFit.TOO_SMALL);
        assertThat(small.laidAboutMm()).isCloseTo(usual.smallestMm(), within(1e-6));
    }

    /** Below the smallest aspect ratio it is refused, with the smallest ring that would do; at that it goes. */
    @Test
    void refusesRingsThatAreTooTightAndSaysWhatWouldDo() {
        Ties ties = new Ties(0, false);
        assertThatThrownBy(() -> solved("byzantine", "3", 0, 4, 1, ties, 3.5, false))
                .isInstanceOfSatisfying(Refusal.class, refusal -> {
                    assertThat(refusal.code()).isEqualTo("star-too-tight");
                    assertThat(refusal.field()).isEqualTo("innerDiameterMm");
                    double least = refusal.minimum().orElseThrow();
                    assertThat(least).isBetween(3.5, 4.5);
                    assertThat(usual(solved("byzantine", "3", 0, 4, 1, ties, least + 0.05, false))
                                    .fit())
                            .isNotEqualTo(HubFit.TOO_SMALL);
                });
        assertThatThrownBy(() -> SolvedStar.of(
                        new Composition(
                                Weaves.byId("byzantine"), new Plan(4, new ArmShape.Chain(3, 0), 0, 1, null, false)),
                        new Ring(1, 4),
                        4.2))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("hub-too-thick");
    }

    /** A ring's move changes each gap as its row says, by differences; also the larger ring's radius and height. */
    @Test
    void rowsAreTheGapsSlopes() {
        Arm arm = Arm.of(Weaves.byId("box-chain"), new ArmShape.Chain(2, 0), 0);
        Sector sector = Sector.of(5, arm, 0, new Ties(0, false));
        Star star = StarStart.of(sector, 2, 1.3, 1).get(0);
        var gaps = star.gaps(0.6);
        var random = new java.util.Random(5);
        double[] by = new double[star.columns()];
        for (int k = 0; k < by.length; k++) {
            by[k] = random.nextGaussian();
        }
        double step = 1e-6;
        double[] before = distances(star.gaps(0.6));
        double[] after = distances(star.stepped(by, step).gaps(0.7));
        assertThat(gaps.count()).isGreaterThan(20);
        int matched = 0;
        for (int i = 0; i < gaps.count(); i++) {
            double slope = 0;
            for (int k = 0; k < by.length; k++) {
                slope += gaps.row(i)[k] * by[k];
            }
            double wanted = before[i] + step * slope;
            matched += Arrays.stream(after).anyMatch(one -> Math.abs(one - wanted) < 2e-9) ? 1 : 0;
        }
        assertThat(matched).isGreaterThan((int) (0.95 * gaps.count()));
    }

    private static double[] distances(toroid.core.weave.solve.Movable.Gaps gaps) {
        double[] all = new double[gaps.count()];
        for (int i = 0; i < all.length; i++) {
            all[i] = gaps.distance(i);
        }
        return all;
    }

    @Test
    void everyFigureExplainsItself() {
        CompositionWork work = usual(solved("box-chain", "3", 1, 4, 1, new Ties(0, false), 4.5, true));
        List<Figure> figures = work.figures(8.96);
        assertThat(figures)
                .extracting(Figure::id)
                .doesNotHaveDuplicates()
                .contains("hub-smallest", "hub-usual", "hub-largest", "hub-plain-rule", "composition-longer");
        assertThat(figures)
                .allMatch(
                        figure -> !figure.worked().isBlank() && !figure.source().isBlank());
        assertThat(work.rings()).hasSize(work.composition().size()).doesNotContainNull();
        int[][] counts = work.counts(StarColours.BINDING);
        assertThat(counts[0][0] + counts[1][0] + counts[0][1] + counts[1][1])
                .isEqualTo(work.composition().size());
        assertThat(counts[1][1]).isEqualTo(1);
    }
}
