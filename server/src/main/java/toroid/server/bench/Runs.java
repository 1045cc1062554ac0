package toroid.server.bench;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.bench.RingStep;
import toroid.core.bench.RingSteps;
import toroid.server.ring.RingJobData;
import toroid.server.ring.RingJobs;
import toroid.server.ring.RingSizes;
import toroid.server.ring.RingWorkshop;
import toroid.server.ring.WorkedJob;
import toroid.server.wire.Spools;

/** Runs of ring jobs: wire is used as each coil is wound. */
@Service
public class Runs extends RunKeeper<RingRun, RunPlan, RunData> {
    private final RingJobs jobs;
    private final RingWorkshop workshop;

    Runs(RingRunRepository repository, RingJobs jobs, RingWorkshop workshop, Spools spools, RunJson json, Clock clock) {
        super(repository, RunPlan.class, spools, json, clock);
        this.jobs = jobs;
        this.workshop = workshop;
    }

    /** The steps a run of that job would have now. */
    @Transactional(propagation = Propagation.SUPPORTS)
    public RunPlan planFor(RingJobData job) {
        return planOf(workshop.work(job));
    }

    private static RunPlan planOf(WorkedJob worked) {
        var winding = worked.data().winding();
        List<RingStep> steps = RingSteps.of(
                worked.work(),
                worked.plan(),
                worked.data().temper(),
                winding == RingJobData.Winding.POWERED,
                winding == RingJobData.Winding.CARRIED);
        return new RunPlan(
                worked.data(), RingSizes.of(worked.work()), worked.plan().coils(), steps);
    }

    @Override
    protected RingRun blank() {
        return new RingRun();
    }

    @Override
    protected RunPlan plan(UUID jobId) {
        return planFor(jobs.get(jobId).data());
    }

    @Override
    protected RunData told(RingRun run, RunPlan plan, Map<Integer, Integer> counts) {
        return new RunData(
                run.jobId(), plan, run.step(), counts, run.wireUsedMm(), run.createdAt(), run.finishedAt(), run.note());
    }
}
