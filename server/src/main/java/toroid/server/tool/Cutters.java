package toroid.server.tool;

import java.time.Clock;
import org.springframework.stereotype.Service;
import toroid.server.store.Keeper;

/** Keeps the blades and cutters. */
@Service
public class Cutters extends Keeper<Cutter, CutterData> {
    Cutters(CutterRepository repository, Clock clock) {
        super("cutter", repository, clock);
    }

    @Override
    protected Cutter blank() {
        return new Cutter();
    }

    @Override
    protected void fill(Cutter cutter, CutterData data) {
        cutter.fill(data);
    }

    @Override
    protected CutterData dataOf(Cutter cutter) {
        return cutter.data();
    }

    @Override
    protected void check(CutterData data) {
        data.check();
    }
}
