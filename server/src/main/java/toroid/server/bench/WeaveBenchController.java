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
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.Rows;
import toroid.server.weave.PieceAnswers;
import toroid.server.weave.WeaveJobData;
import toroid.server.weave.WeaveJobs;

@RestController
class WeaveBenchController {
    private final WeaveJobs jobs;
    private final WeaveRuns runs;

    private final Efforts efforts;

    WeaveBenchController(WeaveJobs jobs, WeaveRuns runs, Efforts efforts) {
        this.efforts = efforts;
        this.jobs = jobs;
        this.runs = runs;
    }

    /**
     * A weave job in hand.
     *
     * @param weave its weave's name
     * @param runId the latest run, open or finished; null when none was begun
     * @param step steps done in it
     * @param steps how many there are; 0 when it cannot be made
     * @param ring which ring comes next, from 1; 0 while rings are closed and opened beforehand, or all are in
     * @param rings how many come in
     * @param total rings of the piece
     * @param count how often the current step has been done
     * @param refusal why it cannot be made; null when it can
     */
    record WeaveInHand(
            @NotNull Kept<WeaveJobData> job,
            @NotNull String weave,
            UUID runId,
            @NotNull boolean finished,
            @NotNull int step,
            @NotNull int steps,
            @NotNull int ring,
            @NotNull int rings,
            @NotNull int total,
            @NotNull int preClosed,
            @NotNull int opened,
            @NotNull int count,
            String refusal) {}

    @GetMapping("/api/bench/weaves")
    List<WeaveInHand> bench() {
        return efforts.answer(() -> Rows.each(
                LatestRun.each(jobs.all(), runs.all()),
                one -> inHand(one.job(), one.run() == null ? null : one.run().read()),
                (one, reason) -> notInHand(one.job(), reason)));
    }

    @PostMapping("/api/weave-jobs/{id}/runs")
    Kept<WeaveRunData> start(@PathVariable UUID id) {
        return efforts.answer(() -> runs.start(id));
    }

    @GetMapping("/api/weave-runs/{id}")
    Kept<WeaveRunData> run(@PathVariable UUID id) {
        return runs.get(id);
    }

    @PutMapping("/api/weave-runs/{id}")
    Kept<RunProgress> progress(@PathVariable UUID id, @RequestBody @Valid Edit<RunProgress> edit) {
        return runs.progress(id, edit);
    }

    @GetMapping("/api/weave-runs/{id}/piece")
    PieceAnswers.PieceView piece(@PathVariable UUID id) {
        return efforts.answer(() -> runs.piece(id));
    }

    /**
     * What was seen of a run's piece so far.
     *
     * @param ringsIn steps of the assembly done
     */
    record RunDiagnosisQuestion(
            @NotNull int ringsIn, @NotNull List<PieceAnswers.@Valid SeenAnswer> answers) {}

    @PostMapping("/api/weave-runs/{id}/diagnose")
    PieceAnswers.DiagnosisAnswer diagnose(@PathVariable UUID id, @RequestBody @Valid RunDiagnosisQuestion question) {
        return efforts.answer(() -> runs.piece(id).diagnosed(question.ringsIn(), question.answers()));
    }

    private WeaveInHand inHand(Kept<WeaveJobData> job, Kept<WeaveRunData> run) {
        WeaveRunPlan plan = run != null ? run.data().plan() : runs.planFor(job.data());
        int step = run == null ? 0 : run.data().step();
        return new WeaveInHand(
                job,
                plan.weave(),
                run == null ? null : run.id(),
                run != null && run.data().finishedAt() != null,
                step,
                plan.length(),
                plan.ringAt(step),
                plan.assemblySteps(),
                plan.total(),
                plan.preClosed(),
                plan.opened(),
                run == null ? 0 : run.data().counts().getOrDefault(step, 0),
                null);
    }

    private static WeaveInHand notInHand(Kept<WeaveJobData> job, String reason) {
        return new WeaveInHand(job, job.data().weaveId(), null, false, 0, 0, 0, 0, 0, 0, 0, 0, reason);
    }
}
