package toroid.core.cutting;

import java.util.HashSet;
import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What is to be cut of one wire, from what, and how.
 *
 * @param kerfMm taken by each cut, 0 to 20 mm; nothing where a length ends at the strip's own end
 * @param usefulMm a leftover this long goes back on the shelf, a shorter one is used up with the rest; 0 to 10,000 mm
 * @param feedMm longest length carried by hand at once, mm (common practice about 1,500: what is wound on a fixed rod twists, and longer wire
 *     kinks); infinite where the rod turns
 */
public record CuttingTask(List<Strip> strips, List<CutLength> lengths, double kerfMm, double usefulMm, double feedMm) {
    private static final int MOST_KINDS = 2_000;
    /** Of strips, and of lengths, all kinds together. */
    private static final int MOST_IN_ALL = 50_000;

    /** Kinds of length times strips that could be opened: what a plan takes of memory. */
    private static final double MOST_CELLS = 5e6;

    private static final double WIDEST_KERF_MM = 20;
    private static final double LONGEST_USEFUL_MM = 10_000;

    public CuttingTask {
        strips = List.copyOf(strips);
        lengths = List.copyOf(lengths);
        Checks.within("kerfMm", kerfMm, 0, WIDEST_KERF_MM, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("usefulOffcutMm", usefulMm, 0, LONGEST_USEFUL_MM, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("stock", strips.size(), 0, MOST_KINDS, Unit.NONE, Remedy.ASK_FOR_FEWER_AT_A_TIME);
        Checks.within("pieces", lengths.size(), 0, MOST_KINDS, Unit.NONE, Remedy.ASK_FOR_FEWER_AT_A_TIME);
        int there = strips.stream().mapToInt(Strip::count).sum();
        int wanted = lengths.stream().mapToInt(CutLength::count).sum();
        Checks.within("stock.count", there, 0, MOST_IN_ALL, Unit.NONE, Remedy.ASK_FOR_FEWER_AT_A_TIME);
        Checks.within("pieces.count", wanted, 0, MOST_IN_ALL, Unit.NONE, Remedy.ASK_FOR_FEWER_AT_A_TIME);
        double cells = (double) lengths.size() * Math.min(there, wanted);
        Checks.within("pieces", cells, 0, MOST_CELLS, Unit.NONE, Remedy.ASK_FOR_FEWER_AT_A_TIME);
        once("stock.id", strips.stream().map(Strip::id).toList());
        once("pieces.id", lengths.stream().map(CutLength::id).toList());
        double longest = lengths.stream().mapToDouble(CutLength::lengthMm).max().orElse(0);
        if (!Double.isInfinite(feedMm)) {
            Checks.within(
                    "feedCapMm", feedMm, Math.max(1, longest), Strip.LONGEST_MM, Unit.MM, Remedy.LET_THE_ROD_TURN);
        }
    }

    private static void once(String field, List<String> ids) {
        var known = new HashSet<String>();
        for (String id : ids) {
            if (!known.add(id)) {
                throw Refusal.of(RefusalCode.GIVEN_TWICE, field, id);
            }
        }
    }

    public CuttingTask(List<Strip> strips, List<CutLength> lengths, double kerfMm, double usefulMm) {
        this(strips, lengths, kerfMm, usefulMm, Double.POSITIVE_INFINITY);
    }
}
