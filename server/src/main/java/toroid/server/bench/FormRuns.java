package toroid.server.bench;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import toroid.server.form.FormAnswer;
import toroid.server.form.FormInMaking;
import toroid.server.form.FormJobData;
import toroid.server.form.FormJobs;
import toroid.server.form.FormWorkshop;
import toroid.server.store.Kept;
import toroid.server.wire.Spools;

/** Runs of form jobs: wire is used as it is cut. */
@Service
public class FormRuns extends RunKeeper<FormRun, FormRunPlan, FormRunData> {
    private final FormJobs jobs;
    private final FormWorkshop workshop;
    private final FrozenForms forms;

    FormRuns(
            FormRunRepository repository,
            FormJobs jobs,
            FormWorkshop workshop,
            FrozenForms forms,
            Spools spools,
            RunJson json,
            Clock clock) {
        super(repository, FormRunPlan.class, spools, json, clock);
        this.jobs = jobs;
        this.workshop = workshop;
        this.forms = forms;
    }

    @Override
    protected void freeze(Kept<FormRunData> run) {
        forms.of(run);
    }

    /** The form a run is of, its marks and its shape after every step, as they stood when the run began. */
    @Transactional(propagation = Propagation.SUPPORTS)
    public FormInMaking form(UUID id) {
        return forms.of(get(id));
    }

    /** The plan a run of that job would have now. */
    @Transactional(propagation = Propagation.SUPPORTS)
    public FormRunPlan planFor(FormJobData job) {
        FormAnswer answer = workshop.answer(job.formId(), job.question());
        int perGroup = switch (job.rhythm()) {
            case BATCH -> job.pieces();
            case TANDEM -> Math.min(2, job.pieces());
            case ONE_BY_ONE -> 1;
        };
        List<FormRunPlan.Cut> wires = answer.wires().stream()
                .map(w -> new FormRunPlan.Cut(
                        w.name(),
                        w.metal(),
                        w.diameterMm(),
                        w.lengthInPieceMm(),
                        w.lengthToCutMm(),
                        (w.firstTailMm() + w.secondTailMm()) / job.tailFactor()))
                .toList();
        return new FormRunPlan(
                job,
                answer.name(),
                answer.metal(),
                answer.wireDiameterMm(),
                answer.steps(),
                wires,
                perGroup,
                FormRunPlan.Finished.of(answer.notes()));
    }

    @Override
    protected FormRun blank() {
        return new FormRun();
    }

    @Override
    protected FormRunPlan plan(UUID jobId) {
        return planFor(jobs.get(jobId).data());
    }

    @Override
    protected FormRunData told(FormRun run, FormRunPlan plan, Map<Integer, Integer> counts) {
        return new FormRunData(
                run.jobId(),
                plan,
                run.step(),
                plan.length(),
                counts,
                run.wireUsedMm(),
                run.createdAt(),
                run.finishedAt(),
                run.note());
    }
}
