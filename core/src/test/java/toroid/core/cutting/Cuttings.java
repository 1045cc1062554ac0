package toroid.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Tasks to try, and what must hold for every plan, worked out here from the task and not by what made the plan. */
final class Cuttings {
    static final double EXACT_MM = 1e-4;

    private Cuttings() {}

    /** Looks until it is proven, or until it has asked so often whether to stop: the same on every machine. */
    static CuttingPlan solved(CuttingTask task, int asked) {
        var search = new CuttingSearch(task);
        var left = new AtomicInteger(asked);
        search.improve(() -> left.decrementAndGet() < 0);
        return checked(task, search.plan());
    }

    /** Looks until it is proven. */
    static CuttingPlan solved(CuttingTask task) {
        return solved(task, Integer.MAX_VALUE);
    }

    /**
     * Strips filled exactly by three lengths each.
     *
     * @param step mm the lengths are whole multiples of
     * @param alike all strips 1 m; else between 0.8 and 1.2 m
     */
    static CuttingTask perfect(int strips, double step, boolean alike, long seed) {
        var dice = new Random(seed);
        var stock = new ArrayList<Strip>();
        var lengths = new ArrayList<CutLength>();
        for (int s = 0; s < strips; s++) {
            double whole = alike ? 1000 : Math.round((800 + 400 * dice.nextDouble()) / step) * step;
            stock.add(new Strip("s" + s, whole, 1, false));
            double left = whole;
            for (int j = 0; j < 3; j++) {
                double share = Math.round(left / (3 - j) * (0.7 + 0.6 * dice.nextDouble()) / step) * step;
                double length = j == 2 ? left : share;
                left -= length;
                lengths.add(new CutLength("p" + s + "." + j, length, 1));
            }
        }
        Collections.shuffle(lengths, dice);
        return new CuttingTask(stock, lengths, 0, 30);
    }

    /**
     * As a workshop has it: wires of a few kinds of link and ear wire, offcuts and spools' ends.
     *
     * @param fullness of the strips if all is cut
     */
    static CuttingTask workshop(Random dice, int kinds, int most, int strips, double fullness, double kerfMm) {
        var lengths = new ArrayList<CutLength>();
        double sum = 0;
        for (int i = 0; i < kinds; i++) {
            double length = Math.round((15 + dice.nextDouble() * 185) * 10) / 10.0;
            int count = 1 + dice.nextInt(most);
            lengths.add(new CutLength("p" + i, length, count));
            sum += count * (length + kerfMm);
        }
        var stock = new ArrayList<Strip>();
        for (int s = 0; s < strips; s++) {
            double length = sum / fullness / strips * (0.4 + 1.2 * dice.nextDouble());
            stock.add(new Strip("s" + s, Math.max(20, Math.round(length * 10) / 10.0), 1, dice.nextBoolean()));
        }
        return new CuttingTask(stock, lengths, kerfMm, 30);
    }

    /** Any workshop's: a few kinds of length, a few strips, full or half empty, sawn or cut. */
    static CuttingTask workshop(Random dice) {
        return workshop(
                dice,
                3 + dice.nextInt(8),
                8,
                2 + dice.nextInt(8),
                0.6 + dice.nextDouble() * 0.32,
                dice.nextInt(3) * 0.3);
    }

    /** A plan can be cut as it says, and its sums are what it says. */
    static CuttingPlan checked(CuttingTask task, CuttingPlan plan) {
        Map<String, CutLength> lengths =
                task.lengths().stream().collect(Collectors.toMap(CutLength::id, Function.identity()));
        Map<String, Strip> strips = task.strips().stream().collect(Collectors.toMap(Strip::id, Function.identity()));
        Map<String, Integer> cut = new HashMap<>();
        Map<String, Integer> opened = new HashMap<>();
        double consumed = 0;
        double inLengths = 0;
        for (CuttingPlan.Cut one : plan.strips()) {
            Strip strip = strips.get(one.id());
            opened.merge(one.id(), 1, Integer::sum);
            int count = 0;
            double sum = 0;
            for (CuttingPlan.Count length : one.cuts()) {
                cut.merge(length.id(), length.count(), Integer::sum);
                count += length.count();
                sum += length.count() * lengths.get(length.id()).lengthMm();
            }
            assertThat(count).isPositive();
            double room = strip.lengthMm() - strip.marginMm();
            int cuts = strip.marginMm() > 0 ? count : count - 1;
            assertThat(sum + cuts * task.kerfMm()).isLessThanOrEqualTo(room + EXACT_MM);
            double left = Math.max(0, strip.lengthMm() - sum - count * task.kerfMm());
            assertThat(one.leftMm()).isCloseTo(left, org.assertj.core.api.Assertions.within(EXACT_MM));
            assertThat(one.usedMm() + one.leftMm())
                    .isCloseTo(strip.lengthMm(), org.assertj.core.api.Assertions.within(EXACT_MM));
            consumed += left >= task.usefulMm() - 1e-9 ? strip.lengthMm() - left : strip.lengthMm();
            inLengths += sum;
        }
        opened.forEach((id, times) ->
                assertThat(times).isLessThanOrEqualTo(strips.get(id).count()));
        Map<String, Integer> uncut =
                plan.uncut().stream().collect(Collectors.toMap(CuttingPlan.Count::id, CuttingPlan.Count::count));
        for (CutLength one : task.lengths()) {
            assertThat(cut.getOrDefault(one.id(), 0) + uncut.getOrDefault(one.id(), 0))
                    .as(one.id())
                    .isEqualTo(one.count());
        }
        assertThat(plan.consumedMm()).isCloseTo(consumed, org.assertj.core.api.Assertions.within(EXACT_MM));
        assertThat(plan.wasteMm()).isCloseTo(consumed - inLengths, org.assertj.core.api.Assertions.within(EXACT_MM));
        assertThat(plan.lowerBoundMm()).isLessThanOrEqualTo(plan.consumedMm() + EXACT_MM);
        if (plan.provenOptimal()) {
            assertThat(plan.lowerBoundMm())
                    .isCloseTo(plan.consumedMm(), org.assertj.core.api.Assertions.within(EXACT_MM));
        }
        return plan;
    }

    static int uncut(CuttingPlan plan) {
        return plan.uncut().stream().mapToInt(CuttingPlan.Count::count).sum();
    }

    /** Every length to the first strip it still fits on, the longest first: what hands would do. */
    static double firstFit(CuttingTask task) {
        List<double[]> strips = new ArrayList<>();
        for (Strip one : task.strips()) {
            for (int i = 0; i < one.count(); i++) {
                strips.add(new double[] {one.lengthMm(), one.lengthMm()});
            }
        }
        List<Double> longest = task.lengths().stream()
                .flatMap(one -> Collections.nCopies(one.count(), one.lengthMm()).stream())
                .sorted(Collections.reverseOrder())
                .toList();
        for (double length : longest) {
            double[] on = strips.stream()
                    .filter(strip -> strip[1] >= length - 1e-9)
                    .findFirst()
                    .orElse(null);
            if (on == null) {
                return Double.POSITIVE_INFINITY;
            }
            on[1] = Math.max(0, on[1] - length - task.kerfMm());
        }
        return strips.stream()
                .filter(strip -> strip[1] < strip[0])
                .mapToDouble(strip -> strip[1] >= task.usefulMm() ? strip[0] - strip[1] : strip[0])
                .sum();
    }
}
