package toroid.server.ring;

import java.time.Clock;
import org.springframework.stereotype.Service;
import toroid.server.store.Keeper;
import toroid.server.wire.Spools;

/** Keeps the ring jobs. */
@Service
public class RingJobs extends Keeper<RingJob, RingJobData> {
    private final Spools spools;

    RingJobs(RingJobRepository repository, Spools spools, Clock clock) {
        super("ring job", repository, clock);
        this.spools = spools;
    }

    @Override
    protected RingJob blank() {
        return new RingJob();
    }

    @Override
    protected void fill(RingJob job, RingJobData data) {
        job.fill(data);
    }

    @Override
    protected RingJobData dataOf(RingJob job) {
        return job.data();
    }

    @Override
    protected void check(RingJobData data) {
        data.check();
        spools.demand(data.spoolId());
    }
}
