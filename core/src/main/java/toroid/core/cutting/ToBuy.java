package toroid.core.cutting;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What to buy so that what a plan left uncut can be cut: one length with all of it and its kerfs, rounded up to how wire is sold.
 *
 * @param lengthMm whole lengths as sold, mm
 * @param frees what can be cut from it
 */
public record ToBuy(double lengthMm, List<CuttingPlan.Count> frees) {
    /** Wire is sold by the metre unless said otherwise (common practice). */
    public static final double USUALLY_SOLD_MM = 1000;

    public ToBuy {
        frees = List.copyOf(frees);
    }

    /**
     * @param soldMm wire is sold in whole multiples of, 1 to 1,000,000 mm
     * @return nothing where all is cut
     */
    public static List<ToBuy> of(CuttingTask task, CuttingPlan plan, double soldMm) {
        Checks.within("soldByMm", soldMm, 1, Strip.LONGEST_MM, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        if (plan.uncut().isEmpty()) {
            return List.of();
        }
        Map<String, CutLength> lengths =
                task.lengths().stream().collect(Collectors.toMap(CutLength::id, Function.identity()));
        double needed = plan.uncut().stream()
                .mapToDouble(one -> one.count() * (lengths.get(one.id()).lengthMm() + task.kerfMm()))
                .sum();
        return List.of(new ToBuy(Math.ceil(needed / soldMm - ROUNDING) * soldMm, plan.uncut()));
    }

    private static final double ROUNDING = 1e-9;
}
