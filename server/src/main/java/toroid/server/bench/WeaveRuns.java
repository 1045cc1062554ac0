package toroid.server.bench;

import java.time.Clock;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import toroid.server.store.Kept;
import toroid.server.weave.PieceAnswers.PieceView;
import toroid.server.weave.PieceWorkshop;
import toroid.server.weave.WeaveJobData;
import toroid.server.weave.WeaveJobs;
import toroid.server.wire.Spools;

/** Runs of weave jobs. */
@Service
public class WeaveRuns extends RunKeeper<WeaveRun, WeaveRunPlan, WeaveRunData> {
    private final WeaveJobs jobs;
    private final PieceWorkshop workshop;
    private final FrozenPieces pieces;

    WeaveRuns(
            WeaveRunRepository repository,
            WeaveJobs jobs,
            PieceWorkshop workshop,
            FrozenPieces pieces,
            Spools spools,
            RunJson json,
            Clock clock) {
        super(repository, WeaveRunPlan.class, spools, json, clock);
        this.jobs = jobs;
        this.workshop = workshop;
        this.pieces = pieces;
    }

    /** The plan a run of that job would have now. */
    @Transactional(propagation = Propagation.SUPPORTS)
    public WeaveRunPlan planFor(WeaveJobData job) {
        return WeaveRunPlan.of(job, workshop.nameOf(job.weaveId()), workshop.assembly(job.weaveId(), job));
    }

    @Override
    protected void freeze(Kept<WeaveRunData> run) {
        pieces.of(run);
    }

    /** The piece a run is of, ring by ring, as it stood when the run began. */
    @Transactional(propagation = Propagation.SUPPORTS)
    public PieceView piece(UUID id) {
        return pieces.of(get(id));
    }

    @Override
    protected WeaveRun blank() {
        return new WeaveRun();
    }

    @Override
    protected WeaveRunPlan plan(UUID jobId) {
        return planFor(jobs.get(jobId).data());
    }

    @Override
    protected WeaveRunData told(WeaveRun run, WeaveRunPlan plan, Map<Integer, Integer> counts) {
        return new WeaveRunData(
                run.jobId(),
                plan,
                WeaveRunPlan.FIRST,
                run.step(),
                plan.length(),
                counts,
                run.createdAt(),
                run.finishedAt(),
                run.note());
    }
}
