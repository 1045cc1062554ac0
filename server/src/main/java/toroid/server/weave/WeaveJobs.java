package toroid.server.weave;

import java.time.Clock;
import org.springframework.stereotype.Service;
import toroid.core.numeric.Refusal;
import toroid.server.store.Keeper;
import toroid.server.wire.Spools;

/** Keeps the weave jobs. */
@Service
public class WeaveJobs extends Keeper<WeaveJob, WeaveJobData> {
    private final Spools spools;
    private final WeaveFiles files;

    WeaveJobs(WeaveJobRepository repository, Spools spools, WeaveFiles files, Clock clock) {
        super("weave job", repository, clock);
        this.spools = spools;
        this.files = files;
    }

    /** @throws Refusal while a piece on the bench is made of that weave: its steps would be lost with it */
    void demandUnused(String weaveId) {
        long pieces = all().stream()
                .filter(job -> job.data().weaveId().equals(weaveId))
                .count();
        if (pieces > 0) {
            throw Refusal.of(
                    "weave-in-use",
                    "weave",
                    weaveId,
                    "%d piece%s on the bench %s made of this weave."
                            .formatted(pieces, pieces == 1 ? "" : "s", pieces == 1 ? "is" : "are"),
                    "Take those away first.");
        }
    }

    @Override
    protected WeaveJob blank() {
        return new WeaveJob();
    }

    @Override
    protected void fill(WeaveJob job, WeaveJobData data) {
        job.fill(data);
    }

    @Override
    protected WeaveJobData dataOf(WeaveJob job) {
        return job.data();
    }

    @Override
    protected void check(WeaveJobData data) {
        data.check();
        files.byId(data.weaveId());
        spools.demand(data.spoolId());
    }
}
