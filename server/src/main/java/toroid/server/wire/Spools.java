package toroid.server.wire;

import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.server.store.Edit;
import toroid.server.store.Keeper;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;

/** Keeps the spools. */
@Service
public class Spools extends Keeper<Spool, SpoolData> {
    private final SpoolRepository repository;
    private final StockMoveRepository moves;
    private final ApplicationEventPublisher events;

    Spools(SpoolRepository repository, StockMoveRepository moves, ApplicationEventPublisher events, Clock clock) {
        super("spool", repository, clock);
        this.repository = repository;
        this.moves = moves;
        this.events = events;
    }

    /** Everything not taken away, oldest first; what is left of all by one sum. */
    @Override
    @Transactional(readOnly = true)
    public List<Kept<SpoolData>> all() {
        Map<UUID, Double> balances = balances();
        return repository.findAll().stream()
                .filter(spool -> !spool.isDeleted())
                .sorted(Comparator.comparing(Spool::createdAt).thenComparing(Spool::id))
                .map(spool -> Kept.of(spool, spool.data(balances.getOrDefault(spool.id(), 0.0))))
                .toList();
    }

    private Map<UUID, Double> balances() {
        return moves.balances().stream()
                .collect(Collectors.toMap(StockMoveRepository.Balance::lot, StockMoveRepository.Balance::lengthMm));
    }

    /** What is left of each whose length is known, mm. */
    @Transactional(readOnly = true)
    public Map<String, Double> left() {
        Map<UUID, Double> balances = balances();
        return repository.findAll().stream()
                .filter(Spool::isLengthKnown)
                .collect(Collectors.toMap(
                        spool -> spool.id().toString(), spool -> Math.max(0, balances.getOrDefault(spool.id(), 0.0))));
    }

    /** A length said anew is a move: what is left is always the sum of them. */
    @Override
    public Kept<SpoolData> put(UUID id, Edit<SpoolData> edit) {
        Kept<SpoolData> kept = super.put(id, edit);
        Double said = edit.data().lengthLeftMm();
        if (said != null && !said.equals(kept.data().lengthLeftMm())) {
            moves.saveAndFlush(StockMove.counted(id, said - moves.balance(id), now()));
        }
        events.publishEvent(new WireChanged(id));
        return get(id);
    }

    /** Its latest moves, newest first. */
    @Transactional(readOnly = true)
    public List<MoveView> moves(UUID id) {
        find(id);
        return moves.findTop200ByLotIdOrderByMovedAtDescIdAsc(id).stream()
                .map(StockMove::view)
                .toList();
    }

    @Override
    protected Spool blank() {
        return new Spool();
    }

    @Override
    protected void fill(Spool spool, SpoolData data) {
        spool.fill(data);
    }

    @Override
    protected SpoolData dataOf(Spool spool) {
        return spool.data(moves.balance(spool.id()));
    }

    @Override
    protected void check(SpoolData data) {
        data.check();
    }

    /** @throws Refusal when {@code id} is given and is no spool in stock */
    @Transactional(readOnly = true)
    public void demand(UUID id) {
        if (id == null) {
            return;
        }
        try {
            get(id);
        } catch (NotKept missing) {
            throw Refusal.of(ServerCode.NO_SUCH_SPOOL, "spoolId", id);
        }
    }

    /** A run's operation takes wire off a lot; a negative length puts it back, to the last millimetre of what was taken. */
    public void take(UUID id, double lengthMm, UUID runId, String operation) {
        Spool spool = find(id);
        moves.save(StockMove.used(id, lengthMm, runId, operation, now()));
        save(spool);
    }
}
