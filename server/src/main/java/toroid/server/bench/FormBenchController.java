package toroid.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import toroid.server.effort.Efforts;
import toroid.server.form.FormAnswer;
import toroid.server.form.FormInMaking;
import toroid.server.form.FormJobData;
import toroid.server.form.FormJobs;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.Rows;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;

@RestController
class FormBenchController {
    private final FormJobs jobs;
    private final FormRuns runs;
    private final Spools spools;

    private final Efforts efforts;

    FormBenchController(FormJobs jobs, FormRuns runs, Spools spools, Efforts efforts) {
        this.efforts = efforts;
        this.jobs = jobs;
        this.runs = runs;
        this.spools = spools;
    }

    /**
     * A form job in hand.
     *
     * @param run the latest run, open or finished; null when none was begun
     * @param step the open run's current step; null when none is open
     * @param wires what is cut for one piece; none when it cannot be made
     * @param piecesDone pieces finished
     * @param wireMm wire of the job's own spool for all pieces
     * @param shortMm wire that spool lacks; 0 when enough or not known
     * @param refusal why it cannot be made; null when it can
     */
    record FormInHand(
            @NotNull Kept<FormJobData> job,
            @NotNull String form,
            @NotNull String metal,
            @NotNull double wireDiameterMm,
            @NotNull List<FormRunPlan.Cut> wires,
            UUID runId,
            @NotNull boolean finished,
            FormAnswer.Step step,
            @NotNull int place,
            @NotNull int places,
            @NotNull int count,
            @NotNull int times,
            @NotNull int piecesDone,
            @NotNull double wireMm,
            @NotNull double shortMm,
            String refusal) {}

    @GetMapping("/api/bench/forms")
    List<FormInHand> bench() {
        return efforts.answer(() -> Rows.each(
                LatestRun.each(jobs.all(), runs.all()),
                one -> inHand(one.job(), one.run() == null ? null : one.run().read()),
                (one, reason) -> notInHand(one.job(), reason)));
    }

    @PostMapping("/api/form-jobs/{id}/runs")
    Kept<FormRunData> start(@PathVariable UUID id) {
        return efforts.answer(() -> runs.start(id));
    }

    @GetMapping("/api/form-runs/{id}")
    Kept<FormRunData> run(@PathVariable UUID id) {
        return runs.get(id);
    }

    @GetMapping("/api/form-runs/{id}/form")
    FormInMaking form(@PathVariable UUID id) {
        return efforts.answer(() -> runs.form(id));
    }

    @PutMapping("/api/form-runs/{id}")
    Kept<RunProgress> progress(@PathVariable UUID id, @RequestBody @Valid Edit<RunProgress> edit) {
        return runs.progress(id, edit);
    }

    private FormInHand inHand(Kept<FormJobData> job, Kept<FormRunData> run) {
        FormRunPlan plan = run != null ? run.data().plan() : runs.planFor(job.data());
        var rhythm = plan.rhythm();
        int place = run == null ? 0 : run.data().place();
        boolean finished = run != null && run.data().finishedAt() != null;
        boolean open = run != null && !finished;
        double toDo = plan.wireMm() - plan.wireUsedMm(place);
        return new FormInHand(
                job,
                plan.form(),
                plan.metal(),
                plan.wireDiameterMm(),
                plan.wires(),
                run == null ? null : run.id(),
                finished,
                open ? plan.steps().get(rhythm.stepAt(place)) : null,
                place,
                rhythm.places(),
                open ? run.data().counts().getOrDefault(place, 0) : 0,
                open ? rhythm.timesAt(place) : 0,
                rhythm.piecesDone(place),
                plan.wireMm(),
                shortMm(job.data(), toDo),
                null);
    }

    private static FormInHand notInHand(Kept<FormJobData> job, String reason) {
        FormJobData data = job.data();
        return new FormInHand(
                job,
                data.formId(),
                data.metal(),
                data.wireDiameterMm(),
                List.of(),
                null,
                false,
                null,
                0,
                0,
                0,
                0,
                0,
                0,
                0,
                reason);
    }

    private double shortMm(FormJobData job, double neededMm) {
        if (job.spoolId() == null) {
            return 0;
        }
        SpoolData spool = spools.get(job.spoolId()).data();
        return spool.lengthLeftMm() == null ? 0 : Math.max(0, neededMm - spool.lengthLeftMm());
    }
}
