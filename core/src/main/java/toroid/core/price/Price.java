package toroid.core.price;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What a batch costs and what is asked for it. With material {@code M}, consumables in it, and hands {@code H}: overhead
 * {@code O = o (M + H)}, cost {@code C = M + H + O}, before tax {@code N = C / (1 − m)}, so that the margin {@code m} is a share of what is
 * asked and not of what it cost, tax {@code T = t N}, price {@code N + T}. Exact; common practice in the trade names both kinds of margin,
 * this is the one bookkeepers mean.
 *
 * @param copies in the batch
 * @param lines what costs, the dearest first
 * @param missing how many lines have no price: the cost is at least what is told
 */
public record Price(
        int copies,
        List<CostLine> lines,
        int missing,
        double material,
        double hands,
        double overhead,
        double cost,
        double margin,
        double beforeTax,
        double tax,
        double price) {
    private static final double MINUTES = 60;

    /** @param lines those of hands without a cost: they are reckoned by the hour here */
    public static Price of(List<CostLine> lines, int copies, Rates rates) {
        Checks.within("copies", copies, 1, 100_000, Unit.COPIES, Remedy.SPLIT_THE_JOB);
        Stream<CostLine> used = rates.consumablesEach() == 0
                ? Stream.of()
                : Stream.of(new CostLine(
                        CostLine.Kind.CONSUMABLES, 0, copies, Double.valueOf(copies * rates.consumablesEach())));
        List<CostLine> costed = Stream.concat(lines.stream(), used)
                .map(line -> line.kind() == CostLine.Kind.HANDS
                        ? new CostLine(line.kind(), line.at(), line.amount(), line.amount() / MINUTES * rates.perHour())
                        : line)
                .sorted(Comparator.comparingDouble((CostLine line) -> line.cost() == null ? 0 : -line.cost()))
                .toList();
        double hands = sum(costed, true);
        double material = sum(costed, false);
        double overhead = (material + hands) * rates.overheadPercent() / 100;
        double cost = material + hands + overhead;
        double net = cost / (1 - rates.marginPercent() / 100);
        double tax = net * rates.taxPercent() / 100;
        int missing = (int) costed.stream().filter(line -> line.cost() == null).count();
        return new Price(copies, costed, missing, material, hands, overhead, cost, net - cost, net, tax, net + tax);
    }

    private static double sum(List<CostLine> lines, boolean hands) {
        return lines.stream()
                .filter(line -> (line.kind() == CostLine.Kind.HANDS) == hands && line.cost() != null)
                .mapToDouble(CostLine::cost)
                .sum();
    }

    /** Of one copy. */
    public double each() {
        return price / copies;
    }

    /** What one copy costs. */
    public double costEach() {
        return cost / copies;
    }
}
