package toroid.server.ring;

import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import toroid.core.numeric.Refusal;
import toroid.server.store.Keeper;
import toroid.server.store.NotKept;
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
        if (data.spoolId() != null) {
            checkSpool(data.spoolId());
        }
    }

    private void checkSpool(UUID spoolId) {
        try {
            spools.get(spoolId);
        } catch (NotKept missing) {
            throw Refusal.of(
                    "no-such-spool", "spoolId", spoolId.toString(), "That spool is not in stock.", "Choose another.");
        }
    }
}
