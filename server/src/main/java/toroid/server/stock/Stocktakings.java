package toroid.server.stock;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.ByteBuffer;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.StockKinds;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;

/** Once through the shelf: all counts or none; what differed stays to be seen. */
@Service
@Transactional
class Stocktakings {
    private static final int MOST = 5000;
    /** Below this a count is what the books say, in the lot's unit. */
    private static final double ALIKE = 1e-6;

    private final StocktakingRepository repository;
    private final StockMoveRepository moves;
    private final LotRepository lots;
    private final Ledger ledger;
    private final Clock clock;

    Stocktakings(
            StocktakingRepository repository,
            StockMoveRepository moves,
            LotRepository lots,
            Ledger ledger,
            Clock clock) {
        this.repository = repository;
        this.moves = moves;
        this.lots = lots;
        this.ledger = ledger;
        this.clock = clock;
    }

    /**
     * What was counted.
     *
     * @param id made once by whoever sends it: sent twice, it counts once
     */
    record Counts(
            @NotNull UUID id, @NotNull String note, @NotNull List<@NotNull @Valid Count> counts) {}

    /** @param amount what there is of it, in its measure's unit */
    record Count(@NotNull UUID lot, @NotNull double amount) {}

    StocktakingView take(Counts said) {
        Words.checkNote(said.note());
        Checks.within("counts", said.counts().size(), 1, MOST, Unit.VALUES, Remedy.LEAVE_SOME_OUT);
        if (repository.existsById(said.id())) {
            return view(repository.findById(said.id()).orElseThrow());
        }
        var seen = new HashSet<UUID>();
        Stocktaking taking = repository.saveAndFlush(
                new Stocktaking(said.id(), clock.instant().truncatedTo(ChronoUnit.MICROS), said.note()));
        // always in one order, so that two who count at once wait for each other and never in a circle
        said.counts().stream()
                .sorted(java.util.Comparator.comparing(Count::lot))
                .forEach(count -> {
                    if (!seen.add(count.lot())) {
                        throw Refusal.of(ServerCode.SAID_TWICE, "lot", count.lot());
                    }
                    var given = new MoveGiven(
                            moveId(taking.id(), count.lot()), MoveGiven.What.COUNTED, count.amount(), said.note());
                    ledger.move(count.lot(), given, taking.id());
                });
        return view(taking);
    }

    private static UUID moveId(UUID taking, UUID lot) {
        var bytes = ByteBuffer.allocate(4 * Long.BYTES)
                .putLong(taking.getMostSignificantBits())
                .putLong(taking.getLeastSignificantBits())
                .putLong(lot.getMostSignificantBits())
                .putLong(lot.getLeastSignificantBits());
        return UUID.nameUUIDFromBytes(bytes.array());
    }

    /** The latest 50, newest first. */
    @Transactional(readOnly = true)
    public List<StocktakingView> all() {
        return repository.findTop50ByOrderByTakenAtDescIdAsc().stream()
                .map(this::view)
                .toList();
    }

    /** Takes all of its counts back; asked twice, once. */
    StocktakingView undo(UUID id) {
        Stocktaking taking = repository.findById(id).orElseThrow(() -> new NotKept("stocktaking", id));
        moves.findByStocktakingIdOrderByIdAsc(id).stream()
                .sorted(java.util.Comparator.comparing(StockMove::lotId))
                .forEach(move -> ledger.undo(move.id()));
        return view(taking);
    }

    private StocktakingView view(Stocktaking taking) {
        List<StockMove> counted = moves.findByStocktakingIdOrderByIdAsc(taking.id());
        List<StocktakingView.Difference> differences = counted.stream()
                .filter(move -> Math.abs(move.amount()) > ALIKE)
                .map(this::difference)
                .toList();
        Double worth = differences.stream().anyMatch(one -> one.worth() == null)
                ? null
                : Double.valueOf(differences.stream()
                        .map(StocktakingView.Difference::worth)
                        .filter(Objects::nonNull)
                        .mapToDouble(Double::doubleValue)
                        .sum());
        boolean undone =
                counted.stream().allMatch(move -> moves.findByUndoes(move.id()).isPresent());
        return new StocktakingView(
                taking.id(), taking.takenAt(), taking.note(), counted.size(), differences, worth, undone);
    }

    private StocktakingView.Difference difference(StockMove move) {
        Lot lot = lots.findById(move.lotId()).orElseThrow(() -> new NotKept("lot", move.lotId()));
        Double worth = lot.unitPrice() == null
                ? null
                : Double.valueOf(StockKinds.byId(lot.kind()).measure().worth(move.amount(), lot.unitPrice()));
        return new StocktakingView.Difference(lot.id(), lot.name(), lot.kind(), move.amount(), worth);
    }
}
