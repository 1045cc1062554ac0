package toroid.server.form;

import java.time.Clock;
import org.springframework.stereotype.Service;
import toroid.server.store.Keeper;
import toroid.server.wire.Spools;

/** Keeps the form jobs. */
@Service
public class FormJobs extends Keeper<FormJob, FormJobData> {
    private final Spools spools;

    FormJobs(FormJobRepository repository, Spools spools, Clock clock) {
        super("form job", repository, clock);
        this.spools = spools;
    }

    @Override
    protected FormJob blank() {
        return new FormJob();
    }

    @Override
    protected void fill(FormJob job, FormJobData data) {
        job.fill(data);
    }

    @Override
    protected FormJobData dataOf(FormJob job) {
        return job.data();
    }

    @Override
    protected void check(FormJobData data) {
        data.check();
        spools.demand(data.spoolId());
    }
}
