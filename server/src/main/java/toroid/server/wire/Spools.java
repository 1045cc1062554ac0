package toroid.server.wire;

import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.server.store.Keeper;
import toroid.server.store.NotKept;

/** Keeps the spools. */
@Service
public class Spools extends Keeper<Spool, SpoolData> {
    Spools(SpoolRepository repository, Clock clock) {
        super("spool", repository, clock);
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
        return spool.data();
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
            throw Refusal.of(
                    "no-such-spool", "spoolId", id.toString(), "That spool is not in stock.", "Choose another.");
        }
    }

    /** Takes wire off a spool whose length is known; a negative length puts it back. */
    public void take(UUID id, double lengthMm) {
        Spool spool = find(id);
        spool.take(lengthMm);
        save(spool);
    }
}
