package toroid.server.stock;

import jakarta.validation.constraints.NotNull;
import java.util.Map;
import java.util.UUID;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.stock.Measure;
import toroid.server.store.Words;

/**
 * More of a lot, or less, by hand.
 *
 * @param id made once by whoever sends it: sent twice, it counts once
 * @param what received, returned, lost, or counted
 * @param amount so much, in its measure's unit; of a count, what there is
 */
record MoveGiven(
        @NotNull UUID id,
        @NotNull What what,
        @NotNull double amount,
        @NotNull String note) {
    /** What can be done with a lot by hand. */
    enum What {
        RECEIVED,
        RETURNED,
        LOST,
        COUNTED
    }

    private static final Map<What, StockMove.Why> WHY = Map.of(
            What.RECEIVED, StockMove.Why.RECEIVED,
            What.RETURNED, StockMove.Why.RETURNED,
            What.LOST, StockMove.Why.LOST,
            What.COUNTED, StockMove.Why.COUNTED);

    StockMove.Why why() {
        return WHY.get(what);
    }

    /** How much more there is, from what the ledger has now. @throws Refusal when it cannot be so much */
    double more(Measure measure, double balance) {
        Words.checkNote(note);
        Checks.within("amount", amount, 0, measure.most(), measure.unit(), Remedy.COUNT_THEM_AGAIN);
        if (measure == Measure.PIECES && amount != Math.rint(amount)) {
            throw Refusal.of(RefusalCode.COUNTED_IN_WHOLE_ONES, "amount", amount);
        }
        return switch (what) {
            case RECEIVED, RETURNED -> amount;
            case LOST -> -amount;
            case COUNTED -> amount - balance;
        };
    }
}
