package toroid.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.bench.JobThread;
import toroid.core.bench.RingStep;
import toroid.server.effort.Efforts;
import toroid.server.ring.RingJobData;
import toroid.server.ring.RingJobs;
import toroid.server.ring.RingSizes;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.Rows;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;

@RestController
class BenchController {
    private final RingJobs jobs;
    private final Spools spools;
    private final Runs runs;

    private final Efforts efforts;

    BenchController(RingJobs jobs, Spools spools, Runs runs, Efforts efforts) {
        this.efforts = efforts;
        this.jobs = jobs;
        this.spools = spools;
        this.runs = runs;
    }

    /**
     * A job in hand.
     *
     * @param sizes the ring, as planned now or as the run was planned; null when {@code refusal} says why it cannot be made
     * @param thread how far each stage is
     * @param run the latest run, open or finished; null when none was begun
     * @param step the open run's current step; null when none is open
     * @param count how often that step has been done
     * @param steps how many steps there are
     * @param wireMm wire of the whole job
     * @param shortMm wire the spool lacks for it; 0 when enough or not known
     */
    record JobInHand(
            @NotNull Kept<RingJobData> job,
            RingSizes sizes,
            @NotNull String metal,
            @NotNull Map<JobThread.Stage, JobThread.State> thread,
            UUID runId,
            @NotNull boolean finished,
            RingStep step,
            @NotNull int stepIndex,
            @NotNull int count,
            @NotNull int steps,
            @NotNull double wireMm,
            @NotNull double shortMm,
            String refusal) {}

    @GetMapping("/api/bench")
    List<JobInHand> bench() {
        return efforts.answer(() -> Rows.each(
                LatestRun.each(jobs.all(), runs.all()),
                one -> inHand(one.job(), one.run() == null ? null : one.run().read()),
                (one, reason) -> notInHand(one.job(), reason)));
    }

    @PostMapping("/api/ring-jobs/{id}/runs")
    Kept<RunData> start(@PathVariable UUID id) {
        return efforts.answer(() -> runs.start(id));
    }

    @GetMapping("/api/ring-jobs/{id}/plan")
    RunPlan plan(@PathVariable UUID id) {
        return efforts.answer(() -> runs.planFor(jobs.get(id).data()));
    }

    @GetMapping("/api/runs/{id}")
    Kept<RunData> run(@PathVariable UUID id) {
        return runs.get(id);
    }

    @PutMapping("/api/runs/{id}")
    Kept<RunProgress> progress(@PathVariable UUID id, @RequestBody @Valid Edit<RunProgress> edit) {
        return runs.progress(id, edit);
    }

    private JobInHand inHand(Kept<RingJobData> job, Kept<RunData> run) {
        RunPlan plan = run != null ? run.data().plan() : runs.planFor(job.data());
        int done = run == null ? 0 : run.data().step();
        boolean finished = run != null && run.data().finishedAt() != null;
        double wire = plan.wireUsedMm(plan.steps().size());
        double toDo = wire - plan.wireUsedMm(done);
        boolean open = run != null && !finished;
        return new JobInHand(
                job,
                plan.sizes(),
                plan.job().metal(),
                JobThread.ofRingJob(job.data().spoolId() != null, plan.steps(), run == null ? -1 : done),
                run == null ? null : run.id(),
                finished,
                open ? plan.steps().get(done) : null,
                done,
                open ? run.data().counts().getOrDefault(done, 0) : 0,
                plan.steps().size(),
                wire,
                shortMm(job.data(), toDo),
                null);
    }

    private static JobInHand notInHand(Kept<RingJobData> job, String reason) {
        return new JobInHand(
                job,
                null,
                job.data().metal(),
                JobThread.ofRingJob(false, List.of(), 0),
                null,
                false,
                null,
                0,
                0,
                0,
                0,
                0,
                reason);
    }

    private double shortMm(RingJobData job, double neededMm) {
        if (job.spoolId() == null) {
            return 0;
        }
        SpoolData spool = spools.get(job.spoolId()).data();
        return spool.lengthLeftMm() == null ? 0 : Math.max(0, neededMm - spool.lengthLeftMm());
    }
}
