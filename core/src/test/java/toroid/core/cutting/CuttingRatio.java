package toroid.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** How long cutting plans take, and how good they are, beside a general solver that gets ten times the time in the same run. Prints Markdown. */
public final class CuttingRatio {
    private static final double BUDGET_S = 2;
    private static final int TIMES = 10;
    private static final int SHOPS = 200;
    private static final int WARMED = 3;

    private CuttingRatio() {}

    private record Ours(CuttingPlan plan, double seconds) {}

    private static Ours ours(CuttingTask task, double budget) {
        var search = new CuttingSearch(task);
        long from = System.nanoTime();
        search.improve(() -> System.nanoTime() - from > budget * 1e9);
        return new Ours(search.plan(), (System.nanoTime() - from) / 1e9);
    }

    public static void main(String[] arguments) {
        for (int i = 0; i < WARMED; i++) {
            ours(Cuttings.workshop(new Random(i), 12, 8, 8, 0.8, 0.3), BUDGET_S);
        }
        System.out.println("| task | ours, s | used up above the bound | general solver, ten times that |");
        System.out.println("| --- | ---: | ---: | --- |");
        for (int strips : new int[] {20, 60, 120}) {
            row(strips + " strips filled exactly by three each", Cuttings.perfect(strips, 1, true, strips), 10);
        }
        row("480 lengths of 40 kinds, 30 strips", Cuttings.workshop(new Random(3), 40, 23, 30, 0.85, 0.3), BUDGET_S);
        row("5,000 lengths of 100 kinds, 200 strips", Cuttings.workshop(new Random(4), 100, 99, 200, 0.85, 0.3), 10);
        shops();
    }

    private static void row(String name, CuttingTask task, double budget) {
        Ours ours = ours(task, budget);
        SecondOpinion.Answer other = SecondOpinion.of(task, TIMES * ours.seconds());
        System.out.printf(
                Locale.ROOT,
                "| %s | %.2f | %s | %s |%n",
                name,
                ours.seconds(),
                Cuttings.uncut(ours.plan()) > 0
                        ? Cuttings.uncut(ours.plan()) + " left out"
                        : String.format(
                                Locale.ROOT,
                                "%.4f %%",
                                100 * (ours.plan().consumedMm() / ours.plan().lowerBoundMm() - 1)),
                other.found()
                        ? String.format(
                                Locale.ROOT,
                                "%.4f %% more used up",
                                100 * (other.consumedMm() / ours.plan().consumedMm() - 1))
                        : "finds no plan");
    }

    private static void shops() {
        var dice = new Random(11);
        List<Double> seconds = new ArrayList<>();
        int proven = 0;
        int better = 0;
        int alike = 0;
        int none = 0;
        int worse = 0;
        double theirs = 0;
        for (int i = 0; i < SHOPS; i++) {
            CuttingTask task = Cuttings.workshop(dice);
            Ours ours = ours(task, 0.1);
            long from = System.nanoTime();
            SecondOpinion.Answer other = SecondOpinion.of(task, TIMES * ours.seconds());
            theirs += (System.nanoTime() - from) / 1e9;
            seconds.add(ours.seconds());
            proven += ours.plan().provenOptimal() ? 1 : 0;
            if (Cuttings.uncut(ours.plan()) > 0 || !other.found()) {
                none++;
            } else if (ours.plan().consumedMm() < other.consumedMm() - Cuttings.EXACT_MM) {
                better++;
            } else if (ours.plan().consumedMm() > other.consumedMm() + Cuttings.EXACT_MM) {
                worse++;
            } else {
                alike++;
            }
        }
        double[] sorted =
                seconds.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        double ours = Arrays.stream(sorted).sum();
        System.out.printf(
                Locale.ROOT,
                "%n%d workshop-like tasks of 3 to 10 kinds: ours %.1f ms at the median, %.1f s in all, %d proven; the general solver"
                        + " %.1f× that time: better %d, alike %d, worse %d, without a plan %d.%n",
                SHOPS,
                1000 * sorted[sorted.length / 2],
                ours,
                proven,
                theirs / ours,
                worse,
                alike,
                better,
                none);
    }
}
