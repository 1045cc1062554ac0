package toroid.server.tool;

import java.time.Clock;
import org.springframework.stereotype.Service;
import toroid.server.store.Keeper;

/** Keeps the mandrels. */
@Service
public class Mandrels extends Keeper<Mandrel, MandrelData> {
    Mandrels(MandrelRepository repository, Clock clock) {
        super("mandrel", repository, clock);
    }

    @Override
    protected Mandrel blank() {
        return new Mandrel();
    }

    @Override
    protected void fill(Mandrel mandrel, MandrelData data) {
        mandrel.fill(data);
    }

    @Override
    protected MandrelData dataOf(Mandrel mandrel) {
        return mandrel.data();
    }

    @Override
    protected void check(MandrelData data) {
        data.check();
    }
}
