package toroid.server.stock;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.LotCode;
import toroid.core.stock.StockKinds;
import toroid.core.stock.kind.WireLots;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;

/** What came and went by hand. Only ever added to: what was wrong is taken back by a move of its own. */
@Service
@Transactional
class Ledger {
    private final Lots lots;
    private final StockMoveRepository moves;
    private final Clock clock;

    Ledger(Lots lots, StockMoveRepository moves, Clock clock) {
        this.lots = lots;
        this.moves = moves;
        this.clock = clock;
    }

    /** Moves told at once. */
    static final int PAGE = 200;

    /**
     * Its moves, newest first; {@value #PAGE} at most.
     *
     * @param before a move of it: those that came earlier; null for the latest
     */
    @Transactional(readOnly = true)
    List<MoveView> of(UUID lot, UUID before) {
        lots.get(lot);
        Set<UUID> undone = new HashSet<>(moves.undone(lot));
        return page(lot, before).stream()
                .map(move -> move.view(undone.contains(move.id())))
                .toList();
    }

    private List<StockMove> page(UUID lot, UUID before) {
        if (before == null) {
            return moves.findByLotIdOrderByMovedAtDescIdAsc(lot, Limit.of(PAGE));
        }
        StockMove from = moves.findById(before)
                .filter(move -> move.lotId().equals(lot))
                .orElseThrow(() -> new NotKept("move", before));
        return moves.earlier(lot, from.movedAt(), before, Limit.of(PAGE));
    }

    /** Moves by hand. Sent twice, it counts once. */
    MoveView move(UUID lotId, MoveGiven given) {
        return move(lotId, given, null);
    }

    MoveView move(UUID lotId, MoveGiven given, UUID stocktaking) {
        Lot lot = lots.held(lotId);
        Optional<StockMove> before = moves.findById(given.id());
        if (before.isPresent()) {
            if (!before.get().lotId().equals(lotId)) {
                throw Refusal.of(ServerCode.SAID_TWICE, "id", given.id());
            }
            return before.get().view(false);
        }
        double more = given.more(StockKinds.byId(lot.kind()).measure(), moves.balance(lotId));
        StockMove move = moves.saveAndFlush(new StockMove(given.id(), lotId, more, given.why(), now())
                .noted(given.note())
                .in(stocktaking));
        if (given.what() == MoveGiven.What.COUNTED) {
            lot.know();
        }
        lots.moved(lot);
        return move.view(false);
    }

    /**
     * Takes a move by hand back; asked twice, once.
     *
     * @throws Refusal for what a run used: that is given back where it was done
     */
    MoveView undo(UUID id) {
        StockMove move = moves.findById(id).orElseThrow(() -> new NotKept("move", id));
        if (!move.isUndoable()) {
            throw Refusal.of(ServerCode.MOVE_OF_A_RUN, "id", null);
        }
        Lot lot = lots.held(move.lotId());
        if (move.isSplit()) {
            takeAway(move);
        }
        return moves.findByUndoes(id)
                .orElseGet(() -> {
                    StockMove back = moves.saveAndFlush(move.undone(now()));
                    lots.moved(lot);
                    return back;
                })
                .view(false);
    }

    /**
     * A length of wire becomes a lot of its own: what leaves the one comes to the other. Sent twice under one id, it is one offcut.
     *
     * @param id of the new lot
     * @throws Refusal where the lot is no wire, or holds less
     */
    Kept<LotData> offcut(UUID from, UUID id, double lengthMm) {
        Lot lot = lots.held(from);
        Optional<Kept<LotData>> before = lots.found(id);
        if (before.isPresent()) {
            return before.get();
        }
        LotData data = lots.get(from).data();
        if (!lot.kind().equals(WireLots.ID) || data.left() == null) {
            throw Refusal.of(ServerCode.NO_OFFCUT_OF_THIS, "lengthMm", lengthMm);
        }
        Checks.within("lengthMm", lengthMm, 1, Math.max(1, data.left()), Unit.MM, Remedy.MEASURE_WHAT_WAS_LEFT);
        moves.saveAndFlush(new StockMove(id, from, -lengthMm, StockMove.Why.SPLIT, now()).noted(LotCode.of(id)));
        lots.moved(lot);
        var facts = new TreeMap<>(data.facts());
        facts.put(WireLots.COMES_AS, WireLots.OFFCUT);
        facts.remove(WireLots.EACH);
        var cut = new LotData(
                WireLots.ID,
                Words.shortened(data.name() + ", offcut"),
                facts,
                lengthMm,
                data.unitPrice(),
                data.boughtOn(),
                data.useBy(),
                null,
                null,
                data.place(),
                "");
        return lots.put(id, new Edit<>(null, cut));
    }

    /** An offcut goes back to where it was cut from, as long as it is whole. */
    private void takeAway(StockMove split) {
        Kept<LotData> offcut = lots.get(split.id());
        if (offcut.deleted()) {
            return;
        }
        if (!Double.valueOf(-split.amount()).equals(offcut.data().left())) {
            throw Refusal.of(ServerCode.OFFCUT_IN_USE, "id", null);
        }
        lots.delete(offcut.id(), offcut.version());
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
