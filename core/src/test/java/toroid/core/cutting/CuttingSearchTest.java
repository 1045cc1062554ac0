package toroid.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CuttingSearchTest {
    /** How often a search may ask whether to stop: about a tenth of a second's work, the same on every machine. */
    private static final int ASKED = 2_000;

    /** What the general solver may do, in its own measure, about as many seconds on a quick machine: the same on every machine. */
    private static final double WORK = 0.04;

    @ParameterizedTest
    @CsvSource({
        "20, 1, true",
        "20, 1, false",
        "20, 0.1, false",
        "60, 1, true",
        "60, 0.1, true",
        "120, 1, true",
        "20, 1e-6, false",
        "60, 1e-6, true",
        "120, 1e-6, false"
    })
    void perfectlyFilledStripsAreFilledPerfectly(int strips, double stepMm, boolean alike) {
        CuttingTask task = Cuttings.perfect(strips, stepMm, alike, strips);
        CuttingPlan plan = Cuttings.solved(task);
        assertThat(Cuttings.uncut(plan)).isZero();
        assertThat(plan.provenOptimal()).isTrue();
        assertThat(plan.wasteMm()).isCloseTo(0, within(Cuttings.EXACT_MM));
    }

    /** Chvátal, Linear Programming (1983), chapter 13: 100 in raws, 97 of 45, 610 of 36, 395 of 31, 211 of 14: 453 raws, as printed. */
    @Test
    void theRawsOfATextbook() {
        int[] widths = {45, 36, 31, 14};
        int[] counts = {97, 610, 395, 211};
        assertThat(opened(100, widths, counts, 500)).isEqualTo(453);
    }

    /**
     * Rolls of 5600 mm into thirteen widths: 73 rolls, as the encyclopaedia article on the cutting stock problem has it (from memory); 407,160
     * mm are wanted, so that 72 rolls are too few.
     */
    @Test
    void theRollsOfTheEncyclopaedia() {
        int[] widths = {1380, 1520, 1560, 1710, 1820, 1880, 1930, 2000, 2050, 2100, 2140, 2150, 2200};
        int[] counts = {22, 25, 12, 14, 18, 18, 20, 10, 12, 14, 16, 18, 20};
        assertThat(opened(5600, widths, counts, 80)).isEqualTo(73);
    }

    /** How many strips are opened where no leftover is of use; proven. */
    private static int opened(double stripMm, int[] widths, int[] counts, int there) {
        List<CutLength> lengths = IntStream.range(0, widths.length)
                .mapToObj(i -> new CutLength("w" + widths[i], widths[i], counts[i]))
                .toList();
        var task = new CuttingTask(List.of(new Strip("roll", stripMm, there, false)), lengths, 0, 10_000);
        CuttingPlan plan = Cuttings.solved(task);
        assertThat(plan.provenOptimal()).isTrue();
        assertThat(plan.consumedMm()).isEqualTo(plan.strips().size() * stripMm);
        return plan.strips().size();
    }

    /** Whoever tries every strip for every length. */
    @Test
    void asGoodAsTryingEverything() {
        var dice = new Random(7);
        for (int i = 0; i < 300; i++) {
            CuttingTask task = Cuttings.workshop(
                    dice,
                    1 + dice.nextInt(3),
                    3,
                    1 + dice.nextInt(4),
                    0.5 + dice.nextDouble() * 0.5,
                    dice.nextInt(3) * 0.3);
            CuttingPlan plan = Cuttings.solved(task, ASKED);
            double best = everything(task);
            if (Double.isInfinite(best)) {
                assertThat(Cuttings.uncut(plan)).as("%s", task).isPositive();
                // proven it is only where what is left out is longer than any strip
                double longest = task.strips().stream()
                        .mapToDouble(Strip::lengthMm)
                        .max()
                        .orElse(0);
                assertThat(plan.provenOptimal() && leftOut(task, plan) <= longest)
                        .as("%s", task)
                        .isFalse();
            } else {
                assertThat(Cuttings.uncut(plan)).as("%s", task).isZero();
                assertThat(plan.consumedMm()).as("%s", task).isCloseTo(best, within(Cuttings.EXACT_MM));
                assertThat(plan.lowerBoundMm()).as("%s", task).isLessThanOrEqualTo(best + Cuttings.EXACT_MM);
            }
        }
    }

    /** The shortest length that is not cut, mm. */
    private static double leftOut(CuttingTask task, CuttingPlan plan) {
        return task.lengths().stream()
                .filter(one ->
                        plan.uncut().stream().anyMatch(uncut -> uncut.id().equals(one.id())))
                .mapToDouble(CutLength::lengthMm)
                .min()
                .orElse(0);
    }

    private static double everything(CuttingTask task) {
        double[] lengths = task.lengths().stream()
                .flatMapToDouble(one -> IntStream.range(0, one.count()).mapToDouble(i -> one.lengthMm()))
                .toArray();
        return everything(
                task,
                lengths,
                0,
                new double[task.strips().size()],
                new int[task.strips().size()]);
    }

    private static double everything(CuttingTask task, double[] lengths, int at, double[] taken, int[] count) {
        if (at == lengths.length) {
            double sum = 0;
            for (int s = 0; s < taken.length; s++) {
                double whole = task.strips().get(s).lengthMm();
                double left = Math.max(0, whole - taken[s] - count[s] * task.kerfMm());
                sum += count[s] == 0 ? 0 : left >= task.usefulMm() - 1e-9 ? whole - left : whole;
            }
            return sum;
        }
        double best = Double.POSITIVE_INFINITY;
        for (int s = 0; s < taken.length; s++) {
            double sum = taken[s] + lengths[at] + count[s] * task.kerfMm();
            if (sum <= task.strips().get(s).lengthMm() + 1e-9) {
                taken[s] += lengths[at];
                count[s]++;
                best = Math.min(best, everything(task, lengths, at + 1, taken, count));
                taken[s] -= lengths[at];
                count[s]--;
            }
        }
        return best;
    }

    @Test
    void neverWorseThanAGeneralSolverNorThanHands() {
        var dice = new Random(11);
        int compared = 0;
        for (int i = 0; i < 100; i++) {
            CuttingTask task = Cuttings.workshop(dice);
            CuttingPlan plan = Cuttings.solved(task, ASKED);
            SecondOpinion.Answer other = SecondOpinion.byWork(task, WORK);
            if (Cuttings.uncut(plan) > 0) {
                assertThat(other.found()).as("%s", task).isFalse();
                continue;
            }
            assertThat(plan.consumedMm()).as("%s", task).isLessThanOrEqualTo(other.consumedMm() + Cuttings.EXACT_MM);
            assertThat(plan.consumedMm())
                    .as("%s", task)
                    .isLessThanOrEqualTo(Cuttings.firstFit(task) + Cuttings.EXACT_MM);
            // what it uses up is there to be had: no bound may say otherwise
            assertThat(plan.lowerBoundMm()).as("%s", task).isLessThanOrEqualTo(other.consumedMm() + Cuttings.EXACT_MM);
            compared += other.found() ? 1 : 0;
        }
        assertThat(compared).as("plans there were two of").isGreaterThan(50);
    }

    @Test
    void manyLengthsComeWithinAPercentOfTheBound() {
        var dice = new Random(3);
        CuttingTask task = Cuttings.workshop(dice, 40, 24, 30, 0.85, 0.3);
        CuttingPlan plan = Cuttings.solved(task, 5 * ASKED);
        assertThat(Cuttings.uncut(plan)).isZero();
        assertThat(plan.consumedMm()).isLessThan(1.01 * plan.lowerBoundMm());
    }

    @Test
    void offcutsAreCutFirstWhereThatUsesUpNoMore() {
        List<Strip> strips =
                List.of(new Strip("spool", 3000, 1, false), new Strip("a", 50, 1, true), new Strip("b", 90, 2, true));
        CuttingPlan plan = Cuttings.solved(
                new CuttingTask(strips, List.of(new CutLength("link", 50, 3), new CutLength("pin", 40, 1)), 0, 30));
        assertThat(plan.strips().stream().map(CuttingPlan.Cut::id)).containsExactlyInAnyOrder("a", "b", "b");
        assertThat(plan.consumedMm()).isCloseTo(190, within(Cuttings.EXACT_MM));
    }

    @Test
    void aLeftoverTooShortToKeepIsAvoidedWhereItCanBe() {
        List<Strip> strips = List.of(new Strip("offcut", 60, 1, true), new Strip("spool", 3000, 1, false));
        CuttingPlan plan = Cuttings.solved(new CuttingTask(strips, List.of(new CutLength("link", 50, 2)), 0, 30));
        assertThat(plan.strips()).singleElement().satisfies(cut -> {
            assertThat(cut.id()).isEqualTo("spool");
            assertThat(cut.leftMm()).isEqualTo(2900);
        });
        assertThat(plan.provenOptimal()).isTrue();
    }

    @Test
    void aMarginAtTheEndIsNotUsed() {
        List<Strip> strips = List.of(new Strip("spool", 100, 2, false, 15));
        CuttingPlan plan =
                Cuttings.solved(new CuttingTask(strips, List.of(new CutLength("link", 45, 3)), 0, 30), ASKED);
        assertThat(Cuttings.uncut(plan)).isEqualTo(1);
    }

    @Test
    void whatIsTooLongForAnyStripIsLeftOutAlone() {
        List<Strip> strips = List.of(new Strip("spool", 1000, 1, false));
        List<CutLength> lengths = List.of(new CutLength("long", 1200, 2), new CutLength("link", 45, 8));
        CuttingPlan plan = Cuttings.solved(new CuttingTask(strips, lengths, 0.2, 30));
        assertThat(plan.uncut()).containsExactly(new CuttingPlan.Count("long", 2));
        assertThat(plan.provenOptimal()).isTrue();
        assertThat(plan.consumedMm()).isCloseTo(8 * 45.2, within(Cuttings.EXACT_MM));
    }

    @Test
    void noFeedIsLongerThanItsCap() {
        List<Strip> strips = List.of(new Strip("spool", 12_000, 1, false));
        List<CutLength> lengths = List.of(new CutLength("coil", 900, 4), new CutLength("link", 120, 20));
        CuttingPlan plan = Cuttings.solved(new CuttingTask(strips, lengths, 0.3, 30, 1500));
        var feeds = plan.strips().get(0).feeds();
        assertThat(feeds).allSatisfy(feed -> assertThat(feed.lengthMm()).isLessThanOrEqualTo(1500));
        assertThat(feeds.stream()
                        .flatMap(feed -> feed.cuts().stream())
                        .mapToInt(CuttingPlan.Count::count)
                        .sum())
                .isEqualTo(24);
        double sum = feeds.stream().mapToDouble(CuttingPlan.Feed::lengthMm).sum();
        assertThat(sum).isEqualTo(4 * 900 + 20 * 120 + (24 - feeds.size()) * 0.3, within(1e-6));
    }

    @Test
    void stoppedAtOnceThereIsAPlanAndItGoesOnFromThere() {
        CuttingTask task = Cuttings.perfect(20, 1, true, 5);
        var search = new CuttingSearch(task);
        search.improve(() -> true);
        double first = Cuttings.checked(task, search.plan()).lowerBoundMm();
        search.improve(() -> search.isProven());
        CuttingPlan last = Cuttings.checked(task, search.plan());
        assertThat(last.provenOptimal()).isTrue();
        assertThat(last.lowerBoundMm()).isGreaterThanOrEqualTo(first);
    }

    @Test
    void theSameTaskGivesTheSamePlan() {
        CuttingTask task = Cuttings.perfect(20, 1, false, 9);
        assertThat(Cuttings.solved(task)).isEqualTo(Cuttings.solved(task));
    }

    @Test
    void nothingToCutOrNothingToCutFrom() {
        var nothing = new CuttingTask(List.of(new Strip("spool", 1000, 1, false)), List.of(), 0, 30);
        assertThat(Cuttings.solved(nothing).strips()).isEmpty();
        assertThat(Cuttings.solved(nothing).provenOptimal()).isTrue();
        var without = new CuttingTask(List.of(), List.of(new CutLength("link", 45, 8)), 0, 30);
        assertThat(Cuttings.uncut(Cuttings.solved(without))).isEqualTo(8);
    }

    /** Fewest strips opened comes after least used up: never a strip more than there must be. */
    @Test
    void noMoreStripsThanNeeded() {
        var strips = new ArrayList<Strip>();
        for (double length : new double[] {2000, 1500, 900, 3000}) {
            strips.add(new Strip("s" + length, length, 1, false));
        }
        double[] lengths = {300, 280, 250, 120, 60};
        CuttingPlan plan = Cuttings.solved(new CuttingTask(
                strips,
                Arrays.stream(lengths)
                        .mapToObj(one -> new CutLength("l" + one, one, 2))
                        .toList(),
                0,
                30));
        assertThat(plan.consumedMm()).isEqualTo(2020, within(Cuttings.EXACT_MM));
        assertThat(plan.strips()).hasSize(1);
    }
}
