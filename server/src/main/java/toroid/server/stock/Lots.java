package toroid.server.stock;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.stock.StockKind;
import toroid.core.stock.StockKinds;
import toroid.server.store.Edit;
import toroid.server.store.Keeper;
import toroid.server.store.Kept;

/** Keeps the lots. What is left of one is the sum of its moves, in whatever order they came. */
@Service
public class Lots extends Keeper<Lot, LotData> {
    private final LotRepository repository;
    private final StockMoveRepository moves;
    private final FactsJson json;
    private final ApplicationEventPublisher events;

    Lots(
            LotRepository repository,
            StockMoveRepository moves,
            FactsJson json,
            ApplicationEventPublisher events,
            Clock clock) {
        super("lot", repository, clock);
        this.repository = repository;
        this.moves = moves;
        this.json = json;
        this.events = events;
    }

    /** Everything not taken away, oldest first; what is left of all by one sum. */
    @Override
    @Transactional(readOnly = true)
    public List<Kept<LotData>> all() {
        return with(repository.findByDeletedAtIsNullOrderByCreatedAtAscIdAsc());
    }

    /** Of one kind, oldest first. */
    @Transactional(readOnly = true)
    public List<Kept<LotData>> all(String kind) {
        return with(repository.findByKindAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(kind));
    }

    private List<Kept<LotData>> with(List<Lot> lots) {
        Map<UUID, Double> balances = balances();
        return lots.stream()
                .map(lot -> Kept.of(lot, lot.data(json.read(lot.facts()), balances.getOrDefault(lot.id(), 0.0))))
                .toList();
    }

    /** What every lot holds by its moves; below zero where more was taken than it was said to hold. */
    @Transactional(readOnly = true)
    public Map<UUID, Double> balances() {
        return moves.balances().stream()
                .collect(Collectors.toMap(StockMoveRepository.Balance::lot, StockMoveRepository.Balance::amount));
    }

    /**
     * A lot at a glance: its facts are not read.
     *
     * @param left null when not known, or it is taken away
     */
    public record Brief(String name, StockKind kind, Double left) {}

    /** Every lot there ever was, at a glance. */
    @Transactional(readOnly = true)
    public Map<UUID, Brief> briefs() {
        Map<UUID, Double> balances = balances();
        return repository.briefs().stream()
                .collect(Collectors.toMap(
                        LotRepository.Brief::id,
                        lot -> new Brief(
                                lot.name(),
                                StockKinds.byId(lot.kind()),
                                lot.counted() ? balances.getOrDefault(lot.id(), 0.0) : null)));
    }

    /** The lot of that id, where there is one. */
    @Transactional(readOnly = true)
    public Optional<Kept<LotData>> found(UUID id) {
        return repository.findById(id).map(this::kept);
    }

    /** An amount said anew is a move. */
    @Override
    public Kept<LotData> put(UUID id, Edit<LotData> edit) {
        LotData said = edit.data().checked();
        boolean anew = found(id)
                .map(Kept::data)
                .filter(before -> before.facts().equals(said.facts()))
                .isEmpty();
        Kept<LotData> kept = super.put(id, new Edit<>(edit.version(), said));
        if (said.left() != null && !said.left().equals(kept.data().left())) {
            repository.held(id);
            moves.saveAndFlush(StockMove.counted(id, said.left() - moves.balance(id), now()));
        }
        events.publishEvent(new LotChanged(id, said.kind(), anew));
        return get(id);
    }

    /** Nobody else moves any of those lots until this is done; always in one order, so that two never wait for each other. */
    public void hold(Collection<UUID> ids) {
        new TreeSet<>(ids).forEach(repository::held);
    }

    /** A run's operation takes from a lot; a negative amount puts it back, to the last bit of what was taken. */
    public void take(UUID id, double amount, UUID runId, String operation) {
        Lot lot = held(id);
        moves.save(StockMove.used(id, amount, runId, operation, now()));
        save(lot);
    }

    /** The lot, which nobody else moves until this is done. */
    Lot held(UUID id) {
        return repository.held(id).orElseGet(() -> find(id));
    }

    /** Noted as changed, so that an edit made before is told apart. */
    Kept<LotData> moved(Lot lot) {
        return save(lot);
    }

    @Override
    protected Lot blank() {
        return new Lot();
    }

    @Override
    protected void fill(Lot lot, LotData data) {
        lot.fill(data, json.write(data.facts()));
    }

    @Override
    protected LotData dataOf(Lot lot) {
        return lot.data(json.read(lot.facts()), moves.balance(lot.id()));
    }
}
