package toroid.server.stock;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.core.stock.Level;
import toroid.core.stock.LotCode;
import toroid.core.stock.StockKind;
import toroid.server.store.Kept;

/** How every lot stands, by its moves and by what jobs have put by. */
@Component
class Standings {
    private final Lots lots;
    private final Reservations reservations;

    Standings(Lots lots, Reservations reservations) {
        this.lots = lots;
        this.reservations = reservations;
    }

    @Transactional(readOnly = true)
    public List<Standing> all() {
        Map<UUID, Double> balances = lots.balances();
        Map<UUID, Double> putBy = reservations.sums();
        return lots.all().stream()
                .map(lot -> of(lot, balances.getOrDefault(lot.id(), 0.0), putBy.getOrDefault(lot.id(), 0.0)))
                .toList();
    }

    /** What one weighs; facts kept before their kind knew a narrower range weigh nothing, and take no list with them. */
    private static OptionalDouble grams(StockKind kind, LotData data) {
        try {
            return kind.gramsPerUnit(kind.read(data.facts()));
        } catch (Refusal narrower) {
            return OptionalDouble.empty();
        }
    }

    private static Standing of(Kept<LotData> lot, double balance, double putBy) {
        LotData data = lot.data();
        StockKind kind = data.kindKept();
        Level level = data.left() == null ? null : Level.of(balance, putBy, data.lowMark());
        OptionalDouble grams = grams(kind, data);
        Double worth = level == null || data.unitPrice() == null
                ? null
                : Double.valueOf(kind.measure().worth(level.left(), data.unitPrice()));
        return new Standing(
                lot.id(), LotCode.of(lot.id()), level, grams.isPresent() ? grams.getAsDouble() : null, worth);
    }
}
