package toroid.server.cutting;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import toroid.core.cutting.CutLength;
import toroid.core.cutting.CuttingTask;
import toroid.core.cutting.Strip;
import toroid.core.cutting.ToBuy;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Lengths of one wire to cut from what there is of it.
 *
 * @param kerfMm each cut takes; 0 where left out
 * @param usefulOffcutMm leftovers this long go back on the shelf; 30 where left out
 * @param feedCapMm longest length carried off a strip at once; no cap where left out
 * @param soldByMm wire is bought in whole multiples of; 1000 where left out
 * @param timeLimitMs the best plan found in that time is told; 2000 where left out
 */
record CuttingQuestion(
        @NotNull @Size(max = MOST_KINDS) List<@NotNull @Valid CuttingStock> stock,
        @NotNull @Size(max = MOST_KINDS) List<@NotNull @Valid CuttingLength> pieces,
        @Schema(nullable = true) Double kerfMm,
        @Schema(nullable = true) Double usefulOffcutMm,
        @Schema(nullable = true) Double feedCapMm,
        @Schema(nullable = true) Double soldByMm,
        @Schema(nullable = true) Integer timeLimitMs) {
    static final int MOST_KINDS = 2_000;
    private static final double USEFUL_MM = 30;
    private static final int SHORTEST_MS = 50;
    private static final int LONGEST_MS = 30_000;
    private static final int USUAL_MS = 2_000;

    /**
     * @param count that many strips of that length; 1 where left out
     * @param marginMm at its end that is not used; 0 where left out
     */
    record CuttingStock(
            @NotNull @Size(min = 1, max = 80) String id,
            @NotNull Double lengthMm,
            @Schema(nullable = true) Integer count,
            @Schema(nullable = true) Boolean offcut,
            @Schema(nullable = true) Double marginMm) {}

    /** @param count that many of that length; 1 where left out */
    record CuttingLength(
            @NotNull @Size(min = 1, max = 80) String id,
            @NotNull Double lengthMm,
            @Schema(nullable = true) Integer count) {}

    CuttingTask task() {
        var strips = new ArrayList<Strip>();
        for (int i = 0; i < stock.size(); i++) {
            CuttingStock one = stock.get(i);
            String field = "stock[" + i + "]";
            int count = one.count() == null ? 1 : one.count();
            double margin = one.marginMm() == null ? 0 : one.marginMm();
            check(field, one.lengthMm(), count);
            Checks.within(field + ".marginMm", margin, 0, one.lengthMm(), Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
            strips.add(new Strip(one.id(), one.lengthMm(), count, Boolean.TRUE.equals(one.offcut()), margin));
        }
        var lengths = new ArrayList<CutLength>();
        for (int i = 0; i < pieces.size(); i++) {
            CuttingLength one = pieces.get(i);
            int count = one.count() == null ? 1 : one.count();
            check("pieces[" + i + "]", one.lengthMm(), count);
            lengths.add(new CutLength(one.id(), one.lengthMm(), count));
        }
        return new CuttingTask(
                strips,
                lengths,
                kerfMm == null ? 0 : kerfMm,
                usefulOffcutMm == null ? USEFUL_MM : usefulOffcutMm,
                feedCapMm == null ? Double.POSITIVE_INFINITY : feedCapMm);
    }

    private static void check(String field, double lengthMm, int count) {
        Checks.within(
                field + ".lengthMm",
                lengthMm,
                Strip.SHORTEST_MM,
                Strip.LONGEST_MM,
                Unit.MM,
                Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within(field + ".count", count, 0, Strip.MOST, Unit.NONE, Remedy.ASK_FOR_FEWER);
    }

    int limitMs() {
        return Checks.within(
                "timeLimitMs",
                timeLimitMs == null ? USUAL_MS : timeLimitMs,
                SHORTEST_MS,
                LONGEST_MS,
                Unit.NONE,
                Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
    }

    double soldMm() {
        return soldByMm == null ? ToBuy.USUALLY_SOLD_MM : soldByMm;
    }
}
