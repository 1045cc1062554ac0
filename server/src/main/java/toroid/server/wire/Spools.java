package toroid.server.wire;

import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import toroid.server.store.Keeper;

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

    /** Takes wire off a spool whose length is known; a negative length puts it back. */
    public void take(UUID id, double lengthMm) {
        Spool spool = find(id);
        spool.take(lengthMm);
        save(spool);
    }
}
