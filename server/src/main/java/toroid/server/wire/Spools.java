package toroid.server.wire;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.core.stock.kind.WireLots;
import toroid.server.stock.LotChanged;
import toroid.server.stock.LotData;
import toroid.server.stock.Lots;
import toroid.server.store.Edit;
import toroid.server.store.Keeping;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;

/** The lots of wire, as whoever bends it sees them. */
@Service
@Transactional
public class Spools implements Keeping<SpoolData> {
    private final Lots lots;
    private final ApplicationEventPublisher events;

    Spools(Lots lots, ApplicationEventPublisher events) {
        this.lots = lots;
        this.events = events;
    }

    @Override
    @Transactional(readOnly = true)
    public List<Kept<SpoolData>> all() {
        return lots.all(WireLots.ID).stream().map(Spools::spool).toList();
    }

    /** @throws NotKept when there is none, or it is no wire */
    @Override
    @Transactional(readOnly = true)
    public Kept<SpoolData> get(UUID id) {
        return spool(wire(id));
    }

    private Kept<LotData> wire(UUID id) {
        return found(id).orElseThrow(() -> new NotKept("spool", id));
    }

    private Optional<Kept<LotData>> found(UUID id) {
        return lots.found(id).filter(lot -> lot.data().kind().equals(WireLots.ID));
    }

    private static Kept<SpoolData> spool(Kept<LotData> lot) {
        return lot.with(SpoolData.of(lot.data()));
    }

    /** What a lot is told by besides, stays as it is. */
    @Override
    public Kept<SpoolData> put(UUID id, Edit<SpoolData> edit) {
        SpoolData said = edit.data();
        said.check();
        LotData before = found(id)
                .map(Kept::data)
                .orElseGet(() ->
                        new LotData(WireLots.ID, said.name(), Map.of(), null, null, null, null, null, null, "", ""));
        return spool(lots.put(id, new Edit<>(edit.version(), said.in(before))));
    }

    @Override
    public Kept<SpoolData> delete(UUID id, int version) {
        wire(id);
        return spool(lots.delete(id, version));
    }

    @Override
    public Kept<SpoolData> restore(UUID id) {
        wire(id);
        return spool(lots.restore(id));
    }

    /** What was worked out in a wire may come out otherwise once the wire is told otherwise. */
    @EventListener
    void changed(LotChanged lot) {
        if (lot.kind().equals(WireLots.ID)) {
            events.publishEvent(new WireChanged(lot.lot()));
        }
    }

    /** @throws Refusal when {@code id} is given and is no spool in stock */
    @Transactional(readOnly = true)
    public void demand(UUID id) {
        if (id != null && found(id).isEmpty()) {
            throw Refusal.of(ServerCode.NO_SUCH_SPOOL, "spoolId", id);
        }
    }
}
